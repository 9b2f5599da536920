import type { Layer } from '../layers/layer';
import { mediumOf } from '../layers/mediumOf';

/** True for a layer that is cut from a sheet. */
export const isSheet = (layer: Layer): boolean => mediumOf(layer).supply === 'sheet';
