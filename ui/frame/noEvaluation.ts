/**
 * Runs in the page before anything else, as text: the validation library compiles no text into functions. The page’s policy
 * forbids that, and a browser reports the mere try.
 */
export const NO_EVALUATION = 'globalThis.__zod_globalConfig = { jitless: true }';
