import type { Layer } from '../layers/layer';
import { applyEdit } from '../pack/packEdit';
import type { Finding } from './finding';
import { FINDING_LEVELS } from './findingLevel';
import type { Judgement } from './judgement';
import type { Rule } from './defineRule';
import type { RuleContext } from './ruleContext';
import type { RuleId } from './allRules';

/**
 * What some rules find in a pack, the most serious first, then what most is at stake with.
 *
 * @param rules those that are asked
 * @param layers the pack, in the order that it is stored: remedies are edits of it
 */
export function judgedBy(
  rules: readonly Rule<RuleId>[],
  context: RuleContext,
  layers: readonly Layer[],
): Finding[] {
  const isWhole = context.filter.chambers.every(
    (chamber) => chamber.where !== 'body' || context.isReached(chamber),
  );
  return rules
    .filter(({ isOfWholePack = false }) => isWhole || !isOfWholePack)
    .flatMap(({ id, question, school, judge }) =>
      judge(context).map((judgement) => ({
        rule: id,
        question,
        ...(school === undefined ? {} : { school }),
        ...withRemedy(judgement, layers),
      })),
    )
    .sort((a, b) => FINDING_LEVELS.indexOf(a.level) - FINDING_LEVELS.indexOf(b.level) || b.effect - a.effect);
}

/** A remedy that would change nothing is none. */
function withRemedy(judgement: Judgement, layers: readonly Layer[]): Judgement {
  const { remedy, ...rest } = judgement;
  if (remedy === undefined) return judgement;
  const after = applyEdit(layers, remedy.edit);
  const same =
    after.length === layers.length &&
    after.every((layer, index) => {
      const before = layers[index];
      return (
        before === layer ||
        (before !== undefined &&
          (Object.keys(layer) as (keyof Layer)[]).every((key) => layer[key] === before[key]))
      );
    });
  return same ? rest : judgement;
}
