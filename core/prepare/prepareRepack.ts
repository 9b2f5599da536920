import { cutChanges, type CutChanges } from '../cut/afterCutting';
import { cutPlan, type CutGroup } from '../cut/cutPlan';
import type { CutPiece } from '../cut/cutPiece';
import { piecesToCut, type PlanPieces } from '../cut/piecesToCut';
import type { Filter } from '../filter/filter';
import type { Job } from '../job/job';
import type { Layer } from '../layers/layer';
import type { Shelf } from '../shelf/shelf';
import { addedShares } from './addedShares';
import { FILLED_KEY, isTakenToFill } from './afterFilling';
import { fills, type Fill } from './bags';
import { planProgramme } from './planProgramme';
import type { ProgrammeStep } from './programme';
import { listCost, shoppingList, type Need } from './shopping';

/** A repack that is got ready. */
export interface RepackPlan {
  readonly filter: Filter;
  readonly planned: readonly Layer[];
  /** Layers that were in the filter before; empty at a first pack. */
  readonly found: readonly Layer[];
  readonly job: Pick<Job, 'repackOn' | 'prepared' | 'cut' | 'parts'>;
}

/** Everything that is to be done before the filter is opened. */
export interface PreparedRepack {
  readonly pieces: PlanPieces;
  readonly changes: CutChanges;
  /** How what is missing is cut, with the pieces of other filters that are cut along. */
  readonly groups: readonly CutGroup[];
  readonly fills: readonly Fill[];
  /** Ids of layers of which nothing is new. */
  readonly there: ReadonlySet<string>;
  readonly needs: readonly Need[];
  /** What is bought costs; `unpriced`: how many things have no price. */
  readonly bill: { readonly known: number; readonly unpriced: number };
  readonly steps: readonly ProgrammeStep[];
}

/**
 * What a plan asks for before the filter is opened, with what the shelf has.
 *
 * @param along pieces of other filters that are cut from the same sheets
 */
export function prepareRepack(
  { filter, planned, found, job }: RepackPlan,
  shelf: Shelf,
  along: readonly CutPiece[],
): PreparedRepack {
  const pieces = piecesToCut(filter, planned, found, shelf, job.cut);
  const changes = cutChanges(job.cut, pieces.anew);
  const groups = cutPlan([...changes.missing, ...along], shelf);
  const poured = fills(filter, planned);
  const isTaken = job.prepared.some(({ key }) => key === FILLED_KEY);
  const needs = shoppingList(
    { filter, layers: planned, found, cuts: groups, fills: poured, parts: job.parts },
    shelf,
  ).filter((need) => !isTaken || !isTakenToFill(need));
  return {
    pieces,
    changes,
    groups,
    fills: poured,
    there: new Set(
      [...addedShares(filter, planned, found)].filter(([, share]) => share === 0).map(([id]) => id),
    ),
    needs,
    bill: listCost(needs),
    steps: planProgramme(filter, planned, found, job),
  };
}
