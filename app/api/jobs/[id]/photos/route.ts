import { answer } from '@/server/answer';
import { readPicture } from '@/server/readPicture';
import { photos } from '@/store/photos';

/** Stores a photo of a job; `?layer=` names the layer it shows. */
export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => {
    const layer = new URL(request.url).searchParams.get('layer');
    const picture = await readPicture(request);
    return photos.add(db, (await params).id, layer, picture);
  });
