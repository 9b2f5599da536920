import { toString as qrCode } from 'qrcode';
import { answer } from '@/server/answer';
import { DOOR_HEADER, PAIRING_PATH } from '@/server/homeDoor';
import { sharing } from '@/server/sharing';
import { devices } from '@/store/devices';
import { InvalidError } from '@/store/errors';

export const dynamic = 'force-dynamic';

/** The paired devices. */
export const GET = () => answer((db) => ({ devices: devices.list(db) }));

/** Makes a new pairing code, with the address and its picture to scan. Only this machine may: a code is never stored. */
export const POST = (request: Request) =>
  answer(async (db) => {
    const shared = sharing();
    const [host] = shared?.hosts ?? [];
    if (host === undefined || request.headers.get(DOOR_HEADER) !== null)
      throw new InvalidError(['Start the app with --share, then make the code on the computer.']);
    const { code, endsAt } = devices.newCode(db, new Date().toISOString());
    const address = `https://${host}${PAIRING_PATH}?code=${code}`;
    return { code, endsAt, address, picture: await qrCode(address, { type: 'svg', margin: 1 }) };
  });
