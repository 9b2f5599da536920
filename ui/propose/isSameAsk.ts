import type { ProposeInput } from '@/core/propose/proposeInput';

/** True where two questions are alike in all that they ask. */
export const isSameAsk = (one: ProposeInput, other: ProposeInput): boolean =>
  JSON.stringify(one) === JSON.stringify(other);
