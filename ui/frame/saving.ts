import type { Autosave } from '../state/useAutosave';

/** What the head of a sheet needs to know of a document that saves itself. */
export type Saving = Pick<
  Autosave<unknown>,
  'state' | 'takeTheirs' | 'keepMine' | 'asides' | 'setAside' | 'tryAside' | 'dropAside'
>;
