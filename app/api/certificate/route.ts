import { readFileSync } from 'node:fs';
import { answer } from '@/server/answer';
import { sharing } from '@/server/sharing';
import { NotFoundError } from '@/store/errors';

export const dynamic = 'force-dynamic';

/** The authority of the home network, for a phone to install. It holds no secret. */
export const GET = () =>
  answer(() => {
    const shared = sharing();
    if (shared === null) throw new NotFoundError('certificate');
    return new Response(readFileSync(shared.authority.file), {
      headers: {
        'content-type': 'application/x-x509-ca-cert',
        'content-disposition': 'attachment; filename="neat-layer.crt"',
      },
    });
  });
