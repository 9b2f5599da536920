import type { Filter } from '../filter/filter';
import { isCanister, isHangOnBack } from '../filter/kindFamily';

/**
 * What hides in the packing of a new filter, and what of it stays (common practice, no source).
 */
export function firstPackCheck({ kind, equipment }: Pick<Filter, 'kind' | 'equipment'>): string[] {
  return [
    'Take the media out of its plastic packing and leave it in its mesh.',
    'Look under and inside the trays: small parts are packed there.',
    ...(isHangOnBack(kind)
      ? [
          'The levelling foot is a small part, often taped to the packing: without it the filter leans and spills at the back.',
          'Extension tubes for the intake lie loose in the box; the intake must reach a little above the substrate.',
        ]
      : []),
    ...(isCanister(kind)
      ? [
          'The impeller may be held by a piece of foam or card for the journey: take it out.',
          'The lid’s seal may lie in a bag of its own: grease it and lay it in its groove.',
          'Hoses, suction cups and the spray bar’s end cap are often in the lowest tray.',
        ]
      : []),
    ...(equipment.includes('UV lamp')
      ? ['The lamp’s sleeve is wrapped: unwrap it, and leave no fingerprints.']
      : []),
    'Rinse everything that touches the water, and use no soap.',
  ];
}
