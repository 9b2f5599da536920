import { randomBytes } from 'node:crypto';
import { NextResponse, type NextRequest } from 'next/server';
import { bodyRefusal } from '@/server/bodyLimit';
import { database } from '@/server/database';
import { DEVICE_COOKIE, DOOR_HEADER, HOME_DOOR, homeDoor, PAIRING_PATH } from '@/server/homeDoor';
import { isAllowed } from '@/server/isAllowed';
import { fetchOrigin, isForeignFetch } from '@/server/isForeignFetch';
import { contentPolicy, NONCE_HEADER, POLICY_HEADER, withSafeHeaders } from '@/server/safeHeaders';
import { sharing } from '@/server/sharing';
import { devices } from '@/store/devices';

/** Bytes of a nonce: 128 bits cannot be guessed. */
const NONCE_BYTES = 16;

/** Every answer passes here, a refusal too. */
export function proxy(request: NextRequest): Response {
  const nonce = randomBytes(NONCE_BYTES).toString('base64');
  const policy = contentPolicy(nonce, process.env.NODE_ENV === 'development');
  const refusal = refusalOf(request) ?? refusalOfBody(request);
  if (refusal !== null) return withSafeHeaders(refusal, policy);
  // The framework reads the nonce of its own scripts from the policy; the app’s pages read it by itself.
  const headers = new Headers(request.headers);
  headers.set(POLICY_HEADER, policy);
  headers.set(NONCE_HEADER, nonce);
  return withSafeHeaders(NextResponse.next({ request: { headers } }), policy);
}

/** What a request is answered with that comes neither from this machine’s own pages nor from a paired device; null: let in. */
function refusalOf(request: NextRequest): Response | null {
  const { headers, method, nextUrl, cookies } = request;
  const host = headers.get('host');
  const origin = headers.get('origin');
  if (isForeignFetch(fetchOrigin(request)))
    return refuse({ status: 403, message: 'Neat Layer answers its own pages only, not other websites.' });
  if (headers.get(DOOR_HEADER) === HOME_DOOR) {
    const isPaired = devices.isPaired(
      database(),
      cookies.get(DEVICE_COOKIE)?.value,
      new Date().toISOString(),
    );
    const way = homeDoor({ host, origin, method, path: nextUrl.pathname, isPaired }, sharing()?.hosts ?? []);
    if (way === 'pass') return null;
    if (way === 'pair')
      return new Response(null, {
        status: 303,
        // The address was checked: it is this machine’s own.
        headers: { location: `https://${host}${PAIRING_PATH}${nextUrl.search}`, 'cache-control': 'no-store' },
      });
    return refuse(
      way === 'closed'
        ? { status: 401, message: 'Pair this device first: open the address in its browser.' }
        : { status: 403, message: 'Open Neat Layer at the address that its computer shows.' },
    );
  }
  if (isAllowed(host, origin)) return null;
  return refuse({
    status: 403,
    message: 'Neat Layer answers only on this machine: open it at http://127.0.0.1.',
  });
}

/** What a request is answered with whose body is larger than what belongs there; null: it may come. */
function refusalOfBody({ nextUrl, headers }: NextRequest): Response | null {
  const refusal = bodyRefusal(nextUrl.pathname, headers);
  return refusal === null ? null : refuse(refusal);
}

const refuse = ({ status, message }: { status: number; message: string }): Response =>
  Response.json({ message }, { status, headers: { 'cache-control': 'no-store' } });
