import { answer, change, noBody } from '@/server/answer';
import { photos } from '@/store/photos';

type Context = { params: Promise<{ id: string }> };

/** A stored photo never changes, so the browser may keep it. */
const PHOTO_HEADERS = {
  'content-type': 'image/jpeg',
  'cache-control': 'private, max-age=31536000, immutable',
};

export const GET = (_: Request, { params }: Context) =>
  answer(
    async (db) =>
      new Response(Uint8Array.from(photos.jpeg(db, (await params).id)), { headers: PHOTO_HEADERS }),
  );

export const DELETE = async (request: Request, { params }: Context) => {
  const { id } = await params;
  return change(request, noBody, (db) => photos.remove(db, id));
};
