/** What a keeper puts into a tank that changes what its media have to do, or is thought to. */
export const ADDITIONS = ['new wood', 'medicine', 'starter culture', 'sludge digester'] as const;
export type Addition = (typeof ADDITIONS)[number];

/** Something that was put into a tank at a moment (ISO). */
export interface Added {
  readonly what: Addition;
  readonly at: string;
}
