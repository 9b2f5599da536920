import type { Filter } from './filter';
import { isCanister, isInternal, isHangOnBack } from './kindFamily';
import type { PartsSeen, SmallPart } from './smallPart';

/** A part to look at: what to look for, and what its fault brings. */
export interface PartCheck {
  readonly part: SmallPart;
  readonly name: string;
  readonly look: string;
  readonly causes: string;
}

const CHECKS: Readonly<Record<SmallPart, Omit<PartCheck, 'part'>>> = {
  seal: {
    name: 'Seal and its groove',
    look: 'Clean, not nipped, a film of silicone grease, nothing in the groove.',
    causes: 'A nipped, dry or dirty seal leaks: water on the floor.',
  },
  'motor seal': {
    name: 'Seal between motor and body',
    look: 'In its groove, soft, not pinched; the motor is turned home.',
    causes: 'A known leak: water runs down outside the tank, drop by drop.',
  },
  clips: {
    name: 'Lid clips',
    look: 'All there, none cracked, all shut with the same force.',
    causes: 'A loose clip lets the lid lift: leaks, and air in the head.',
  },
  impeller: {
    name: 'Impeller',
    look: 'Turns freely, blades whole, shaft not worn.',
    causes: 'A worn or fouled impeller gives weak flow, rattling, or does not start.',
  },
  'impeller well': {
    name: 'Impeller well',
    look: 'No slime, no snails, no grit.',
    causes: 'What lies in it wears the shaft and slows the pump.',
  },
  'intake tube': {
    name: 'Intake tube and strainer',
    look: 'No cracks, strainer clear. It goes on by its wider end.',
    causes: 'Forced on the wrong way it cracks and draws air; blocked it starves the pump.',
  },
  'suction cups': {
    name: 'Suction cups',
    look: 'Soft, and they hold.',
    causes: 'Hard cups let go: intake, outlet or the whole filter comes down.',
  },
  hoses: {
    name: 'Hoses inside',
    look: 'Brown film brushed out, no kinks.',
    causes: 'The film grows within weeks and costs flow.',
  },
  'hose collars': {
    name: 'Hose ends and collars',
    look: 'Pushed fully home, collars snug and not forced, in and out not swapped.',
    causes: 'A loose end leaks or draws air; swapped ends run the filter backwards.',
  },
  taps: {
    name: 'Taps',
    look: 'Open and shut all the way, no drip.',
    causes: 'Half shut they take the flow; worn they drip.',
  },
  'levelling foot': {
    name: 'Levelling foot',
    look: 'In its place; the body stands level.',
    causes: 'Without it the body leans back and spills over its back rim.',
  },
  lid: {
    name: 'Lid',
    look: 'Lies flat.',
    causes: 'A proud lid says the basket is overfull; water creeps out under it.',
  },
  'air bleed': {
    name: 'Air-bleed tube',
    look: 'In its place and clear.',
    causes: 'Without it trapped air stays under the lid and rattles through the pump.',
  },
  grid: {
    name: 'Grid over the last tray',
    look: 'In its place.',
    causes: 'Without it media gets into the impeller.',
  },
  packing: {
    name: 'The packing',
    look: 'Nothing left in it; media out of its plastic and still in its mesh.',
    causes: 'A part left in the box, or media in its wrapper, that no water reaches.',
  },
};

/**
 * The parts that this filter has, in the order in which they come to hand (common practice, no source).
 *
 * @param isNew new from its box: packing is looked for too
 */
export function smallParts(filter: Filter, isNew: boolean): PartCheck[] {
  const { kind, equipment } = filter;
  const has: Readonly<Record<SmallPart, boolean>> = {
    packing: isNew,
    taps: equipment.includes('taps'),
    hoses: filter.hoses !== null,
    'hose collars': filter.hoses !== null,
    seal: isCanister(kind),
    'motor seal': isHangOnBack(kind),
    clips: isCanister(kind),
    lid: isHangOnBack(kind),
    'levelling foot': isHangOnBack(kind) && filter.spill?.foot !== 'none',
    impeller: true,
    'impeller well': true,
    'intake tube': !isInternal(kind),
    'suction cups': !isHangOnBack(kind),
    'air bleed': equipment.includes('air bleed'),
    grid: equipment.includes('grid'),
  };
  return (Object.keys(has) as SmallPart[])
    .filter((part) => has[part])
    .map((part) => ({ part, ...CHECKS[part] }));
}

/**
 * What was seen of the parts of a filter, as far as it is still so: whether the levelling foot is there is said by the filter
 * itself, wherever it was entered.
 */
export function partsSeen({ spill }: Pick<Filter, 'spill'>, seen: PartsSeen): PartsSeen {
  const { 'levelling foot': foot, ...rest } = seen;
  if (spill?.foot === 'missing') return { ...rest, 'levelling foot': 'missing' };
  return foot === undefined ? rest : { ...rest, 'levelling foot': foot === 'missing' ? 'fine' : foot };
}

/** Parts that need replacing: worn or missing, in the order in which they come to hand. */
export const faultyParts = (
  filter: Filter,
  seen: PartsSeen,
): (PartCheck & { readonly state: 'worn' | 'missing' })[] => {
  const now = partsSeen(filter, seen);
  return smallParts(filter, false).flatMap((check) => {
    const state = now[check.part];
    return state === 'worn' || state === 'missing' ? [{ ...check, state }] : [];
  });
};
