import { NextResponse, type NextRequest } from 'next/server';
import { isAllowed } from '@/server/isAllowed';

/** Refuses every request that does not come from this machine's own pages. */
export function proxy(request: NextRequest): Response {
  if (isAllowed(request.headers.get('host'), request.headers.get('origin'))) return NextResponse.next();
  return Response.json(
    { message: 'Neat Layer answers only on this machine: open it at http://127.0.0.1.' },
    { status: 403 },
  );
}
