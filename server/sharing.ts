import { z } from 'zod';

const SharingSchema = z.object({
  /** Address and port of each network that is served. */
  hosts: z.array(z.string().min(1)).min(1),
  /** SHA-256 of the certificate that is served. */
  fingerprint: z.string(),
  /** What signed it, for phones to install: its file, PEM, and its SHA-256. */
  authority: z.object({ file: z.string(), fingerprint: z.string() }),
});
/** How the app is served on the home network. */
export type Sharing = z.infer<typeof SharingSchema>;

/** How the app is served on the home network, as the start script says; null: on this machine alone. */
export function sharing(text = process.env.NEAT_SHARE): Sharing | null {
  return text === undefined || text === '' ? null : SharingSchema.parse(JSON.parse(text));
}
