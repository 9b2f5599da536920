/** The outline of a piece that is cut from a sheet, m. A radius or bore of 0 is none. */
export type Outline =
  | {
      readonly form: 'rectangle';
      readonly length: number;
      readonly width: number;
      /** Radius of its corners. */
      readonly corner: number;
      /** Cut out in the middle of one long side, so that a way past the pack stays open; null: none. */
      readonly notch: { readonly width: number; readonly depth: number } | null;
    }
  | {
      readonly form: 'disc';
      readonly diameter: number;
      /** Hole for the centre pipe. */
      readonly bore: number;
    };

/** The rectangle that an outline is cut from, m. */
export const boxOf = (outline: Outline): { readonly length: number; readonly width: number } =>
  outline.form === 'disc' ? { length: outline.diameter, width: outline.diameter } : outline;

/**
 * Area of an outline, m².
 *
 * @source plane geometry: a rounded corner takes (1 − π/4)·r² off a square one.
 * @example outlineArea({ form: 'disc', diameter: 0.2, bore: 0 }) // 0.031415926535897934
 */
export function outlineArea(outline: Outline): number {
  if (outline.form === 'disc') return (Math.PI / 4) * (outline.diameter ** 2 - outline.bore ** 2);
  const notch = outline.notch === null ? 0 : outline.notch.width * outline.notch.depth;
  return outline.length * outline.width - (4 - Math.PI) * outline.corner ** 2 - notch;
}
