/** Where this browser keeps that its keeper wants to be notified: “yes” or “no”. */
export const NOTICES_WANTED = 'neat-layer notices';
