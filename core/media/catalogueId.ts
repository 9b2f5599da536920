import type { Medium } from './medium';

/** Id of the medium in the catalogue that this one is, or is like: decides how it is drawn and handled. */
export const catalogueId = ({ id, like }: Pick<Medium, 'id' | 'like'>): string => like ?? id;
