import { choicesOf } from './choices';
import type { ProposeInput } from './proposeInput';
import { isOpen } from './freeDepthByChamber';
import { packSpace } from './packSpace';

/** Why nothing can be proposed. */
export type ProposeFault = 'no chamber' | 'no room' | 'no media' | 'no money';

/**
 * What keeps anything from being proposed, before a search: no chamber for media, none of it free, or nothing to fill it
 * with. Null where a search makes sense.
 */
export function proposeFault(input: ProposeInput): ProposeFault | null {
  if (!input.filter.chambers.some(({ where }) => where === 'body')) return 'no chamber';
  const { room } = packSpace(input);
  if (![...room.lead, ...room.main].some(isOpen)) return 'no room';
  if (choicesOf(input).length > 0) return null;
  return input.from !== 'hand' && input.budget !== null ? 'no money' : 'no media';
}
