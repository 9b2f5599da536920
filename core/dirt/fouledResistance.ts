import type { Fluid } from '../hydraulics/fluid';
import { bedSolids, fibreSolids, layerResistance, type BedResistance } from '../hydraulics/layerResistance';
import type { Geometry } from '../media/geometry';

/** Thickness of the threads of dirt between fibres, m (calibrated). */
const DEPOSIT_FIBRE = 60e-6;

/**
 * Resistance of a bed by its deposit: pressure per metre, Pa/m, with the water’s speed before the bed, m/s.
 * Clean it is {@link layerResistance}.
 *
 * @param squeezed thickness as it stands over thickness when free, 0–1
 * @returns a function of the deposit σ, share of the bed, 0 or more and less than the open room
 * @source solids s = (1−ε₀) + σ in the equations of the clean bed. Foam: surface by √(s/s₀); grains: d_p by (s/s₀)^⅓;
 *   fibre: Bergman et al. 1978 with a second fibre of dirt, × (ε₀/ε)³ (calibrated). From memory.
 */
export function fouledResistance(
  geometry: Geometry,
  squeezed: number,
  fluid: Fluid,
): (deposit: number) => BedResistance {
  const solids = bedSolids(geometry, squeezed);
  const porosity = 1 - solids;
  if (geometry.form === 'fibre') {
    const { fibreDiameter } = geometry;
    const alpha = fibreSolids(solids);
    return (deposit) => {
      const open = porosity / (porosity - deposit);
      const s = alpha + deposit;
      const linear =
        64 *
        fluid.viscosity *
        Math.sqrt(alpha / (fibreDiameter * fibreDiameter) + deposit / (DEPOSIT_FIBRE * DEPOSIT_FIBRE)) *
        (alpha / fibreDiameter + deposit / DEPOSIT_FIBRE) *
        (1 + 56 * s * s * s) *
        (open * open * open);
      return { linear, square: 0 };
    };
  }
  const { linear, square } = layerResistance(geometry, squeezed, fluid);
  // Powers are written out: this is reckoned for every slice at every step.
  return (deposit) => {
    const more = (solids + deposit) / solids;
    const left = (porosity - deposit) / porosity;
    const cubed = left * left * left;
    if (geometry.form === 'foam') {
      // 110 μ S²/(16 ε³) and 1.45 ρ S/(4 ε³), with S by √(s/s₀).
      return { linear: (linear * more) / cubed, square: (square * Math.sqrt(more)) / cubed };
    }
    // 150 μ s²/(ε³ d²) and 1.75 ρ s/(ε³ d), with d by (s/s₀)^⅓.
    const root = Math.cbrt(more);
    return { linear: (linear * more * root) / cubed, square: (square * root * root) / cubed };
  };
}
