import type { Chamber, Filter } from './filter';

/** True for the well that the water comes into before the first cartridge: a sponge on the intake is before the body. */
export function isCartridgeWell(
  { kind, chambers }: Pick<Filter, 'kind' | 'chambers'>,
  chamber: Chamber,
): boolean {
  const body = chambers.filter(({ where }) => where === 'body');
  return kind === 'hang-on-back-cartridge' && body.length > 1 && body[0] === chamber;
}
