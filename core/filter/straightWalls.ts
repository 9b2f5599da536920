/** A chamber with sharp corners that is as wide below as above: what is taken until the keeper says otherwise. */
export const STRAIGHT_WALLS = { cornerRadius: 0, narrows: 0 } as const;
