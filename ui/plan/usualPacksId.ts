/** Where the usual packs stand on the page, for a link to them. */
export const USUAL_PACKS_ID = 'usual-packs';
