import { UNITS, type Unit } from '@/core/units/unitTable';

/** A unit that a column may be in. */
export interface FieldUnit {
  /** As it stands in the heading of a file this app writes, and on screen. */
  readonly words: string;
  readonly unit: Unit;
  /** How headings of other files name it. */
  readonly heading: RegExp;
}

/** What a column of a log may hold. */
export interface LogField {
  readonly words: string;
  /** How headings usually name it, in lower case. */
  readonly heading: RegExp;
  /** Empty: words, not a quantity. */
  readonly units: readonly FieldUnit[];
  /** Only files of this app have it. */
  readonly own?: boolean;
}

const [milligramPerLitre] = UNITS.concentration.typed as [Unit];
const [asAmmonium] = UNITS.ammonium.typed as [Unit];
const [asNitrite] = UNITS.nitriteIon.typed as [Unit];
const [asNitrate] = UNITS.nitrate.typed as [Unit];

/** The units of a kind, each found in a heading by its sign or its spellings. */
const unitsOf = (kind: keyof typeof UNITS): FieldUnit[] =>
  UNITS[kind].typed.map((unit) => ({
    words: unit.symbol,
    unit,
    heading: new RegExp(
      `(^|[\\s(\\[,/_])(${[unit.symbol.toLowerCase(), ...unit.aliases].map(escaped).join('|')})([\\s)\\],_]|$)`,
    ),
  }));
const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&');

const AS_N = { words: 'mg/L as N', unit: milligramPerLitre, heading: /as n\b|-n\b|\bn\)/ } as const;

/** What a column of a log may hold, in the order of the files this app writes. */
export const LOG_FIELDS = {
  date: { words: 'date, with or without a time', heading: /^(date|day|when|datum|timestamp)/, units: [] },
  time: { words: 'time of day', heading: /^(time|hour|clock|uhrzeit)$/, units: [] },
  kind: { words: 'kind of entry', heading: /^(kind|type|entry)$/, units: [], own: true },
  moment: { words: 'when the flow was timed', heading: /^moment$/, units: [], own: true },
  jug: { words: 'jug', heading: /\bjug\b/, units: unitsOf('volume') },
  seconds: { words: 'times to fill it', heading: /seconds|filling times?/, units: unitsOf('time') },
  flow: { words: 'flow', heading: /\bflow\b(?! before)/, units: unitsOf('flow') },
  ammonia: {
    words: 'ammonia',
    heading: /ammoni|\bnh[34₃₄]|\btan\b/,
    units: [AS_N, { words: 'mg/L as NH₄', unit: asAmmonium, heading: /nh[4₄]/ }],
  },
  nitrite: {
    words: 'nitrite',
    heading: /nitrite|\bno[2₂]/,
    units: [AS_N, { words: 'mg/L as NO₂', unit: asNitrite, heading: /no[2₂](?!-n)/ }],
  },
  nitrate: {
    words: 'nitrate',
    heading: /nitrate|\bno[3₃]/,
    units: [{ words: 'mg/L as NO₃', unit: asNitrate, heading: /no[3₃](?!-n)/ }, AS_N],
  },
  pH: { words: 'pH', heading: /^ph\b/, units: unitsOf('plain') },
  scale: { words: 'how the test kit counts', heading: /^kit counts$/, units: [], own: true },
  share: {
    words: 'water changed',
    heading: /water chang|^wc\b|changed? %|% changed?/,
    units: unitsOf('share'),
  },
  dechlorinated: { words: 'dechlorinated', heading: /dechlor|conditioner/, units: [] },
  added: { words: 'what was put in', heading: /^put in$/, units: [], own: true },
  seen: { words: 'what was seen', heading: /^seen$/, units: [], own: true },
  headroom: {
    words: 'water level below the rim',
    heading: /below (the )?rim|headroom/,
    units: unitsOf('gap'),
  },
  works: { words: 'what was done', heading: /^works?$/, units: [], own: true },
  flowWas: { words: 'flow before the service', heading: /^flow before/, units: [], own: true },
  topUp: { words: 'topped up', heading: /top(ped)?[- ]?up/, units: unitsOf('volume') },
  changed: { words: 'what was changed', heading: /^changed$/, units: [], own: true },
  symptom: { words: 'fault', heading: /^fault$/, units: [], own: true },
  causes: { words: 'causes of the fault', heading: /^causes$/, units: [], own: true },
  rinsed: { words: 'new media rinsed', heading: /^rinsed$/, units: [], own: true },
  item: { words: 'what was put off', heading: /^put off$/, units: [], own: true },
  until: { words: 'put off until', heading: /^until$/, units: [], own: true },
  note: { words: 'note', heading: /^(notes?|comments?|remarks?|text|bemerkung)/, units: [] },
} as const satisfies Record<string, LogField>;
export type LogFieldKey = keyof typeof LOG_FIELDS;

/** A field by its key, as the general type. */
export const logField = (key: LogFieldKey): LogField => LOG_FIELDS[key];

/** The heading that files of this app have for a field: its name and unit. */
export const OWN_HEADINGS: Readonly<Record<LogFieldKey, string>> = {
  date: 'date',
  time: 'time',
  kind: 'kind',
  moment: 'moment',
  jug: 'jug (L)',
  seconds: 'filling times (s)',
  flow: 'flow (L/h)',
  ammonia: 'ammonia (mg/L as N)',
  nitrite: 'nitrite (mg/L as N)',
  nitrate: 'nitrate (mg/L as N)',
  pH: 'pH',
  scale: 'kit counts',
  share: 'water changed (%)',
  dechlorinated: 'dechlorinated',
  added: 'put in',
  seen: 'seen',
  headroom: 'below the rim (mm)',
  works: 'works',
  flowWas: 'flow before',
  topUp: 'topped up (L)',
  changed: 'changed',
  symptom: 'fault',
  causes: 'causes',
  rinsed: 'rinsed',
  item: 'put off',
  until: 'until',
  note: 'note',
};
