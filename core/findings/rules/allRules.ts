import type { Rule } from '../finding';
import { circulationAim } from './circulationAim';
import { foamGradeChoice } from './foamGradeChoice';
import { internalFoamChoice } from './internalFoamChoice';
import { mostMatureLeaves } from './mostMatureLeaves';
import { plasticParticles } from './plasticParticles';
import { zeoliteStays } from './zeoliteStays';
import { unexplainedFlow } from './unexplainedFlow';
import { spongeAlone } from './spongeAlone';
import { pumpCurveLabel } from './pumpCurveLabel';
import { packedBackwards } from './packedBackwards';
import { intakeDepth } from './intakeDepth';
import { fullTopTray } from './fullTopTray';
import { flowedOver } from './flowedOver';
import { blockedLayer } from './blockedLayer';
import { blockedSpill } from './blockedSpill';
import { carbonOnTap } from './carbonOnTap';
import { chemicalPlace } from './chemicalPlace';
import { bothJobs } from './bothJobs';
import { dirtyDownstream } from './dirtyDownstream';
import { emptySpace } from './emptySpace';
import { faultyPart } from './faultyPart';
import { flatCartridge } from './flatCartridge';
import { flossFirst } from './flossFirst';
import { footMissing } from './footMissing';
import { gradeOrder } from './gradeOrder';
import { intakeDraught } from './intakeDraught';
import { intakeGuard } from './intakeGuard';
import { longHoses } from './longHoses';
import { longTank } from './longTank';
import { looseWadding } from './looseWadding';
import { monthlyDeep } from './monthlyDeep';
import { nothingMechanical } from './nothingMechanical';
import { overDividers } from './overDividers';
import { overfill } from './overfill';
import { polishingPad } from './polishingPad';
import { settlementFirst } from './settlementFirst';
import { shortPiece } from './shortPiece';
import { spentMedium } from './spentMedium';
import { spills } from './spills';
import { spongeFit } from './spongeFit';
import { stageOrder } from './stageOrder';
import { standsBeside } from './standsBeside';
import { stillWrapped } from './stillWrapped';
import { streamAim } from './streamAim';
import { thinBag } from './thinBag';
import { tightGrains } from './tightGrains';
import { turnoverOut } from './turnoverOut';
import { unknownMedium } from './unknownMedium';
import { weakBiologicalMedia } from './weakBiologicalMedia';
import { wornPiece } from './wornPiece';

/** Rules that speak of what is nowhere in the pack: silent until every chamber is known. */
export const OF_WHOLE_PACK: ReadonlySet<Rule> = new Set([
  nothingMechanical,
  polishingPad,
  bothJobs,
  foamGradeChoice,
  internalFoamChoice,
  weakBiologicalMedia,
]);

/**
 * Every rule the app knows; a new one is a file and a line here. Findings are ranked by level and effect; the order
 * here settles ties.
 */
export const RULES: readonly Rule[] = [
  overfill,
  spills,
  mostMatureLeaves,
  footMissing,
  faultyPart,
  stillWrapped,
  shortPiece,
  flowedOver,
  overDividers,
  packedBackwards,
  stageOrder,
  gradeOrder,
  polishingPad,
  nothingMechanical,
  dirtyDownstream,
  fullTopTray,
  blockedLayer,
  turnoverOut,
  unexplainedFlow,
  chemicalPlace,
  carbonOnTap,
  monthlyDeep,
  spentMedium,
  thinBag,
  looseWadding,
  tightGrains,
  flatCartridge,
  wornPiece,
  emptySpace,
  bothJobs,
  foamGradeChoice,
  internalFoamChoice,
  zeoliteStays,
  plasticParticles,
  weakBiologicalMedia,
  intakeGuard,
  intakeDraught,
  spongeFit,
  spongeAlone,
  intakeDepth,
  pumpCurveLabel,
  standsBeside,
  longHoses,
  longTank,
  streamAim,
  circulationAim,
  settlementFirst,
  flossFirst,
  blockedSpill,
  unknownMedium,
];
