import { canBeCut } from '../../media/handling';
import { faceArea } from '../../filter/chamberGeometry';
import { cannotSpill } from '../../hydraulics/cannotSpill';
import { PASS_THROUGH_GOAL } from '../../practice/passThroughGoal';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import type { RuleContext } from '../ruleContext';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, namesInside, verb } from '../words';

/** Gaps narrower than this, m, close by themselves when foam is wet. */
const CLOSED_GAP = 0.0005;

/** How much more than is needed a way trimmed on purpose may be open, as a factor (calibrated: nobody cuts exactly). */
const MAX_OPEN_FACTOR = 2;
const MIN_OPEN_FACTOR = 0.8;

/** True where every piece of a hang-on-back without another way past is trimmed by about what keeps it from overflowing. */
function isTrimmedOnPurpose({ filter, inFlow, chambers }: RuleContext): boolean {
  if (filter.spill === null || filter.spill.notch !== null) return false;
  const stack = Math.max(0, ...chambers.map(({ measure }) => measure.filledDepth));
  const corner = cannotSpill(filter, stack)?.corner ?? null;
  if (corner === null) return false;
  return inFlow.every(({ chamber, measure }) => {
    const open = faceArea(chamber.shape, 0) * (1 - measure.coverShare);
    return open >= MIN_OPEN_FACTOR * corner.area && open <= MAX_OPEN_FACTOR * corner.area;
  });
}

/**
 * Pieces that do not reach the walls: the water takes the open way around them.
 *
 * @source common practice, no source; the water around it from `bypassFlow.ts`
 */
export const shortPiece = defineRule({
  id: 'short-piece',
  question: 'through',
  levels: ['check', 'note'],
  judge: (context) => {
    const { inFlow, flowOf } = context;
    const short = inFlow.filter(
      (placed) => placed.measure.wallGap > CLOSED_GAP && flowOf(placed).passThrough < PASS_THROUGH_GOAL,
    );
    if (short.length === 0) return [];
    if (isTrimmedOnPurpose(context))
      return [
        {
          level: 'note',
          title: sentence`Every layer is trimmed so that the filter cannot overflow.`,
          reason: sentence`This is fine here: even if every layer is blocked, the water can still get past. The cost is that some water also goes past a clean pack.`,
          effect: 0,
          layers: idsOf(short),
        },
      ];
    const sheets = short.filter(({ medium }) => canBeCut(medium));
    const gap = Math.max(...short.map((placed) => placed.measure.wallGap));
    const open = 1 - Math.min(...short.map((placed) => placed.measure.coverShare));
    const through = Math.min(...short.map((placed) => flowOf(placed).passThrough));
    return [
      {
        level: 'check',
        title: sentence`${upperFirst(namesInside(short))} ${verb(short.length, 'is', 'are')} cut short: ${short.length > 1 ? 'up to ' : ''}${{ kind: 'gap', si: gap }} short of the wall.`,
        reason: sentence`${short.length > 1 ? 'Up to ' : ''}${{ kind: 'share', si: open }} of the chamber is open beside ${verb(short.length, 'it', 'them')}, and water takes the easiest way: ${short.length > 1 ? 'as little as ' : 'only '}${{ kind: 'share', si: through }} of the water goes through. ${sheets.length > 0 ? 'Cut foam slightly too large, so that it grips the walls.' : 'Fill the gap beside it with floss or off-cuts of foam.'}`,
        effect: 1 - through,
        layers: idsOf(short),
        ...(sheets.length === 0
          ? {}
          : {
              remedy: {
                label: 'Cut wall to wall',
                edit: {
                  type: 'all',
                  edits: sheets.map((placed) => ({
                    type: 'set' as const,
                    layerId: placed.layer.id,
                    change: { cut: null },
                  })),
                },
              },
            }),
      },
    ];
  },
});
