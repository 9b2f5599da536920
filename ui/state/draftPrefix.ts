/** Names of drafts in the browser’s storage begin with this. */
export const DRAFT_PREFIX = 'neat-layer draft ';
