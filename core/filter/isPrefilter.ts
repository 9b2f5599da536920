import type { Chamber, Filter } from './filter';

/** True for a prefilter that is pulled out without opening the body. */
export const isPrefilter = ({ kind }: Pick<Filter, 'kind'>, chamber: Chamber): boolean =>
  kind === 'canister-prefilter' && chamber.lift.length === 0;
