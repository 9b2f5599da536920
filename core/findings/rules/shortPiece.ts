import { PASS_THROUGH_GOAL } from '../../practice/passThroughGoal';
import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { idsOf, namesInside, upperFirst, verb } from './words';

/** Gaps narrower than this, m, close by themselves when foam is wet. */
const CLOSED_GAP = 0.0005;

/** Pieces that do not reach the walls: the water takes the open way around them. */
export const shortPiece: Rule = ({ inFlow, flowOf }) => {
  const short = inFlow.filter(
    (placed) => placed.measure.wallGap > CLOSED_GAP && flowOf(placed).passThrough < PASS_THROUGH_GOAL,
  );
  if (short.length === 0) return [];
  const gap = Math.max(...short.map((placed) => placed.measure.wallGap));
  const open = 1 - Math.min(...short.map((placed) => placed.measure.coverShare));
  const through = Math.min(...short.map((placed) => flowOf(placed).passThrough));
  return [
    {
      rule: 'short-piece',
      level: 'check',
      title: sentence`${upperFirst(namesInside(short))} ${verb(short.length, 'is', 'are')} cut short: ${short.length > 1 ? 'up to ' : ''}${{ kind: 'gap', si: gap }} open at the wall.`,
      reason: sentence`${short.length > 1 ? 'Up to ' : ''}${{ kind: 'share', si: open }} of the cross-section is open beside ${verb(short.length, 'it', 'them')}, and open water is by far the easier way: ${short.length > 1 ? 'as little as ' : 'only '}${{ kind: 'share', si: through }} of the water goes through. Cut foam a little oversize, so that it grips the walls.`,
      effect: 1 - through,
      layers: idsOf(short),
      remedy: {
        label: 'Cut wall to wall',
        edit: {
          type: 'all',
          edits: short.map((placed) => ({ type: 'set', layerId: placed.layer.id, change: { cut: null } })),
        },
      },
    },
  ];
};
