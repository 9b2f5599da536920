import type { z } from 'zod';

/**
 * One line a fault, with the way to the faulty value: "chambers 1, depth: Depth along the flow must be …".
 * List places count from 1, as a keeper counts.
 */
export function faultLines(error: z.ZodError, at = ''): string[] {
  return error.issues.map((issue) => {
    const way = [at, ...issue.path.map((part) => (typeof part === 'number' ? `${part + 1}` : String(part)))]
      .filter((part) => part !== '')
      .join(', ')
      .replace(/, (\d+)/g, ' $1');
    return way === '' ? issue.message : `${way}: ${issue.message}`;
  });
}
