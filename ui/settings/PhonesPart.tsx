'use client';
import { useServerState } from '../state/useServerState';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Sharing } from '@/server/sharing';
import type { Device } from '@/store/devices';
import { useWords } from '../fields/UnitsProvider';
import { timeLeft } from '@/core/job/timeLeft';
import { formatClock } from '../job/formatClock';
import { send } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';
import { useNow } from '../state/useNow';
import { CalendarAddress } from './CalendarAddress';
import styles from './PhonesPart.module.css';

interface Props {
  /** null: the app is served on this machine alone. */
  readonly sharing:
    | (Pick<Sharing, 'hosts' | 'fingerprint'> & {
        /** SHA-256 of what a phone installs. */
        readonly authorityFingerprint: string;
      })
    | null;
  readonly devices: readonly Device[];
  /** ISO moment at which the address for calendars was made; null: there is none. */
  readonly calendarAt: string | null;
}

interface Code {
  readonly code: string;
  readonly endsAt: string;
  readonly address: string;
  /** SVG of what is scanned. */
  readonly picture: string;
}

/** Phones and tablets that may reach the app over the home network. */
export function PhonesPart({ sharing, devices: stored, calendarAt }: Props) {
  const words = useWords();
  const [devices, setDevices] = useServerState(stored);
  const [code, setCode] = useState<Code | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const pair = async () => {
    const outcome = await send<Code>('POST', '/api/devices');
    if (outcome.kind === 'saved') {
      setCode(outcome.value);
      setFault(null);
    } else setFault(outcomeFaults(outcome).join(' '));
  };
  const remove = async (id: string) => {
    const outcome = await send('DELETE', `/api/devices/${id}`);
    if (outcome.kind === 'saved') setDevices(devices.filter((device) => device.id !== id));
    else setFault('The device could not be removed. Try again.');
  };
  return (
    <section aria-label="Phones" className={styles.part}>
      <h2 className="title">Phones on the home network</h2>
      {sharing === null ? (
        <p>
          Off: only this computer can use the app. To use a phone beside the tank, stop the app and start it
          with <code>npm start -- --share</code>.
        </p>
      ) : (
        <>
          <p>
            On, at {sharing.hosts.map((host) => `https://${host}`).join(', ')}. Only paired devices can use
            it.
          </p>
          <Button variant="contained" className={styles.button} onClick={() => void pair()}>
            Make a pairing code
          </Button>
          {code === null ? null : <PairingCode code={code} />}
          <details>
            <summary>The phone warns about the certificate</summary>
            <p>
              The phone warns because this computer made the certificate itself. Continue only if the phone
              shows this fingerprint (SHA-256):
            </p>
            <p className={styles.fingerprint}>{sharing.fingerprint}</p>
          </details>
          <details>
            <summary>To use Repack offline, install the certificate on the phone</summary>
            <p>
              Without it, the phone cannot reload a page while the app is off, and cannot keep its screen on.
              On the paired phone, download <a href="/api/certificate">the certificate</a>. It is good for the
              home network only, and stays the same for ten years.
            </p>
            <ul className={styles.steps}>
              <li>
                Android: in Settings, search for “CA certificate” and install the downloaded file. Then open
                the address again.
              </li>
              <li>
                iPhone and iPad: allow the download, install the profile under Settings, General, then switch
                it on under About, Certificate Trust Settings.
              </li>
            </ul>
            <p>The phone shows it as “Neat Layer on the home network”, with this fingerprint (SHA-256):</p>
            <p className={styles.fingerprint}>{sharing.authorityFingerprint}</p>
            <p>Remove it from the phone when you stop using the app.</p>
          </details>
          <CalendarAddress madeAt={calendarAt} />
        </>
      )}
      {fault === null ? null : <p role="alert">{fault}</p>}
      {devices.length === 0 ? (
        <p className="quiet">No device is paired.</p>
      ) : (
        <ul className={styles.devices} aria-label="Paired devices">
          {devices.map(({ id, name, pairedAt, seenAt }) => (
            <li key={id}>
              <span>
                <strong>{name}</strong>, paired on {words.date(pairedAt, { day: 'numeric', month: 'long' })},
                seen {words.date(seenAt, { day: 'numeric', month: 'long' })}
              </span>
              <Button aria-label={`Remove ${name}`} onClick={() => void remove(id)}>
                Remove
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** For how long a code holds, s: no clock says more. */
const CODE_LIFE_S = 600;
const TICK_MS = 1000;

function PairingCode({ code: { code, endsAt, address, picture } }: { code: Code }) {
  const now = useNow(TICK_MS);
  const begins = new Date(Date.parse(endsAt) - CODE_LIFE_S * 1000).toISOString();
  const left = now === null ? CODE_LIFE_S : timeLeft(begins, CODE_LIFE_S, now);
  if (left === 0) return <p role="status">The code has expired. Make a new one.</p>;
  return (
    <div className={styles.code}>
      <div
        role="img"
        aria-label="Code to scan with the phone"
        className={styles.picture}
        // Drawn by the app itself from its own address.
        dangerouslySetInnerHTML={{ __html: picture }}
      />
      <div>
        <p className={styles.signs} data-testid="pairing-code">
          {code.slice(0, 4)} {code.slice(4)}
        </p>
        <p>
          Scan it, or open {new URL(address).origin} on the phone and type the code. It works for one device.
          Time left: <span role="timer">{formatClock(left)}</span>
        </p>
      </div>
    </div>
  );
}
