import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

/** What a browser keeps to show pages without the app: of which build, and the addresses of its parts. */
export interface OfflineFiles {
  /** null: this app was not built, and nothing can be kept. */
  readonly build: string | null;
  readonly files: readonly string[];
}

/**
 * The parts of the pages of a built app.
 *
 * @param folder where the build lies
 */
export function offlineFiles(folder = path.join(process.cwd(), '.next')): OfflineFiles {
  const id = path.join(folder, 'BUILD_ID');
  const parts = path.join(folder, 'static');
  if (!existsSync(id) || !existsSync(parts)) return { build: null, files: [] };
  return {
    build: readFileSync(id, 'utf8').trim(),
    files: readdirSync(parts, { recursive: true, withFileTypes: true })
      .filter((entry) => entry.isFile())
      .map(
        (entry) =>
          `/_next/static/${path.relative(parts, path.join(entry.parentPath, entry.name)).split(path.sep).join('/')}`,
      ),
  };
}
