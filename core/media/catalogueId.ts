import type { Medium } from './medium';

/** Id of the medium in the catalogue that this one is, or is like: tells what it looks like and how it is handled. */
export const catalogueId = ({ id, like }: Pick<Medium, 'id' | 'like'>): string => like ?? id;
