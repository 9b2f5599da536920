import { packFaults } from '@/core/pack/packFaults';
import type { NeatLayerFile } from '@/formats/neatLayerFile';

type Pack = NeatLayerFile['packs'][number];

/** The packs of a file that its filter can hold today, and the records of older ones that it cannot, with why. */
export function fittingPacks({ filter, packs }: Pick<NeatLayerFile, 'filter' | 'packs'>): {
  readonly fitting: readonly Pack[];
  readonly leftOut: readonly {
    readonly id: string;
    readonly name: string;
    readonly faults: readonly string[];
  }[];
} {
  const judged = packs.map((pack) => ({ pack, faults: packFaults(filter, pack.layers) }));
  return {
    fitting: judged.filter(({ faults }) => faults.length === 0).map(({ pack }) => pack),
    leftOut: judged
      .filter(({ faults }) => faults.length > 0)
      .map(({ pack: { id, name }, faults }) => ({ id, name, faults })),
  };
}
