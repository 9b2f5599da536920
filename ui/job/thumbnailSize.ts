/** Side of the small picture of a photo, px. */
export const THUMBNAIL_PX = 64;
