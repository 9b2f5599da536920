import { change, noBody, readBody } from '@/server/answer';
import { log } from '@/store/log';

export const PUT = async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { id } = await params;
  return change(request, readBody, (db, body) => log.update(db, id, body));
};

export const DELETE = async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { id } = await params;
  return change(request, noBody, (db) => log.remove(db, id));
};
