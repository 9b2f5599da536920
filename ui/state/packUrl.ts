/** Where a pack is saved. */
export const packUrl = (packId: string): string => `/api/packs/${packId}`;
