/** Most layers a pack may have: more than any filter holds, few enough to draw. */
export const MAX_LAYERS = 60;
