import { answer, readBody, readPiece } from '@/server/answer';
import { bringIn, dropIncoming, takePiece, tryFile } from '@/server/incomingFile';
import { inPlace } from '@/store/databasePlace';

type Context = { params: Promise<{ id: string }> };

/** The next piece of the file, from `?from=` on. */
export const PUT = (request: Request, { params }: Context) =>
  answer(async () =>
    takePiece(
      (await params).id,
      Number(new URL(request.url).searchParams.get('from')),
      await readPiece(request),
    ),
  );

/** Brings it in: `how` is "look" (what it holds and would change), "add" or "replace". */
export const POST = (request: Request, { params }: Context) =>
  answer(async (db) => {
    const [{ id }, { how }] = await Promise.all([params, readBody(request)]);
    return how === 'look' ? tryFile(db, id) : inPlace(db, () => bringIn(db, id, how));
  });

export const DELETE = (_: Request, { params }: Context) =>
  answer(async () => dropIncoming((await params).id));
