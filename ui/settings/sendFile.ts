import { INCOMING_PIECE } from '@/formats/fileLimits';
import type { IncomingSaid } from '@/server/incomingFile';
import { fetchOutcome, newChangeId, send, type Outcome } from '../state/send';

/** Times that a piece is sent before the app is taken for gone. */
const TRIES = 3;

/** What came of a file that was sent: what it holds, under the id by which it is brought in. */
export interface Sent {
  readonly id: string;
  readonly said: IncomingSaid;
}

/**
 * Sends a backup or export to the app piece by piece and has it tried; nothing changes yet. Never throws.
 *
 * @param onShare called with the share that has been sent, 0 to 1
 */
export async function sendFile(file: Blob, onShare: (share: number) => void): Promise<Outcome<Sent>> {
  const begun = await send<{ id: string }>('POST', '/api/incoming', { size: file.size });
  if (begun.kind !== 'saved') return begun as Outcome<Sent>;
  const address = `/api/incoming/${begun.value.id}`;
  for (let from = 0; from < file.size; from += INCOMING_PIECE) {
    onShare(from / file.size);
    const outcome = await sendPiece(`${address}?from=${from}`, file.slice(from, from + INCOMING_PIECE));
    if (outcome.kind !== 'saved') return outcome as Outcome<Sent>;
  }
  onShare(1);
  const tried = await send<IncomingSaid>('POST', address, { how: 'look' });
  return tried.kind === 'saved'
    ? { kind: 'saved', value: { id: begun.value.id, said: tried.value } }
    : (tried as Outcome<Sent>);
}

async function sendPiece(url: string, piece: Blob): Promise<Outcome<unknown>> {
  let outcome: Outcome<unknown> = { kind: 'unreachable' };
  for (let tries = 0; tries < TRIES && outcome.kind === 'unreachable'; tries += 1)
    outcome = await fetchOutcome('PUT', url, piece, 'application/octet-stream', newChangeId());
  return outcome;
}
