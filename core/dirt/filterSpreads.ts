import type { Filter } from '../filter/filter';

/**
 * How far what was assumed of a filter may be off, as a factor either way that about two thirds stay within
 * (calibrated): head of a pump that was not measured, or that a label gives, bore that a lining leaves, and the
 * fibres and struts of generic media.
 */
const HEAD_SPREAD = { assumed: 1.2, label: 1.05 } as const;
const BORE_SPREAD = { assumed: 1.08, entered: 1.03 } as const;
export const SOLID_SPREAD = 1.15;

/** Spreads of the head of a filter’s pump and of the bore of its hoses. */
export const filterSpreads = ({
  pump,
  assumed,
}: Filter): { readonly head: number; readonly bore: number } => ({
  head: pump.head.by === 'assumed' ? HEAD_SPREAD.assumed : HEAD_SPREAD.label,
  bore: assumed.includes('hoses') ? BORE_SPREAD.assumed : BORE_SPREAD.entered,
});
