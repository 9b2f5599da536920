import { change, noBody } from '@/server/answer';
import { devices } from '@/store/devices';

/** Ends the pairing of a device. */
export const DELETE = async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { id } = await params;
  return change(request, noBody, (db) => devices.remove(db, id));
};
