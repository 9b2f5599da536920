import { isCanister, isHangOnBack } from '../filter/kindFamily';
import { shortCaution, type CautionId } from '../cautions/cautions';
import type { Symptom } from '../log/symptom';
import type { Cause, Check, FaultContext, FaultTable } from './faultTable';

/*
 * Causes in the trade’s order, likeliest first, with the check that distinguishes each from the others (common practice, no source).
 * Weights and likelihoods are calibrated: they put the trade’s order into numbers, and say how often a check misleads.
 */

const cause = (id: string, name: string, fix: string, ...cautions: CautionId[]): Cause => ({
  id,
  name,
  fix,
  caution: cautions.length === 0 ? null : shortCaution(...cautions),
});

type Weighted = readonly [Cause, number];

const USUALLY_SEEN = 0.92;
const HARDLY_SEEN = 0.05;

/** A check that is answered yes or no: yes is a sign of the causes named. */
const yesNo = (
  id: string,
  ask: string,
  minutes: number,
  signOf: Readonly<Record<string, number>>,
  more: { readonly opens?: boolean; readonly otherwise?: number; readonly group?: string } = {},
): Check => {
  const { opens = false, otherwise = HARDLY_SEEN, group = id } = more;
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
          'Fit the spare sponge and squeeze this one in old tank water. Brush the strainer.',
        ),
        0.28,
      ],
      hasFoam
        ? [
            cause(
              'foam',
              'The first foam is full',
              'Squeeze it in old tank water. Do not clean all the layers on the same day.',
              'plug',
            ),
            0.22 * near,
          ]
        : null,
      hasFloss ? [cause('floss', 'The floss is full', 'Replace it.', 'plug'), 0.15 * near] : null,
      [
        cause(
          'impeller',
          'The impeller is dirty or worn',
          'Take it out. Wipe it and its well. Check the shaft and blades, and replace what is worn.',
          'plug',
        ),
        0.14,
      ],
      hoses
        ? [
            cause(
              'hose',
              'The hoses are slimy inside or kinked',
              'Pull a brush through them and straighten any kinks.',
              'plug',
            ),
            0.1,
          ]
        : null,
      taps
        ? [cause('tap', 'A tap is half closed', 'Open it fully.'), 0.05 * (justPacked(context, 3) ? 4 : 1)]
        : null,
      canister
        ? [
            cause(
              'air',
              'Air is trapped in the filter head',
              'Tilt the filter back and forth until the bubbles stop. Then find where it draws in air.',
            ),
            0.06 * bled,
          ]
        : null,
    ],
    [
      yesNo(
        'sponge off',
        'Take the intake sponge or strainer off for a moment. Does the flow come back?',
        1,
        {
          intake: USUALLY_SEEN,
        },
      ),
      taps
        ? yesNo(
            'turn taps',
            'Turn each tap as far as it goes and back again. Does the flow change?',
            1,
            { tap: 0.95 },
            { otherwise: 0.03 },
          )
        : null,
      canister
        ? yesNo(
            'tilt',
            'Tilt the filter back and forth. Do bubbles come out, and does the flow improve?',
            1,
            {
              air: 0.85,
            },
          )
        : null,
      hoses
        ? yesNo(
            'hoses brown',
            'Look through the hoses. Are they brown inside, or kinked?',
            2,
            { hose: USUALLY_SEEN },
            { otherwise: 0.3 },
          )
        : null,
      hasFoam
        ? yesNo(
            'first out',
            'Run it for a minute without the first foam. Does the flow come back?',
            3,
            { foam: 0.9, floss: 0.15 },
            { opens: true },
          )
        : null,
      hasFloss
        ? yesNo(
            'floss out',
            'Run it for a minute without the floss. Does the flow come back?',
            2,
            { floss: USUALLY_SEEN, foam: 0.1 },
            { opens: true },
          )
        : null,
      yesNo(
        'pack out',
        'Run it for a minute without any media. Is the flow still weak?',
        5,
        { impeller: USUALLY_SEEN, hose: 0.9, tap: USUALLY_SEEN, air: 0.7, intake: 0.85 },
        { opens: true, otherwise: 0.08 },
      ),
      yesNo(
        'impeller look',
        'Take the impeller out. Is it slimy, stiff or worn?',
        4,
        { impeller: USUALLY_SEEN },
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
              'Take the top pad out and squeeze or replace it. Keep the media below the fill limit.',
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
              'Empty the filter and take it off the tank. Clean and grease the seal, then turn the motor until it locks.',
              'plug',
              'motor',
            ),
            0.2,
          ]
        : null,
      hang
        ? [
            cause('tilt', 'The filter leans back', 'Fit the levelling foot and hang the filter level.'),
            0.18 * (footMissing ? 4 : 1),
          ]
        : null,
      isCanister(filter.kind)
        ? [
            cause(
              'lid seal',
              'The lid seal is pinched, dry or dirty',
              'Clean the seal and its groove. Grease the seal with silicone grease and lay it in without a twist. Replace it if it is pinched.',
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
              'Push the hose on all the way and tighten the collar by hand. Cut off a hardened end.',
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
              'Clean and grease its seal, or replace it if it is worn.',
              'plug',
            ),
            0.15,
          ]
        : null,
      [
        cause(
          'splash',
          'Splashes, condensation or water spilt at the last service',
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
            'Look at the water in front of the media. Is it close to the rim?',
            1,
            { 'back rim': USUALLY_SEEN, tilt: 0.5 },
            { otherwise: 0.08 },
          )
        : null,
      hang
        ? yesNo(
            'leans',
            'Lay a spirit level on the rim, front to back. Does the filter lean back?',
            1,
            { tilt: 0.95 },
            { otherwise: 0.1 },
          )
        : null,
      yesNo(
        'top-up',
        'Did you top up more in the last week than usually evaporates?',
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
          'The basket is filled above its fill limit',
          'Take the top piece out or cut it thinner.',
          'plug',
        ),
        0.3 * (overfill > 0 ? 3 : 0.6),
      ],
      [
        cause(
          'foot',
          'The levelling foot is missing, or the filter leans',
          'Fit the foot and hang the filter level.',
        ),
        0.2 * (filter.spill?.foot === 'missing' ? 4 : 1),
      ],
      [
        cause(
          'clogged',
          'A layer is clogged',
          'Squeeze the foam in old tank water and replace the floss.',
          'plug',
        ),
        0.3 * near,
      ],
      [
        cause(
          'lid proud',
          'The lid does not lie flat, and water runs out along it',
          'Make the pack lower, so that the lid lies flat.',
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
        'Lay a spirit level on the rim. Does the filter lean back, or is the foot missing?',
        1,
        { foot: 0.95 },
        { otherwise: 0.08 },
      ),
      yesNo(
        'above stop',
        'Is the media above the moulded fill limit?',
        1,
        { overfull: 0.95, 'lid proud': 0.5 },
        { otherwise: 0.1 },
      ),
      yesNo(
        'dirty',
        'Is the top pad or the first foam brown all the way through?',
        2,
        { clogged: 0.9 },
        { otherwise: 0.25 },
      ),
      yesNo(
        'lid flat',
        'Does water run out along the edge of the lid?',
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
          'Lower the intake, top up the tank, push the hose ends on fully and tighten the collars by hand.',
        ),
        0.3,
      ],
      [
        cause(
          'air inside',
          'Air is trapped under the lid',
          'Tilt the filter back and forth, then let it run for a few minutes.',
        ),
        fresh ? 0.4 : 0.12,
      ],
      [
        cause(
          'impeller',
          'The impeller is worn or not seated',
          'Take it out and check the shaft, bearings and blades. Seat it properly, or replace it.',
          'plug',
        ),
        0.26,
      ],
      [
        cause(
          'grit',
          'Grit, a snail or a grain of media is in the pump',
          'Clean the impeller well. Put fine grains in a bag or on a grid.',
          'plug',
        ),
        0.14,
      ],
      [
        cause(
          'touches',
          'The filter or a pipe touches glass or wood',
          'Move it away, or put a soft mat in between.',
        ),
        0.12,
      ],
      filter.equipment.includes('spray bar') || hoses
        ? [cause('outlet', 'The outlet or spray bar splashes', 'Lower it below the surface.'), 0.1]
        : null,
    ],
    [
      yesNo(
        'hold off',
        'Hold the filter and pipes away from anything they touch. Is it quiet?',
        1,
        { touches: 0.93 },
        { otherwise: 0.06 },
      ),
      yesNo(
        'intake deep',
        'Hold the intake deeper for a minute. Does the noise stop?',
        2,
        { 'draws air': 0.7 },
        { otherwise: 0.06 },
      ),
      yesNo(
        'tilt free',
        'Tilt the filter back and forth. Do bubbles come out, and is it quieter afterwards?',
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
        'Does the noise come from the outlet, and stop when you hold it under water?',
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
        'Is there grit, a snail or a grain of media in the impeller well?',
        1,
        { grit: USUALLY_SEEN },
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
          'Dust from new media',
          'It settles within hours. Add floss. Next time, rinse new media until the water runs clear.',
        ),
        fresh ? 0.35 : 0.03,
      ],
      [
        cause(
          'shed',
          'Slime and dirt loosened during the service',
          'Harmless. It settles within minutes to hours. Add floss if it bothers you.',
        ),
        fresh ? 0.25 : 0.05,
      ],
      [
        cause(
          'bloom',
          'A bacterial bloom',
          'Test ammonia, feed less and change water. It clears within days.',
          'animals',
        ),
        fresh ? 0.2 : 0.18,
      ],
      [
        cause(
          'full',
          'The mechanical layers are full and let dirt through',
          'Squeeze the foam and replace the floss.',
          'plug',
        ),
        0.35 * near * (fresh ? 0.3 : 1),
      ],
      [
        cause(
          'around',
          'Water goes around the media',
          'Cut the pieces wall to wall, close any gaps and seat the trays properly.',
          'plug',
        ),
        0.25 * gaps,
      ],
    ],
    [
      yesNo('ammonia', 'Test ammonia. Is it higher than usual?', 4, { bloom: 0.65 }, { otherwise: 0.12 }),
      {
        id: 'look',
        ask: 'Hold a glass of the water to the light. What is it like?',
        minutes: 2,
        opens: false,
        group: 'look',
        outcomes: [
          'Milky, and stays milky',
          'Fine powder that sinks in hours',
          'Brown flakes',
          'Single specks',
        ],
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
        'Has it cleared by itself within a day?',
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
        'Open the filter. Is there a clean stripe or a dirt track along a wall?',
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
          'Dirt is rotting in the filter',
          'Squeeze the mechanical layers in old tank water, change some water, and clean more often.',
          'plug',
        ),
        0.4 * near,
      ],
      [
        cause('stood', 'The filter was off for hours', 'Empty and rinse it before it runs again.', 'stale'),
        0.2,
      ],
      [
        cause(
          'dead',
          'A dead animal or rotting food lies in the tank',
          'Take it out, change some water and feed less.',
          'skin',
        ),
        0.3,
      ],
      [
        cause(
          'substrate',
          'The substrate is rotting',
          'Leave planted parts alone; clean bare parts a section at a time.',
        ),
        0.1,
      ],
    ],
    [
      yesNo(
        'power cut',
        'In the last few days, was the power or the filter off for several hours?',
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
        'Smell the water from the outlet, then the water in the tank. Is the outlet worse?',
        1,
        { rots: 0.75, stood: 0.85 },
        { otherwise: 0.1 },
      ),
      yesNo(
        'gas',
        'Stir the substrate in one spot with a stick. Do bad-smelling bubbles rise?',
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
          'The filter has no power',
          'Check the plug, switch, timer and circuit breaker in turn.',
          'electrician',
        ),
        0.35,
      ],
      [
        cause('jammed', 'The impeller is jammed', 'Take it out, clean the well and turn it by hand.', 'plug'),
        0.3,
      ],
      [
        cause('dry', 'The filter is not full of water', 'Fill and prime it until the hoses are full.', 'dry'),
        fresh ? 0.35 : 0.12,
      ],
      [cause('broken', 'The impeller’s shaft or magnet is broken', 'Replace the impeller.', 'plug'), 0.1],
      [
        cause(
          'motor',
          'The motor has failed',
          'Replace the motor. Keep the mature media under water or in another running filter.',
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
        'Put a hand on the filter. Does it hum or shake?',
        1,
        { jammed: 0.8, dry: 0.6, broken: 0.7, 'no power': 0.02, motor: 0.15 },
        { otherwise: 0.5 },
      ),
      yesNo(
        'water in',
        filter.hoses === null
          ? 'Look inside the filter. Is the water level low?'
          : 'Look at the hoses. Is there air in them?',
        1,
        { dry: 0.92 },
        { otherwise: 0.1 },
      ),
      yesNo(
        'turns',
        'Take the impeller out. Is it stiff, or is something in the well?',
        4,
        { jammed: USUALLY_SEEN, broken: 0.3 },
        { opens: true, otherwise: 0.08 },
      ),
      yesNo(
        'shaft',
        'Look at the shaft, blades and magnet. Is anything broken?',
        1,
        { broken: USUALLY_SEEN },
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
