// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { UnitsProvider } from '../fields/UnitsProvider';
import { PhonesPart } from './PhonesPart';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const SHARED = { hosts: ['192.168.1.20:3443'], fingerprint: 'AB:CD', authorityFingerprint: 'EF:01' };
const PHONE = {
  id: 'd',
  name: 'Blue phone',
  pairedAt: '2026-11-20T10:00:00Z',
  seenAt: '2026-11-27T10:00:00Z',
};
const show = (part: Parameters<typeof PhonesPart>[0]) =>
  render(
    <UnitsProvider habits={{ system: 'metric', locale: 'en-GB', currency: 'EUR' }}>
      <PhonesPart {...part} />
    </UnitsProvider>,
  );
const answers = (status: number, body: unknown) =>
  vi.stubGlobal(
    'fetch',
    vi.fn(() => Promise.resolve(Response.json(body, { status }))),
  );

describe('phones on the home network', () => {
  it('are off until the app is started so, which is said', () => {
    show({ sharing: null, devices: [], calendarAt: null });
    expect(screen.getByText('npm start -- --share')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Make a pairing code' })).toBeNull();
  });

  it('are paired by a code that runs out', async () => {
    answers(200, {
      code: 'ABCD2345',
      endsAt: new Date(Date.now() + 600_000).toISOString(),
      address: 'https://192.168.1.20:3443/pair?code=ABCD2345',
      picture: '<svg></svg>',
    });
    show({ sharing: SHARED, devices: [], calendarAt: null });
    await userEvent.click(screen.getByRole('button', { name: 'Make a pairing code' }));
    expect((await screen.findByTestId('pairing-code')).textContent).toBe('ABCD 2345');
    expect(screen.getByText(/open https:\/\/192\.168\.1\.20:3443 on the phone/)).toBeTruthy();
    expect(screen.getByText('AB:CD')).toBeTruthy();
    expect(screen.getByText('EF:01')).toBeTruthy();
  });

  it('are removed with a press, and stay where that fails', async () => {
    answers(404, { message: 'This device no longer exists.' });
    show({ sharing: SHARED, devices: [PHONE], calendarAt: null });
    await userEvent.click(screen.getByRole('button', { name: 'Remove Blue phone' }));
    expect(await screen.findByRole('alert')).toBeTruthy();
    expect(screen.getByText('Blue phone')).toBeTruthy();
    answers(200, {});
    await userEvent.click(screen.getByRole('button', { name: 'Remove Blue phone' }));
    expect(await screen.findByText('No device is paired.')).toBeTruthy();
  });
});
