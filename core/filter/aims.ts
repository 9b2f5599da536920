/** Where a stream of water points. */
export const AIMS = ['along the tank', 'to the front', 'up', 'down'] as const;
