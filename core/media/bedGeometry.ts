import { fibreGeometry } from './fibreGeometry';
import { foamGeometry } from './foamGeometry';
import type { BedGeometry, Geometry } from './geometry';
import { grainGeometry } from './grainGeometry';
import { ribbonGeometry } from './ribbonGeometry';
import { ringGeometry } from './ringGeometry';

/** Porosity, surface, pore and solid size of any medium's geometry; see the file of each form for its source. */
export function bedGeometry(geometry: Geometry): BedGeometry {
  switch (geometry.form) {
    case 'foam':
      return foamGeometry(geometry.poresPerInch, geometry.porosity);
    case 'fibre':
      return fibreGeometry(geometry.fibreDiameter, geometry.porosity);
    case 'grains':
      return grainGeometry(geometry.grainSize, geometry.porosity);
    case 'rings':
      return ringGeometry(geometry.outerDiameter, geometry.bore, geometry.length, geometry.porosity);
    case 'ribbon':
      return ribbonGeometry(geometry.thickness, geometry.porosity);
  }
}
