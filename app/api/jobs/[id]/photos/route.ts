import { change } from '@/server/answer';
import { readPicture } from '@/server/readPicture';
import { photos } from '@/store/photos';

/** Stores a photo of a job; `?layer=` names the layer it shows. */
export const POST = async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { id } = await params;
  return change(request, readPicture, (db, picture) =>
    photos.add(db, id, new URL(request.url).searchParams.get('layer'), picture),
  );
};
