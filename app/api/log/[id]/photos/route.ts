import { change } from '@/server/answer';
import { readPicture } from '@/server/readPicture';
import { photos } from '@/store/photos';

/** Stores a photo of an entry of a log. */
export const POST = async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { id } = await params;
  return change(request, readPicture, (db, picture) => photos.addToEntry(db, id, picture));
};
