import { change, noBody } from '@/server/answer';
import { log } from '@/store/log';

export const DELETE = async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { id } = await params;
  return change(request, noBody, (db) => log.remove(db, id));
};
