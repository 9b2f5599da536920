import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import type { Due } from '@/core/care/due';
import { formatSentence, sentence } from '@/core/units/sentence';
import { calendarOf } from './calendar';

const NOW = '2026-11-27T09:30:00.000Z';
const due = (change: Partial<Due> = {}): Due => ({
  key: 'visit long-run',
  inDays: 3,
  on: '2026-11-30',
  latestInDays: null,
  what: sentence`Replace the bonded floss pad; squeeze, rinse, and swish the rest, all of it in old tank water.`,
  why: sentence`The flow falls to ${{ kind: 'share', si: 0.6 }}, and “more” — ça va.`,
  minutes: 28.4,
  bring: ['old tank water', 'new floss'],
  withWaterChange: true,
  snoozed: null,
  ...change,
});
const made = (...items: Due[]): string =>
  calendarOf([{ name: 'Long run, left', due: items }], (said) => formatSentence(said), NOW);

describe('calendarOf', () => {
  it('is read back by a published parser as it was meant', () => {
    // Source: the package ical.js.
    const calendar = new ICAL.Component(ICAL.parse(made(due())) as unknown[]);
    const events = calendar.getAllSubcomponents('vevent').map((item) => new ICAL.Event(item));
    expect(events).toHaveLength(1);
    const [event] = events as [ICAL.Event];
    expect(event.summary).toBe(
      'Long run, left: Replace the bonded floss pad; squeeze, rinse, and swish the rest, all of it in old tank water.',
    );
    expect(event.description.replaceAll('\u00a0', ' ')).toBe(
      'The flow falls to 60 %, and “more” — ça va.\nAbout 28 minutes.\nBring old tank water and new floss.\nDo it with the water change.',
    );
    expect(event.startDate.isDate).toBe(true);
    expect(event.startDate.toString()).toBe('2026-11-30');
    expect(event.uid).toBe('visit-long-run@neat-layer');
  });

  it('keeps to RFC 5545: line breaks, lines of 75 octets, escaped signs, what every file and event must have', () => {
    const text = made(due(), due({ key: 'hoses long-run' }));
    expect(text.endsWith('END:VCALENDAR\r\n')).toBe(true);
    expect(text.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\nVERSION:2\.0\r\nPRODID:/);
    expect(text.match(/\r\nUID:/g)).toHaveLength(2);
    expect(text.match(/\r\nDTSTAMP:20261127T093000Z/g)).toHaveLength(2);
    expect(text).toContain('Long run\\, left');
    expect(text).toMatch(/DTSTART;VALUE=DATE:20261130/);
  });

  it('puts what is overdue on today, and is a whole calendar without events', () => {
    expect(made(due({ on: '2026-11-20', inDays: -7 }))).toContain('DTSTART;VALUE=DATE:20261127');
    const empty = calendarOf([], (said) => formatSentence(said), NOW);
    expect(() => ICAL.parse(empty) as unknown).not.toThrow();
    expect(empty).not.toContain('VEVENT');
  });
});
