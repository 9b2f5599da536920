import type { FindingLevel } from '@/core/findings/findingLevel';

/** How grave a finding is, in a word. */
export const LEVEL_WORDS: Readonly<Record<FindingLevel, string>> = {
  urgent: 'Urgent',
  check: 'Check',
  note: 'Note',
};
