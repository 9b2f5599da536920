import type { Finding } from './finding';

/**
 * What makes a finding the same as another, of this pack or of one that was changed a little: its rule, its level, and the
 * chamber it is about or else the layers.
 *
 * @example findingIdentity({ rule: 'overfill', level: 'urgent', chamber: 'tray-1', layers: ['a'] }) // 'overfill urgent tray-1'
 */
export const findingIdentity = ({
  rule,
  level,
  chamber,
  layers,
}: Pick<Finding, 'rule' | 'level' | 'chamber' | 'layers'>): string =>
  [rule, level, ...(chamber === undefined ? layers.toSorted() : [chamber])].join(' ');
