import { change, docOf, noBody, readBody, versionOf } from '@/server/answer';
import { filters } from '@/store/filters';

type Context = { params: Promise<{ id: string }> };

export const PUT = async (request: Request, { params }: Context) => {
  const { id } = await params;
  return change(request, readBody, (db, body) => filters.update(db, versionOf(body), docOf(body, id)));
};

export const DELETE = async (request: Request, { params }: Context) => {
  const { id } = await params;
  return change(request, noBody, (db) => filters.remove(db, id));
};
