/** What is seen at a quick look, each logged with one press. */
export const QUICK_CHECKS = [
  'all well',
  'only a trickle',
  'sponge or sleeve full',
  'level high',
  'cloudy water',
  'brown water',
  'noise',
  'smell',
] as const;
export type Look = (typeof QUICK_CHECKS)[number];

/** What is done to a layer or a part at a service. */
export const SERVICE_WORKS = [
  'squeezed',
  'swished',
  'replaced',
  'recharged',
  'intake cleaned',
  'impeller cleaned',
  'hoses brushed',
  'skimmer cleaned',
  'seal greased',
  'lamp replaced',
  'air-driven filter squeezed',
] as const;
export type ServiceWork = (typeof SERVICE_WORKS)[number];

/** Done to a filter that stands in the tank beside the one it is logged at. */
export const AIR_WORK = 'air-driven filter squeezed' satisfies ServiceWork;

/** Works on a layer; all others are on a part of the filter. */
export const LAYER_WORKS = [
  'squeezed',
  'swished',
  'replaced',
  'recharged',
] as const satisfies readonly ServiceWork[];
export const PART_WORKS = SERVICE_WORKS.filter((work) => !(LAYER_WORKS as readonly string[]).includes(work));
