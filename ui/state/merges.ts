'use client';
import type { DocumentOf } from '@/formats/documents/documentKinds';
import type { SavedKind } from './documentRef';

/** Joins what was changed here and elsewhere since `base`; null: that is not known. */
type Merge<T> = (base: T | null, mine: T, theirs: T) => T;

/**
 * Documents that several devices work on at once: no question is asked, all that was done is kept. Loaded when two have met,
 * which needs an app that answers.
 */
export const MERGES: { readonly [K in SavedKind]?: () => Promise<Merge<DocumentOf<K>>> } = {
  job: () => import('@/core/job/mergeJobs').then(({ mergeJobs }) => mergeJobs),
};
