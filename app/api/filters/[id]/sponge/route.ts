import { change, readBody, versionOf } from '@/server/answer';
import { filters } from '@/store/filters';

/** Puts a sponge on the intake: a sleeve that is in every pack of the filter that is in use. */
export const POST = async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { id } = await params;
  return change(request, readBody, (db, body) => filters.putSponge(db, id, versionOf(body)));
};
