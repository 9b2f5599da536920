import { Project, type Workspace } from 'epanet-js';
import type { Filter } from '@/core/filter/filter';
import { fluidAt } from '@/core/hydraulics/fluid';
import { boreInside, HOSE_ROUGHNESS, hoseLine, type Branch } from '@/core/hydraulics/hoseHead';
import { pumpCurve } from '@/core/hydraulics/pumpHead';

const LITRE_PER_SECOND = 1e-3;
/** Kinematic viscosity that EPANET’s relative viscosity refers to, m²/s (1.1e-5 ft²/s). */
const REFERENCE_VISCOSITY = 1.1e-5 * 0.3048 ** 2;
/** EN_FLOW of EPANET’s toolkit. */
const FLOW = 8;

/** The network as EPANET reads it: litres per second, metres, millimetres. */
function network(filter: Filter, packHead: (flow: number) => number, celsius: number): string {
  const line = hoseLine(filter);
  const { hoses } = filter;
  if (line === null || hoses === null) throw new Error('No hoses.');
  const fluid = fluidAt(celsius);
  const bore = boreInside(hoses) * 1e3;
  const roughness = HOSE_ROUGHNESS[hoses.inside] * 1e3;
  const pump = pumpCurve(filter);
  const free = pump.freeFlow;
  const at = (flow: number, head: number): string =>
    `${(flow / LITRE_PER_SECOND).toPrecision(12)} ${head.toPrecision(12)}`;
  const pumpPoints =
    filter.pump.head.by === 'curve'
      ? filter.pump.head.points.map(({ flow, head }) => at(flow, head))
      : [0, 0.5, 1].map((share) => at(share * free, Math.max(0, pump.headAt(share * free))));
  const packPoints = Array.from({ length: 400 }, (_, step) => {
    const flow = (free * 1.02 * step) / 399;
    return at(flow, packHead(flow));
  });
  const pipes = (id: string, ends: string, branches: readonly Branch[]): string =>
    branches
      .map(({ length, fittings }, no) => `${id}${no} ${ends} ${length} ${bore} ${roughness} ${fittings} Open`)
      .join('\n');
  return `[JUNCTIONS]
J1 0 0
J2 0 0
J3 0 0
[RESERVOIRS]
R1 0
R2 0
[PIPES]
${pipes('I', 'R1 J1', line.intakes)}
${pipes('O', 'J3 R2', line.outlets)}
[PUMPS]
PU J1 J2 HEAD PC
[VALVES]
V J2 J3 ${bore} GPV VC 0
[CURVES]
${pumpPoints.map((point) => `PC ${point}`).join('\n')}
${packPoints.map((point) => `VC ${point}`).join('\n')}
[OPTIONS]
UNITS LPS
HEADLOSS D-W
VISCOSITY ${fluid.viscosity / fluid.density / REFERENCE_VISCOSITY}
ACCURACY 0.00001
TRIALS 500
[END]
`;
}

/**
 * Flow of a canister as EPANET finds it, m³/s: reservoir, Darcy–Weisbach pipe, pump, a valve with the pack’s curve,
 * pipe, reservoir. Only for checks and benchmarks.
 *
 * @param workspace loaded already
 * @param packHead m of water at m³/s
 */
export function epanetFlow(
  workspace: Workspace,
  filter: Filter,
  packHead: (flow: number) => number,
  celsius: number,
): number {
  workspace.writeFile('filter.inp', network(filter, packHead, celsius));
  const project = new Project(workspace);
  project.open('filter.inp', 'report.rpt', 'out.bin');
  project.solveH();
  const flow = project.getLinkValue(project.getLinkIndex('PU'), FLOW) * LITRE_PER_SECOND;
  project.close();
  return flow;
}
