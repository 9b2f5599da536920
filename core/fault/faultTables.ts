import { isCanister, isHangOnBack } from '../filter/kindFamily';
import { shortCaution, type CautionId } from '../job/cautions';
import type { Symptom } from '../job/symptom';
import type { Cause, Check, FaultContext, FaultTable } from './faultTable';

/*
 * Causes in the trade’s order, likeliest first, with the check that tells each from the others (common practice, no source).
 * Weights and likelihoods are calibrated: they put the trade’s order into numbers, and say how often a check misleads.
 */

const cause = (id: string, name: string, fix: string, ...cautions: CautionId[]): Cause => ({
  id,
  name,
  fix,
  caution: cautions.length === 0 ? null : shortCaution(...cautions),
});

type Weighted = readonly [Cause, number];

const SEEN = 0.92;
const HARDLY = 0.05;

/** A check that is answered yes or no: yes is a sign of the causes named. */
const yesNo = (
  id: string,
  ask: string,
  minutes: number,
  signOf: Readonly<Record<string, number>>,
  more: { readonly opens?: boolean; readonly otherwise?: number; readonly group?: string } = {},
): Check => {
  const { opens = false, otherwise = HARDLY, group = id } = more;
  return {
    id,
    ask,
    minutes,
    opens,
    group,
    outcomes: ['Yes', 'No'],
    given: Object.fromEntries(Object.entries(signOf).map(([name, yes]) => [name, [yes, 1 - yes]])),
    otherwise: [otherwise, 1 - otherwise],
  };
};

/** How near its service a pack is, as a factor on what clogs: a fresh pack is rarely full, an overdue one often. */
function nearService({ sincePacked, serviceDay }: FaultContext): number {
  if (sincePacked === null) return 1;
  const share = sincePacked / (serviceDay ?? 365);
  return Math.min(2.5, Math.max(0.3, 0.3 + 1.2 * share));
}

const justPacked = ({ sincePacked }: FaultContext, days: number): boolean =>
  sincePacked !== null && sincePacked <= days;

function weakFlow(context: FaultContext): FaultTable {
  const { filter, hasFoam, hasFloss } = context;
  const near = nearService(context);
  const hoses = filter.hoses !== null;
  const taps = filter.equipment.includes('taps');
  const canister = isCanister(filter.kind);
  const bled = justPacked(context, 3) ? 3 : 1;
  return table(
    [
      [
        cause(
          'intake',
          'The intake strainer or sponge is blocked',
          'Swap in the spare sponge, squeeze this one in old tank water; brush the strainer.',
        ),
        0.28,
      ],
      hasFoam
        ? [
            cause(
              'foam',
              'The first foam is full',
              'Squeeze it in old tank water. Not all mechanical and biological layers on one day.',
              'plug',
            ),
            0.22 * near,
          ]
        : null,
      hasFloss ? [cause('floss', 'The floss is full', 'Replace it.', 'plug'), 0.15 * near] : null,
      [
        cause(
          'impeller',
          'The impeller is fouled or worn',
          'Take it out, wipe impeller and well, look at shaft and blades; replace what is worn.',
          'plug',
        ),
        0.14,
      ],
      hoses
        ? [
            cause(
              'hose',
              'The hoses are furred or kinked',
              'Pull a brush through them; lay them without kinks.',
              'plug',
            ),
            0.1,
          ]
        : null,
      taps
        ? [cause('tap', 'A tap is half shut', 'Open it to its end.'), 0.05 * (justPacked(context, 3) ? 4 : 1)]
        : null,
      canister
        ? [
            cause(
              'air',
              'Air is locked in the head',
              'Tilt the body to and fro until no more bubbles come; look where it draws air.',
            ),
            0.06 * bled,
          ]
        : null,
    ],
    [
      yesNo('sponge off', 'Lift the intake sponge or strainer off for a moment. Is the flow back?', 1, {
        intake: SEEN,
      }),
      taps
        ? yesNo(
            'turn taps',
            'Turn each tap to its end and back. Does the flow change?',
            1,
            { tap: 0.95 },
            { otherwise: 0.03 },
          )
        : null,
      canister
        ? yesNo('tilt', 'Tilt the body to and fro. Do bubbles come, and the flow with them?', 1, {
            air: 0.85,
          })
        : null,
      hoses
        ? yesNo(
            'hoses brown',
            'Look through the hoses. Are they brown inside, or kinked?',
            2,
            { hose: SEEN },
            { otherwise: 0.3 },
          )
        : null,
      hasFoam
        ? yesNo(
            'first out',
            'Run it for a minute with the first foam out. Is the flow back?',
            3,
            { foam: 0.9, floss: 0.15 },
            { opens: true },
          )
        : null,
      hasFloss
        ? yesNo(
            'floss out',
            'Run it for a minute with the floss out. Is the flow back?',
            2,
            { floss: SEEN, foam: 0.1 },
            { opens: true },
          )
        : null,
      yesNo(
        'pack out',
        'Run it for a minute with the whole pack out. Is the flow still weak?',
        5,
        { impeller: SEEN, hose: 0.9, tap: SEEN, air: 0.7, intake: 0.85 },
        { opens: true, otherwise: 0.08 },
      ),
      yesNo(
        'impeller look',
        'Take the impeller out. Is it slimy, stiff or worn?',
        4,
        { impeller: SEEN },
        { opens: true, otherwise: 0.15 },
      ),
    ],
  );
}

function onTheFloor({ filter, overfill }: FaultContext): FaultTable {
  const hang = isHangOnBack(filter.kind);
  const hoses = filter.hoses !== null;
  const footMissing = filter.spill?.foot === 'missing';
  return table(
    [
      hang
        ? [
            cause(
              'back rim',
              'Water spills over the back rim',
              'Take the top pad out, squeeze or replace it; keep the media below the stop.',
              'plug',
            ),
            0.35 * (overfill > 0 ? 2 : 1),
          ]
        : null,
      hang
        ? [
            cause(
              'motor seal',
              'The seal between motor and body leaks',
              'Empty the body, take it off the tank, clean and grease the seal, turn the motor home.',
              'plug',
              'motor',
            ),
            0.2,
          ]
        : null,
      hang
        ? [
            cause('tilt', 'The body leans back', 'Put the levelling foot in and hang the body level.'),
            0.18 * (footMissing ? 4 : 1),
          ]
        : null,
      isCanister(filter.kind)
        ? [
            cause(
              'lid seal',
              'The seal of the lid is nipped, dry or dirty',
              'Clean seal and groove, grease with silicone grease, lay it in without a twist; replace a nipped one.',
              'plug',
            ),
            0.42,
          ]
        : null,
      hoses
        ? [
            cause(
              'hose end',
              'A hose end or its collar leaks',
              'Push the hose fully home, collar snug and not forced; cut a hardened end off.',
              'plug',
            ),
            0.3,
          ]
        : null,
      filter.equipment.includes('taps')
        ? [
            cause(
              'tap drips',
              'A tap or coupling drips',
              'Clean and grease its seal; replace a worn one.',
              'plug',
            ),
            0.15,
          ]
        : null,
      [
        cause(
          'splash',
          'Splash, condensation or a spill from the last work',
          'Dry everything and look again tomorrow.',
        ),
        0.12,
      ],
      [
        cause(
          'crack',
          'The body or the tank is cracked',
          'Empty what is cracked, and replace it.',
          'cracked',
        ),
        0.03,
      ],
    ],
    [
      {
        id: 'tissue',
        ask: 'Dry everything and lay a tissue under each joint for ten minutes. Which tissue is damp?',
        minutes: 4,
        opens: false,
        group: 'tissue',
        outcomes: [
          hang ? 'At the back rim' : 'Under the lid',
          hang ? 'Under the motor' : 'At a hose end',
          'At a tap or coupling',
          'None',
        ],
        given: {
          'back rim': [0.8, 0.05, 0.02, 0.13],
          tilt: [0.75, 0.05, 0.02, 0.18],
          'motor seal': [0.05, 0.85, 0.02, 0.08],
          'lid seal': [0.85, 0.05, 0.03, 0.07],
          'hose end': [0.05, hang ? 0.05 : 0.8, 0.08, 0.07],
          'tap drips': [0.04, 0.06, 0.83, 0.07],
          splash: [0.04, 0.04, 0.02, 0.9],
          crack: [0.15, 0.15, 0.05, 0.65],
        },
        otherwise: [0.25, 0.25, 0.25, 0.25],
      },
      hang
        ? yesNo(
            'level high',
            'Look at the water before the pack. Does it stand close to the rim?',
            1,
            { 'back rim': SEEN, tilt: 0.5 },
            { otherwise: 0.08 },
          )
        : null,
      hang
        ? yesNo(
            'leans',
            'Lay a level on the rim, front to back. Does the body lean back?',
            1,
            { tilt: 0.95 },
            { otherwise: 0.1 },
          )
        : null,
      yesNo(
        'top-up',
        'Was more topped up in the last week than usually dries off?',
        1,
        { splash: 0.1 },
        { otherwise: 0.75 },
      ),
    ],
  );
}

function atTheRim({ filter, overfill, sincePacked, serviceDay }: FaultContext): FaultTable {
  const near = nearService({ sincePacked, serviceDay } as FaultContext);
  return table(
    [
      [
        cause(
          'overfull',
          'The basket is filled above its stop',
          'Take the top piece out or cut it thinner.',
          'plug',
        ),
        0.3 * (overfill > 0 ? 3 : 0.6),
      ],
      [
        cause(
          'foot',
          'The levelling foot is missing or the body leans',
          'Put the foot in and hang the body level.',
        ),
        0.2 * (filter.spill?.foot === 'missing' ? 4 : 1),
      ],
      [
        cause(
          'clogged',
          'A layer is clogged',
          'Squeeze the foam in old tank water, replace the floss.',
          'plug',
        ),
        0.3 * near,
      ],
      [
        cause(
          'lid proud',
          'The lid stands proud and leads the water out',
          'Lay the lid flat; make the pack lower.',
        ),
        0.1,
      ],
    ],
    [
      yesNo(
        'top pad',
        'Take the top pad out. Does the level drop at once?',
        2,
        { clogged: 0.75, overfull: 0.85 },
        { otherwise: 0.1 },
      ),
      yesNo(
        'foot there',
        'Lay a level on the rim. Does the body lean back, or is the foot missing?',
        1,
        { foot: 0.95 },
        { otherwise: 0.08 },
      ),
      yesNo(
        'above stop',
        'Does the media stand above the moulded stop?',
        1,
        { overfull: 0.95, 'lid proud': 0.5 },
        { otherwise: 0.1 },
      ),
      yesNo(
        'dirty',
        'Is the pad on top, or the first foam, brown through and through?',
        2,
        { clogged: 0.9 },
        { otherwise: 0.25 },
      ),
      yesNo(
        'lid flat',
        'Does water creep out along the edge of the lid?',
        1,
        { 'lid proud': 0.9 },
        { otherwise: 0.08 },
      ),
    ],
  );
}

function noise(context: FaultContext): FaultTable {
  const { filter } = context;
  const fresh = justPacked(context, 3);
  const hoses = filter.hoses !== null;
  return table(
    [
      [
        cause(
          'draws air',
          'Air is drawn in at the intake or a hose end',
          'Intake deeper, water topped up, hose ends home, collars snug.',
        ),
        0.3,
      ],
      [
        cause(
          'air inside',
          'Air is left under the lid',
          'Tilt the body to and fro; let it run for some minutes.',
        ),
        fresh ? 0.4 : 0.12,
      ],
      [
        cause(
          'impeller',
          'The impeller is worn or does not sit',
          'Take it out, look at shaft, bearings and blades; seat it, or replace it.',
          'plug',
        ),
        0.26,
      ],
      [
        cause(
          'grit',
          'Grit, a snail or a grain of media is in the pump',
          'Clean the well; lay a grid or a bag under fine grains.',
          'plug',
        ),
        0.14,
      ],
      [
        cause('touches', 'The body or a pipe touches glass or wood', 'Free it, or lay a soft mat between.'),
        0.12,
      ],
      filter.equipment.includes('spray bar') || hoses
        ? [cause('outlet', 'The outlet or spray bar splashes', 'Let it down under the water.'), 0.1]
        : null,
    ],
    [
      yesNo(
        'hold off',
        'Hold the body and the pipes off what they touch. Is it quiet?',
        1,
        { touches: 0.93 },
        { otherwise: 0.06 },
      ),
      yesNo(
        'intake deep',
        'Hold the intake deeper for a minute. Is it quiet?',
        2,
        { 'draws air': 0.7 },
        { otherwise: 0.06 },
      ),
      yesNo(
        'tilt free',
        'Tilt the body to and fro. Do bubbles come, and is it quieter then?',
        2,
        { 'air inside': 0.9, 'draws air': 0.3 },
        { otherwise: 0.06 },
      ),
      yesNo(
        'bubbles stay',
        'Do fine bubbles come from the outlet all the time?',
        1,
        { 'draws air': 0.85, 'air inside': 0.4 },
        { otherwise: 0.06 },
      ),
      yesNo(
        'outlet sound',
        'Does the sound come from the outlet, and go when it is under water?',
        1,
        { outlet: 0.95 },
        { otherwise: 0.04 },
      ),
      yesNo(
        'impeller turn',
        'Take the impeller out. Is it worn, cracked or loose on its shaft?',
        4,
        { impeller: 0.9 },
        { opens: true, otherwise: 0.08 },
      ),
      yesNo(
        'well grit',
        'Is there grit, a snail or a grain in the well?',
        1,
        { grit: SEEN },
        { opens: true, otherwise: 0.08 },
      ),
    ],
  );
}

function cloudy(context: FaultContext): FaultTable {
  const fresh = justPacked(context, 7);
  const near = nearService(context);
  const gaps = (context.leastCover ?? 1) < 0.95 ? 2.5 : 1;
  return table(
    [
      [
        cause(
          'dust',
          'Dust of new media',
          'It settles in hours; run floss, and rinse new media until clear the next time.',
        ),
        fresh ? 0.35 : 0.03,
      ],
      [
        cause(
          'shed',
          'Film and dirt that were loosened at the service',
          'Harmless: it settles in minutes to hours; run floss.',
        ),
        fresh ? 0.25 : 0.05,
      ],
      [
        cause(
          'bloom',
          'A bloom of bacteria',
          'Test ammonia, feed less, change water; it clears in days.',
          'animals',
        ),
        fresh ? 0.2 : 0.18,
      ],
      [
        cause(
          'full',
          'The mechanical layers are full and pass dirt on',
          'Squeeze the foam, replace the floss.',
          'plug',
        ),
        0.35 * near * (fresh ? 0.3 : 1),
      ],
      [
        cause(
          'around',
          'Water goes around the media',
          'Cut the pieces wall to wall, close gaps, seat the trays.',
          'plug',
        ),
        0.25 * gaps,
      ],
    ],
    [
      yesNo('ammonia', 'Test ammonia. Is it above what is usual?', 4, { bloom: 0.65 }, { otherwise: 0.12 }),
      {
        id: 'look',
        ask: 'Hold a glass of the water to the light. What is it like?',
        minutes: 2,
        opens: false,
        group: 'look',
        outcomes: ['Milky, stays so', 'Fine powder that sinks in hours', 'Brown flakes', 'Single specks'],
        given: {
          dust: [0.1, 0.8, 0.02, 0.08],
          shed: [0.05, 0.2, 0.6, 0.15],
          bloom: [0.85, 0.07, 0.02, 0.06],
          full: [0.06, 0.12, 0.37, 0.45],
          around: [0.06, 0.14, 0.35, 0.45],
        },
        otherwise: [0.25, 0.25, 0.25, 0.25],
      },
      yesNo(
        'cleared',
        'Has it become clearer by itself within a day?',
        1,
        { dust: 0.85, shed: 0.9 },
        { otherwise: 0.12 },
      ),
      yesNo(
        'flow down',
        'Is the flow clearly lower than when it was clean?',
        3,
        { full: 0.8 },
        { otherwise: 0.2 },
      ),
      yesNo(
        'stripe',
        'Open it. Is there a clean stripe or a track of dirt along a wall?',
        3,
        { around: 0.85 },
        { opens: true, otherwise: 0.12 },
      ),
    ],
  );
}

function smelly(context: FaultContext): FaultTable {
  const near = nearService(context);
  return table(
    [
      [
        cause(
          'rots',
          'Dirt rots in the filter',
          'Squeeze the mechanical layers in old tank water, change water, clean them more often.',
          'plug',
        ),
        0.4 * near,
      ],
      [
        cause(
          'stood',
          'The filter stood still for hours',
          'Empty and rinse it before it runs again.',
          'stale',
        ),
        0.2,
      ],
      [
        cause(
          'dead',
          'A dead animal or rotting food lies in the tank',
          'Take it out, change water, feed less.',
          'skin',
        ),
        0.3,
      ],
      [
        cause(
          'substrate',
          'The substrate has gone foul',
          'Leave planted parts alone; clean bare parts a section at a time.',
        ),
        0.1,
      ],
    ],
    [
      yesNo(
        'power cut',
        'Was the power off, or the filter shut, for some hours in the last days?',
        1,
        { stood: 0.95 },
        { otherwise: 0.05 },
      ),
      yesNo(
        'count',
        'Count the animals and look behind the stones. Is one missing, or food left over?',
        4,
        { dead: 0.9 },
        { otherwise: 0.2 },
      ),
      yesNo(
        'outlet smell',
        'Smell the water at the outlet and that of the tank. Is the outlet worse?',
        1,
        { rots: 0.75, stood: 0.85 },
        { otherwise: 0.1 },
      ),
      yesNo(
        'gas',
        'Stir the substrate in one spot with a stick. Do foul bubbles rise?',
        2,
        { substrate: 0.9 },
        { otherwise: 0.1 },
      ),
    ],
  );
}

function doesNotStart(context: FaultContext): FaultTable {
  const { filter } = context;
  const fresh = justPacked(context, 2);
  return table(
    [
      [
        cause(
          'no power',
          'No power comes to it',
          'Plug, switch, timer, breaker: one after the other.',
          'electrician',
        ),
        0.35,
      ],
      [
        cause('jammed', 'The impeller is jammed', 'Take it out, clean the well, turn it by hand.', 'plug'),
        0.3,
      ],
      [
        cause('dry', 'It is not full of water', 'Fill and prime it until the hoses stand full.', 'dry'),
        fresh ? 0.35 : 0.12,
      ],
      [cause('broken', 'The impeller’s shaft or magnet is broken', 'Replace the impeller.', 'plug'), 0.1],
      [
        cause(
          'motor',
          'The motor has failed',
          'Replace it. Keep the mature media under water, or hang them in another running filter.',
          'motor housing',
          'electrician',
        ),
        0.12,
      ],
    ],
    [
      yesNo(
        'other plug',
        'Plug a lamp into the same socket. Does it stay dark?',
        1,
        { 'no power': 0.9 },
        { otherwise: 0.03 },
      ),
      yesNo(
        'hum',
        'Hold a hand on the body. Does it hum or shake?',
        1,
        { jammed: 0.8, dry: 0.6, broken: 0.7, 'no power': 0.02, motor: 0.15 },
        { otherwise: 0.5 },
      ),
      yesNo(
        'water in',
        filter.hoses === null
          ? 'Look into the body. Is water missing?'
          : 'Look at the hoses. Is air in them?',
        1,
        { dry: 0.92 },
        { otherwise: 0.1 },
      ),
      yesNo(
        'turns',
        'Take the impeller out. Is it stiff, or is something in the well?',
        4,
        { jammed: SEEN, broken: 0.3 },
        { opens: true, otherwise: 0.08 },
      ),
      yesNo(
        'shaft',
        'Look at shaft, blades and magnet. Is anything broken?',
        1,
        { broken: SEEN },
        { opens: true, otherwise: 0.06 },
      ),
    ],
  );
}

const table = (causes: readonly (Weighted | null)[], checks: readonly (Check | null)[]): FaultTable => ({
  causes: causes.flatMap((item) => (item === null ? [] : [{ ...item[0], weight: item[1] }])),
  checks: checks.filter((check) => check !== null),
});

const TABLES: Readonly<Record<Symptom, (context: FaultContext) => FaultTable>> = {
  'weak flow': weakFlow,
  'water on the floor': onTheFloor,
  'level at the rim': atTheRim,
  noise,
  'cloudy water': cloudy,
  'smelly water': smelly,
  'does not start': doesNotStart,
};

/** The causes of a symptom in this filter as it is now, and the checks that tell them apart. */
export const faultTable = (symptom: Symptom, context: FaultContext): FaultTable => TABLES[symptom](context);

/** Minutes that opening a body and closing it again cost (common practice, no source). */
export const openingMinutes = ({ filter: { kind } }: FaultContext): number =>
  isCanister(kind) ? 20 : isHangOnBack(kind) ? 3 : 6;

/** The symptoms that a filter can have. */
export const symptomsOf = (context: FaultContext): Symptom[] =>
  (Object.keys(TABLES) as Symptom[]).filter(
    (symptom) => symptom !== 'level at the rim' || isHangOnBack(context.filter.kind),
  );
