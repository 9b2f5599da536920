/** What keeps the bacteria of a layer from their best, each as a share of it, 0–1. */
export interface LayerHome {
  /** Usable surface if all of it could be used, m². */
  readonly surface: number;
  /** Share of the filter’s water that goes through the layer, and share that is not silted. */
  readonly passThrough: number;
  readonly open: number;
  /** Oxygen of the water in it, kg/m³. */
  readonly oxygen: number;
}

/** What of a layer its bacteria can use, m². */
export const liveSurface = ({ surface, passThrough, open }: LayerHome): number =>
  surface * passThrough * open;
