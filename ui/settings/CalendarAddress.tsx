'use client';
import { useServerState } from '../state/useServerState';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useWords } from '../fields/UnitsProvider';
import { send, type Outcome } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';
import styles from './PhonesPart.module.css';

/** The secret address under which calendars read what is due: made, shown once, and revoked. */
export function CalendarAddress({ madeAt }: { readonly madeAt: string | null }) {
  const words = useWords();
  const [made, setMade] = useServerState(madeAt);
  const [address, setAddress] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const failed = (outcome: Outcome<unknown>) => setFault(outcomeFaults(outcome).join(' '));
  const make = async () => {
    const outcome = await send<{ address: string }>('POST', '/api/calendar-feed');
    if (outcome.kind !== 'saved') return failed(outcome);
    setFault(null);
    setAddress(outcome.value.address);
    setMade(new Date().toISOString());
  };
  const revoke = async () => {
    const outcome = await send('DELETE', '/api/calendar-feed');
    if (outcome.kind !== 'saved') return failed(outcome);
    setFault(null);
    setAddress(null);
    setMade(null);
  };
  return (
    <div role="group" aria-label="Calendar address">
      <p>
        Your calendar can show what is due if you give it this secret address. It works on your home network
        without pairing. Anyone with the address can read what is due, and nothing else.
        {made === null
          ? ''
          : ` The address was made on ${words.date(made, { day: 'numeric', month: 'long' })}.`}
      </p>
      {address === null ? null : (
        <>
          <p className={styles.fingerprint} data-testid="calendar-address">
            {address}
          </p>
          <p>Copy the address into your calendar now. It will not be shown again.</p>
        </>
      )}
      <Button className={styles.button} onClick={() => void make()}>
        {made === null ? 'Make a calendar address' : 'Make a new address'}
      </Button>{' '}
      {made === null ? null : <Button onClick={() => void revoke()}>Remove the address</Button>}
      {fault === null ? null : <p role="alert">{fault}</p>}
    </div>
  );
}
