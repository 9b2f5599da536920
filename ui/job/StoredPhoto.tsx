/** Side of the small picture of a photo, px. */
const THUMBNAIL_PX = 64;

interface Props {
  readonly photoId: string;
  readonly alt: string;
}

/** A stored photo, small. */
export const StoredPhoto = ({ photoId, alt }: Props) => (
  // It is stored small already: what Next brings along to make pictures smaller would be 5 kB of the page for nothing.
  // eslint-disable-next-line @next/next/no-img-element
  <img
    src={`/api/photos/${photoId}`}
    alt={alt}
    width={THUMBNAIL_PX}
    height={THUMBNAIL_PX}
    loading="lazy"
    decoding="async"
  />
);
