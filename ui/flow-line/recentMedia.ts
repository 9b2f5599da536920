/** Where the browser keeps which media were put in last, newest first. */
const KEY = 'neat-lately-used';
/** How many are remembered. */
const MAX_REMEMBERED = 8;

/** Ids of the media that were put in last, newest first; empty where the browser keeps nothing. */
export function recentMedia(): readonly string[] {
  try {
    const stored: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(stored) ? stored.filter((id): id is string => typeof id === 'string') : [];
  } catch {
    return [];
  }
}

/** Remembers a medium as the one used last. */
export function rememberMedium(id: string): void {
  try {
    const others = recentMedia().filter((other) => other !== id);
    localStorage.setItem(KEY, JSON.stringify([id, ...others].slice(0, MAX_REMEMBERED)));
  } catch {
    // A browser that keeps nothing offers the media in the order of the catalogue.
  }
}
