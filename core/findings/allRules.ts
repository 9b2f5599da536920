import type { Rule } from './defineRule';
import { circulationAim } from './rules/circulationAim';
import { foamGradeChoice } from './rules/foamGradeChoice';
import { internalFoamChoice } from './rules/internalFoamChoice';
import { mostMatureLeaves } from './rules/mostMatureLeaves';
import { plasticParticles } from './rules/plasticParticles';
import { zeoliteStays } from './rules/zeoliteStays';
import { unexplainedFlow } from './rules/unexplainedFlow';
import { spongeAlone } from './rules/spongeAlone';
import { pumpCurveLabel } from './rules/pumpCurveLabel';
import { packedBackwards } from './rules/packedBackwards';
import { intakeDepth } from './rules/intakeDepth';
import { fullTopTray } from './rules/fullTopTray';
import { flowedOver } from './rules/flowedOver';
import { blockedLayer } from './rules/blockedLayer';
import { blockedSpill } from './rules/blockedSpill';
import { carbonOnTap } from './rules/carbonOnTap';
import { chemicalPlace } from './rules/chemicalPlace';
import { cartridgeOnly } from './rules/cartridgeOnly';
import { foamOnly } from './rules/foamOnly';
import { dirtyDownstream } from './rules/dirtyDownstream';
import { emptySpace } from './rules/emptySpace';
import { emptySpongePlace } from './rules/emptySpongePlace';
import { emptyWell } from './rules/emptyWell';
import { openBottom } from './rules/openBottom';
import { faultyPart } from './rules/faultyPart';
import { flatCartridge } from './rules/flatCartridge';
import { floatingPlants } from './rules/floatingPlants';
import { flossFirst } from './rules/flossFirst';
import { footMissing } from './rules/footMissing';
import { gradeOrder } from './rules/gradeOrder';
import { intakeDraught } from './rules/intakeDraught';
import { intakeGuard } from './rules/intakeGuard';
import { longHoses } from './rules/longHoses';
import { longTank } from './rules/longTank';
import { looseWadding } from './rules/looseWadding';
import { monthlyDeep } from './rules/monthlyDeep';
import { nothingMechanical } from './rules/nothingMechanical';
import { overDividers } from './rules/overDividers';
import { overfill } from './rules/overfill';
import { polishingPad } from './rules/polishingPad';
import { settlementFirst } from './rules/settlementFirst';
import { shortPiece } from './rules/shortPiece';
import { spentMedium } from './rules/spentMedium';
import { spills } from './rules/spills';
import { spongeFit } from './rules/spongeFit';
import { stageOrder } from './rules/stageOrder';
import { standsBeside } from './rules/standsBeside';
import { stillWrapped } from './rules/stillWrapped';
import { streamAim } from './rules/streamAim';
import { thinBag } from './rules/thinBag';
import { tightGrains } from './rules/tightGrains';
import { turnoverOutsideBand } from './rules/turnoverOutsideBand';
import { unknownMedium } from './rules/unknownMedium';
import { weakBiologicalMedia } from './rules/weakBiologicalMedia';
import { wornPiece } from './rules/wornPiece';

/** A new rule is a file and a line here. Findings are ranked by level and effect; the order here settles ties. */
const ALL_RULES = [
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
  turnoverOutsideBand,
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
  openBottom,
  emptySpongePlace,
  emptyWell,
  foamOnly,
  cartridgeOnly,
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
  floatingPlants,
  flossFirst,
  blockedSpill,
  unknownMedium,
];

export type RuleId = (typeof ALL_RULES)[number]['id'];

/** Every rule the app knows. */
export const RULES: readonly Rule<RuleId>[] = ALL_RULES;
