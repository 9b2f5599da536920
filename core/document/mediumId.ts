import { z } from 'zod';

/** Which medium: its id in the catalogue, or that of a medium of the keeper’s own. */
export const MEDIUM_ID = z
  .string()
  .min(1)
  .max(64)
  .describe('Id of a medium in the catalogue, or of your own');
