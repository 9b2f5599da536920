import { cookies } from 'next/headers';
import { answer } from '@/server/answer';
import { DEVICE_COOKIE } from '@/server/homeDoor';
import { devices } from '@/store/devices';

export const dynamic = 'force-dynamic';

/** Whether a request is a paired device’s: asked by the server of the home network before it takes in more than a form. */
export const GET = async () => {
  const secret = (await cookies()).get(DEVICE_COOKIE)?.value;
  return answer((db) => ({ paired: devices.isPaired(db, secret, new Date().toISOString()) }));
};
