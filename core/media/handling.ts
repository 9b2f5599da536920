import type { Medium } from './medium';

type Form = Pick<Medium, 'supply' | 'family' | 'service'>;

/** Cut with a knife to any size: a sheet of foam, floss or a pad. A cartridge and a printed block are as they are. */
export const canBeCut = ({ supply, family }: Form): boolean => supply === 'sheet' && family !== 'cartridge';

/** Made thicker or thinner by hands: what is cut, and what is poured. */
export const canBeSized = (medium: Form): boolean => medium.supply === 'loose' || canBeCut(medium);

/** Squeezed out: what is soft. Ceramic, glass, lava and plastic are not. */
export const canBeSqueezed = ({ family }: Form): boolean => family === 'foam' || family === 'floss';

/** Recharged: what gives back what it holds. */
export const canBeRecharged = ({ service }: Form): boolean => service === 'recharge';
