import { answer, change, noBody } from '@/server/answer';
import { kindOf } from '@/server/kindOf';
import { rawText, removeUnreadable, repair } from '@/store/unreadable';

type Context = { params: Promise<{ kind: string; id: string }> };

/** The stored text of a document as it is, to be kept before it is repaired or removed. */
export const GET = (_: Request, { params }: Context) =>
  answer(async (db) => {
    const { kind, id } = await params;
    return new Response(rawText(db, kindOf(kind), id), {
      headers: {
        'content-type': 'application/json; charset=utf-8',
        'content-disposition': `attachment; filename="${kindOf(kind)}.json"`,
      },
    });
  });

/** Repairs a document that cannot be read. */
export const POST = async (request: Request, { params }: Context) => {
  const { kind, id } = await params;
  return change(request, noBody, (db) => repair(db, kindOf(kind), id));
};

/** Removes a document that cannot be read, and what refers to it. */
export const DELETE = async (request: Request, { params }: Context) => {
  const { kind, id } = await params;
  return change(request, noBody, (db) => removeUnreadable(db, kindOf(kind), id));
};
