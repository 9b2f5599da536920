import { formatQuantity, type FormatOptions } from './formatQuantity';
import type { Quantity } from './quantity';

/**
 * A sentence that still holds its quantities in SI, so that the same advice reads in centimetres or in inches.
 */
export type Sentence = readonly (string | Quantity)[];

/** Builds a {@link Sentence} from a template: sentence`Leaves ${{ kind: 'gap', si: 0.006 }} at the wall.` */
export function sentence(
  strings: TemplateStringsArray,
  ...values: (string | Quantity | Sentence)[]
): Sentence {
  const parts: (string | Quantity)[] = [];
  strings.forEach((text, index) => {
    if (text !== '') parts.push(text);
    const value = values[index];
    if (value === undefined) return;
    if (Array.isArray(value)) parts.push(...(value as Sentence));
    else parts.push(value as string | Quantity);
  });
  return parts;
}

/** The sentence as text in the keeper's units. */
export function formatSentence(parts: Sentence, options: FormatOptions = {}): string {
  return parts.map((part) => (typeof part === 'string' ? part : formatQuantity(part, options))).join('');
}
