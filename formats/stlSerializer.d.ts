declare module '@jscad/stl-serializer' {
  import type { Geom3 } from '@jscad/modeling/src/geometries/types';
  /** Parts of a file, in order; text where it is not binary. */
  export function serialize(options: { binary: false }, ...solids: Geom3[]): string[];
}
