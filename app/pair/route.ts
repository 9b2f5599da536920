import { DAY } from '@/core/units/time';
import { LARGEST_FORM } from '@/server/bodyLimit';
import { database } from '@/server/database';
import { DEVICE_COOKIE, PAIRING_PATH } from '@/server/homeDoor';
import { readLimited } from '@/server/readLimited';
import { NONCE_HEADER } from '@/server/safeHeaders';
import { devices } from '@/store/devices';
import { pairPage } from '@/ui/settings/pairPage';

export const dynamic = 'force-dynamic';

/** Longest code that is looked at. */
const MAX_CODE_LENGTH = 40;
/** For how long a device stays paired unless it is removed, s: browsers keep no cookie longer. */
const PAIRED_FOR_S = 400 * DAY;

/** @param request whose answer it is */
const page = ({ headers }: Request, code: string, fault: string | null, status: number): Response =>
  new Response(pairPage(PAIRING_PATH, headers.get(NONCE_HEADER) ?? '', code, fault), {
    status,
    headers: { 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store' },
  });

/** The form; a code in the address is filled in, never taken without a press. */
export const GET = (request: Request): Response =>
  page(request, (new URL(request.url).searchParams.get('code') ?? '').slice(0, MAX_CODE_LENGTH), null, 200);

/** Pairs a device: it gets a secret that only its browser keeps. */
export async function POST(request: Request): Promise<Response> {
  const sent = await readLimited(request, LARGEST_FORM, 'Too large.').catch(() => null);
  if (sent === null) return page(request, '', 'That is more than a code and a name. Type them again.', 413);
  const form = new URLSearchParams(new TextDecoder().decode(sent));
  const text = (name: string): string => (form.get(name) ?? '').slice(0, 2 * MAX_CODE_LENGTH);
  const result = devices.pair(database(), text('code'), text('name'), new Date().toISOString());
  if (result.kind === 'wrong')
    return page(
      request,
      '',
      `That code is wrong. ${result.triesLeft === 0 ? 'Too many wrong tries. Make a new code on the computer.' : 'Check the code on the computer and type it again.'}`,
      403,
    );
  if (result.kind === 'none')
    return page(request, '', 'There is no valid code. Make a new one on the computer, under Settings.', 410);
  return new Response(null, {
    status: 303,
    headers: {
      location: '/',
      'cache-control': 'no-store',
      'set-cookie': `${DEVICE_COOKIE}=${result.secret}; Path=/; Max-Age=${PAIRED_FOR_S}; HttpOnly; Secure; SameSite=Strict`,
    },
  });
}
