import type { PlacedLayer } from '../layers/placedLayer';
import { lowerFirst } from '../units/firstLetter';
import { sumOf } from '../maths/sum';

/** The medium's name as it stands inside a sentence. */
export function nameInside(placed: PlacedLayer): string {
  return lowerFirst(placed.medium.name);
}

/** "coarse foam, 15 ppi and fine foam, 45 ppi": each name once. */
export function namesInside(placed: readonly PlacedLayer[]): string {
  const names = [...new Set(placed.map(nameInside))].map((name) => name.replace(', ', ' '));
  if (names.length < 2) return names[0] ?? '';
  return `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

/** The layers that a finding is about, by id. */
export const idsOf = (placed: readonly PlacedLayer[]): string[] => placed.map((placed) => placed.layer.id);

/** "stands" for one, "stand" for more. */
export const verb = (count: number, text: string, more: string): string => (count === 1 ? text : more);

/** Share of the pack's volume that some of its layers hold, 0–1. */
export function shareOfPack(inFlow: readonly PlacedLayer[], some: readonly PlacedLayer[]): number {
  const volume = (layers: readonly PlacedLayer[]): number => sumOf(layers, (placed) => placed.measure.volume);
  const all = volume(inFlow);
  return all === 0 ? 0 : volume(some) / all;
}
