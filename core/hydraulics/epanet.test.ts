import { Workspace } from 'epanet-js';
import { beforeAll, describe, expect, it } from 'vitest';
import { epanetFlow } from '@/reference/epanetFlow';
import type { Filter } from '../filter/filter';
import type { Hoses } from '../filter/hoses';
import { USUAL_HOSES } from '../filter/usualHoses';
import type { Intake } from '../filter/ports';
import { presetFilter } from '../filter/presetFilter';
import { placeLayers } from '../layers/placeLayers';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { operatingPoint, packHead } from './operatingPoint';
import { powerCurve } from './pumpHead';

/*
 * Source: epanet-js 0.9 (MIT), EPANET 2.2 in WebAssembly: the same pump, hoses and pack as a network of reservoir,
 * pump, Darcy–Weisbach pipes and a valve with the pack’s curve. It solves for the flow in its own way.
 */
const CELSIUS = 25;
const LITRES_PER_HOUR = 1e-3 / 3600;

interface System {
  readonly name: string;
  readonly labelFlow: number;
  readonly shutOff: number;
  /** Exponent of the pump curve; entered as points where it is not the app’s own. */
  readonly exponent: number;
  readonly hoses: Partial<Hoses>;
  readonly intakes?: readonly Pick<Intake, 'hose' | 'open'>[];
  readonly layers: readonly (readonly [medium: string, thickness: number])[];
}

const THIN = [['foam-15', 0.03]] as const;
const USUAL = [
  ['rings-dense', 0.04],
  ['foam-15', 0.03],
  ['foam-30', 0.03],
  ['floss-bonded', 0.02],
  ['porous-ceramic', 0.2],
] as const;
const THICK = [
  ['foam-45', 0.1],
  ['floss-loose', 0.1],
  ['resin', 0.08],
] as const;

const SYSTEMS: readonly System[] = [
  { name: 'usual canister', labelFlow: 1120, shutOff: 1.9, exponent: 1.5, hoses: {}, layers: USUAL },
  {
    name: 'clean hoses',
    labelFlow: 1120,
    shutOff: 1.9,
    exponent: 1.5,
    hoses: { inside: 'clean' },
    layers: USUAL,
  },
  {
    name: 'furred hoses',
    labelFlow: 1120,
    shutOff: 1.9,
    exponent: 1.5,
    hoses: { inside: 'furred' },
    layers: USUAL,
  },
  { name: 'thin pack', labelFlow: 2400, shutOff: 2.5, exponent: 1.5, hoses: { bore: 0.022 }, layers: THIN },
  { name: 'thick pack', labelFlow: 800, shutOff: 1.2, exponent: 1.5, hoses: {}, layers: THICK },
  {
    name: 'laminar, a long thin hose',
    labelFlow: 120,
    shutOff: 0.5,
    exponent: 1.5,
    hoses: { bore: 0.006, intake: 3, outlet: 3, inside: 'clean' },
    layers: THIN,
  },
  {
    name: 'between laminar and turbulent',
    labelFlow: 200,
    shutOff: 0.35,
    exponent: 1.5,
    hoses: { bore: 0.012, intake: 2.5, outlet: 2.5, inside: 'clean' },
    layers: THIN,
  },
  { name: 'straight pump curve', labelFlow: 900, shutOff: 1.5, exponent: 1, hoses: {}, layers: USUAL },
  {
    name: 'steep pump curve',
    labelFlow: 900,
    shutOff: 1.5,
    exponent: 2,
    hoses: { bends: 12 },
    layers: USUAL,
  },
  {
    name: 'long hoses',
    labelFlow: 1400,
    shutOff: 2,
    exponent: 1.5,
    hoses: { intake: 6, outlet: 6 },
    layers: USUAL,
  },
  {
    name: 'two intakes, one on a long hose, and a half-blocked strainer',
    labelFlow: 1400,
    shutOff: 2,
    exponent: 1.5,
    hoses: {},
    intakes: [
      { hose: null, open: 1 },
      { hose: 5, open: 0.5 },
    ],
    layers: USUAL,
  },
];

const POINTS = 12;

function filterOf({ labelFlow, shutOff, exponent, hoses, intakes }: System): Filter {
  const base = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
  const [tray] = base.chambers;
  const [port] = base.intakes;
  if (tray === undefined || port === undefined) throw new Error('No tray, or no intake.');
  const free = labelFlow * LITRES_PER_HOUR;
  const curve = powerCurve(shutOff, free, exponent);
  const points = Array.from({ length: POINTS }, (_, index) => {
    const flow = (free * index) / (POINTS - 1);
    return { flow, head: Math.max(0, curve.headAt(flow)) };
  });
  return {
    ...base,
    labelFlow: free,
    pump: {
      power: null,
      internalLoss: null,
      head: exponent === 1.5 ? { by: 'label', shutOff } : { by: 'curve', points },
    },
    hoses: { ...USUAL_HOSES, ...hoses },
    intakes: (intakes ?? [{}]).map((item) => ({ ...port, ...item })),
    chambers: [{ ...tray, id: 'c', shape: { form: 'box', length: 0.19, width: 0.19 }, depth: 1 }],
  };
}

describe('operating points against EPANET', () => {
  const workspace = new Workspace();
  beforeAll(() => workspace.loadModule());

  it.each(SYSTEMS)('$name: the same flow within 0.5 %', (system) => {
    const filter = filterOf(system);
    const layers: Layer[] = system.layers.map(([medium, thickness], index) =>
      plainLayer(`l${index}`, medium, 'c', thickness),
    );
    const placed = placeLayers(filter, layers);
    const own = operatingPoint(filter, placed, CELSIUS);
    const theirs = epanetFlow(workspace, filter, packHead(filter, placed, CELSIUS), CELSIUS);
    expect(own.flow).toBeGreaterThan(0);
    expect(Math.abs(own.flow / theirs - 1)).toBeLessThan(5e-3);
  });
});
