import { readFileSync } from 'node:fs';
import { answer } from '@/server/answer';
import { sharing } from '@/server/sharing';
import { NotFoundError } from '@/store/errors';

export const dynamic = 'force-dynamic';

/** The certificate of the home network, for a phone to install. It holds no secret. */
export const GET = () =>
  answer(() => {
    const shared = sharing();
    if (shared === null) throw new NotFoundError('certificate');
    return new Response(readFileSync(shared.certificate), {
      headers: {
        'content-type': 'application/x-x509-ca-cert',
        'content-disposition': 'attachment; filename="neat-layer.crt"',
      },
    });
  });
