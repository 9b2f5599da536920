import type { Treatment } from '../layers/layer';
import { TREATMENTS } from '../layers/layerStates';
import { canBeCut, canBeRecharged, canBeSqueezed } from '../media/handling';
import type { Medium } from '../media/medium';

/** Which treatments a medium’s form allows: soft media are squeezed, sheets are cut, resin and zeolite are recharged. */
export const treatmentsFor = (medium: Medium): readonly Treatment[] =>
  TREATMENTS.filter((treatment) =>
    treatment === 'squeeze'
      ? canBeSqueezed(medium)
      : treatment === 'cut'
        ? canBeCut(medium)
        : treatment === 'recharge'
          ? canBeRecharged(medium)
          : true,
  );
