import type { Filter } from '../filter/filter';
import { isCanister, isHangOnBack } from '../filter/kindFamily';

/**
 * What hides in the packing of a new filter, and what of it stays (common practice, no source).
 */
export function firstPackCheck({ kind, equipment }: Pick<Filter, 'kind' | 'equipment'>): string[] {
  return [
    'Take the media out of its plastic packing, but leave it in its mesh bag.',
    'Look under and inside the trays for small parts.',
    ...(isHangOnBack(kind)
      ? [
          'Find the levelling foot, often taped to the packing. Without it the filter leans back and spills.',
          'Find the intake extension tubes, loose in the box. The intake must end a little above the substrate.',
        ]
      : []),
    ...(isCanister(kind)
      ? [
          'Take out any foam or card that held the impeller during transport.',
          'Find the lid seal, often in its own bag. Grease it and lay it in its groove.',
          'Look in the lowest tray for the hoses, suction cups and the spray bar’s end cap.',
        ]
      : []),
    ...(equipment.includes('UV lamp') ? ['Unwrap the UV lamp’s sleeve without touching the glass.'] : []),
    'Rinse everything that touches the water. Do not use soap.',
  ];
}
