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
    name: 'Lid seal and its groove',
    look: 'Clean, not pinched, with a thin coat of silicone grease and nothing in the groove.',
    causes: 'A pinched, dry or dirty seal leaks onto the floor.',
  },
  'motor seal': {
    name: 'Seal between motor and body',
    look: 'Soft, in its groove and not pinched. The motor is turned until it locks.',
    causes: 'A common leak: water drips down the outside of the tank.',
  },
  clips: {
    name: 'Lid clips',
    look: 'None missing or cracked. All close equally firmly.',
    causes: 'A loose clip lets the lid lift, so water leaks and air gets into the filter head.',
  },
  impeller: {
    name: 'Impeller',
    look: 'Turns freely, blades whole, shaft not worn.',
    causes: 'A worn or dirty impeller makes the flow weak, rattles or does not start.',
  },
  'impeller well': {
    name: 'Impeller well',
    look: 'No slime, no snails, no grit.',
    causes: 'Dirt in it wears the shaft and slows the pump.',
  },
  'intake tube': {
    name: 'Intake tube and strainer',
    look: 'No cracks, and the strainer is clear. The wider end goes onto the filter.',
    causes:
      'Forced on the wrong way round it cracks and draws in air. Blocked, it starves the pump of water.',
  },
  'suction cups': {
    name: 'Suction cups',
    look: 'Soft, and holding firmly.',
    causes: 'Hard cups let go, and the intake, the outlet or the whole filter falls.',
  },
  hoses: {
    name: 'Hoses inside',
    look: 'Brown slime brushed out, no kinks.',
    causes: 'Slime grows within weeks and slows the flow.',
  },
  'hose collars': {
    name: 'Hose ends and collars',
    look: 'Pushed on all the way, collars tightened by hand, “in” and “out” not swapped.',
    causes: 'A loose end leaks or draws in air. Swapped hoses run the filter backwards.',
  },
  taps: {
    name: 'Taps',
    look: 'Open and close all the way, without dripping.',
    causes: 'Half closed, they slow the flow. Worn, they drip.',
  },
  'levelling foot': {
    name: 'Levelling foot',
    look: 'In place, and the filter is level.',
    causes: 'Without it the filter leans back and spills over its back rim.',
  },
  lid: {
    name: 'Lid',
    look: 'Flat on the filter.',
    causes: 'A lid that does not lie flat means the basket is too full. Water runs out under it.',
  },
  'air bleed': {
    name: 'Air-bleed tube',
    look: 'In place and not blocked.',
    causes: 'Without it, air stays trapped under the lid and rattles in the pump.',
  },
  grid: {
    name: 'Grid over the last tray',
    look: 'In its place.',
    causes: 'Without it, media gets into the impeller.',
  },
  packing: {
    name: 'The packing',
    look: 'No parts left in the box. Media out of its plastic, but still in its mesh bag.',
    causes: 'A part left in the box is missing from the filter. No water gets through wrapped media.',
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
 * What was seen of the parts of a filter, as far as it is still so: whether the levelling foot is there is known from the filter
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
