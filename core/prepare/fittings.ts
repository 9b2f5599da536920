import type { Filter } from '../filter/filter';

/** A hose, tube or small part that is cut or counted besides media. Lengths m. */
export interface Fitting {
  readonly what: string;
  readonly length: number | null;
  readonly count: number;
}

/** Suction cups for each tube or bar in the tank (common practice, no source). */
const CUPS = 2;

/** Hoses, tubes and the cups and joints that hold them. */
export function fittings({
  hoses,
  intakes,
  outlets,
  equipment,
}: Pick<Filter, 'hoses' | 'intakes' | 'outlets' | 'equipment'>): Fitting[] {
  const bars = equipment.includes('spray bar') ? outlets.length : 0;
  return [
    ...(hoses === null
      ? []
      : [
          { what: 'Hose from the tank to the filter', length: hoses.intake, count: intakes.length },
          { what: 'Hose back to the tank', length: hoses.outlet, count: outlets.length },
        ]),
    ...intakes.flatMap(({ depth }) =>
      depth === null ? [] : [{ what: 'Intake tube below the water line', length: depth, count: 1 }],
    ),
    ...(hoses === null
      ? []
      : [{ what: 'Suction cups', length: null, count: CUPS * (intakes.length + outlets.length) }]),
    ...(bars === 0 ? [] : [{ what: 'Spray bar joints and end caps', length: null, count: 2 * bars }]),
  ];
}
