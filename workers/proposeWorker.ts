import { expose } from 'comlink';
import type { Layer } from '@/core/layers/layer';
import { evaluateFinalist, type Finalist } from '@/core/propose/evaluateFinalist';
import { proposeFault, type ProposeFault } from '@/core/propose/proposeFault';
import type { ProposeInput } from '@/core/propose/proposeInput';
import { searchPacks, type SearchSlice, type SearchPart } from '@/core/propose/search';
import type { Effort } from '@/core/propose/effort';
import { rehearseSearch } from './rehearseSearch';

let search: Generator<SearchSlice, void> | null = null;

/** A search for packs, away from the page: slice by slice, so that another can be begun at any time. */
const api = {
  /** Gets ready to search, while nobody asks. */
  rehearse(): void {
    rehearseSearch();
  },
  /** Begins a search in place of the one before; says why where nothing can be proposed. */
  begin(input: ProposeInput, effort: Effort, share: SearchPart): ProposeFault | null {
    const fault = proposeFault(input);
    search = fault === null ? searchPacks(input, effort, share) : null;
    return fault;
  },
  /** The next slice of the search; null when it has come to its end. */
  next(): SearchSlice | null {
    const slice = search?.next();
    return slice === undefined || slice.done === true ? null : slice.value;
  },
  /** A pack worked out to the end. */
  finalist(input: ProposeInput, layers: readonly Layer[]): Finalist {
    return evaluateFinalist(input, layers);
  },
};
export type ProposeApi = typeof api;

expose(api);
