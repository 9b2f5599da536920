import { answer } from '@/server/answer';
import { log } from '@/store/log';

export const DELETE = (_: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => log.remove(db, (await params).id));
