import { existsSync } from 'node:fs';
import path from 'node:path';

/**
 * A name beside a file that is not taken: "data/neat-layer.before-update-3.sqlite", or "….before-update-3-2.sqlite".
 *
 * The marks for the bundler say that these are files of the keeper, not parts of the app to be carried along.
 *
 * @param mark what is put before the ending
 */
export function freeName(file: string, mark: string): string {
  const { dir, name, ext } = path.parse(file);
  const candidate = (suffix: string): string =>
    path.join(/* turbopackIgnore: true */ dir, `${name}.${mark}${suffix}${ext}`);
  let taken = 0;
  while (existsSync(/* turbopackIgnore: true */ candidate(taken === 0 ? '' : `-${taken + 1}`))) taken += 1;
  return candidate(taken === 0 ? '' : `-${taken + 1}`);
}
