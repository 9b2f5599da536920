import type { Filter } from '../filter/filter';
import { isCanister, isHangOnBack } from '../filter/kindFamily';
import { mediumOf } from '../layers/mediumOf';
import type { Layer } from '../layers/layer';

/** When in a job a caution is due. */
export type CautionMoment = 'opening' | 'handling' | 'closing';

/**
 * The cautions that apply to this filter and these media at a moment of the job (common practice, no source).
 * Wiring and anything a local code covers is for a licensed electrician.
 */
export function cautions(filter: Filter, layers: readonly Layer[], moment: CautionMoment): string[] {
  const families = new Set(layers.map((layer) => mediumOf(layer).family));
  const dusty = ['carbon', 'porous mineral', 'dense rings', 'zeolite'].some((text) =>
    [...families].some((family) => family === text),
  );
  switch (moment) {
    case 'opening':
      return [
        'Pull the plug before hands go in. Dry hands on plugs, a drip loop on the cable, an earth-leakage breaker on the circuit; wiring is for a licensed electrician and the local code.',
        ...(isCanister(filter.kind)
          ? [
              'Shut the taps or lift the intake out before anything is opened: never open a body while the siphon holds. A full canister is heavy: two hands, or two people.',
            ]
          : []),
        ...(isHangOnBack(filter.kind)
          ? [
              'Lift the intake tube so that nothing siphons back over the glass. Never take the motor off from below while the body hangs full.',
            ]
          : []),
        ...(filter.equipment.includes('UV lamp')
          ? ['Switch the UV lamp off before the body is opened, and never look into a lit one.']
          : []),
        ...(filter.equipment.includes('heater')
          ? ['Unplug the heater and let it cool for a quarter of an hour: dry or hot it cracks and burns.']
          : []),
        'Broken skin and tank water do not mix: wear gloves, and wash your hands afterwards.',
      ];
    case 'handling':
      return [
        'Biological media stays wet in old tank water, and out of flow for less than an hour. No tap water: chlorine and chloramine kill the film.',
        ...(dusty
          ? [
              'Dust from dry carbon, ceramic and rock does not belong in the lungs: rinse it damp, outdoors or over a sink.',
            ]
          : []),
        'Knives and moulded fins cut.',
      ];
    case 'closing':
      return [
        'Never run the pump dry: fill the filter with tank water before the plug goes in.',
        'A filter that stood shut and still for hours is emptied and rinsed first: its water is foul and without oxygen.',
        'Animals in distress, or ammonia or nitrite that stays up: change water, feed less, and ask an aquatic vet. The test kit decides, not this app.',
      ];
  }
}
