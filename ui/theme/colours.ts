/**
 * Every colour of the app, once. Ink on cool paper; `river` is water and what is active; `attention` is the one warm
 * colour; `stop` the one red. Text colours hold WCAG AA (4.5 : 1) on `paper` and on `wash`.
 * Media pairs are fill and line: the texture and the letter carry the meaning, the colour only supports it.
 */
export interface Colours {
  readonly paper: string;
  readonly sheet: string;
  readonly ink: string;
  readonly muted: string;
  readonly hair: string;
  readonly rule: string;
  readonly river: string;
  readonly onRiver: string;
  readonly wash: string;
  readonly attention: string;
  readonly stop: string;
  readonly foam: string;
  readonly foamLine: string;
  readonly floss: string;
  readonly flossLine: string;
  readonly ring: string;
  readonly ringLine: string;
  readonly stone: string;
  readonly stoneGrain: string;
  readonly stoneLine: string;
  readonly plastic: string;
  readonly plasticLine: string;
  readonly carbon: string;
  readonly carbonLine: string;
  readonly resin: string;
  readonly resinLine: string;
  /** Dirt by size: coarse, middle, fine. */
  readonly dirtCoarse: string;
  readonly dirtMiddle: string;
  readonly dirtFine: string;
}

export const LIGHT: Colours = {
  paper: '#f0f4f3',
  sheet: '#fafcfb',
  ink: '#14242a',
  muted: '#4c6269',
  hair: '#c6d2d1',
  rule: '#7d8f92',
  river: '#07697a',
  onRiver: '#f4fafa',
  wash: '#d3e7e9',
  attention: '#a04f00',
  stop: '#b0221b',
  foam: '#dbe7ea',
  foamLine: '#54777f',
  floss: '#e2e3dd',
  flossLine: '#7e857c',
  ring: '#f1e8df',
  ringLine: '#8a6247',
  stone: '#efe7d6',
  stoneGrain: '#d5bd8b',
  stoneLine: '#856a38',
  plastic: '#e1e9d9',
  plasticLine: '#5f7b48',
  carbon: '#d4d8d9',
  carbonLine: '#2f383b',
  resin: '#f2e3c4',
  resinLine: '#9a6b16',
  dirtCoarse: '#c3b38f',
  dirtMiddle: '#947d52',
  dirtFine: '#5d4a2c',
};

export const DARK: Colours = {
  paper: '#0e1a1d',
  sheet: '#142327',
  ink: '#e8f1f0',
  muted: '#a0b5b8',
  hair: '#2b3e42',
  rule: '#5c7378',
  river: '#59bccb',
  onRiver: '#0b1a1d',
  wash: '#17363d',
  attention: '#f0a848',
  stop: '#ff8d7e',
  foam: '#1f343a',
  foamLine: '#7fa9b2',
  floss: '#2c322f',
  flossLine: '#9ba59b',
  ring: '#332a23',
  ringLine: '#c89b7b',
  stone: '#2e2a20',
  stoneGrain: '#6d5b38',
  stoneLine: '#cdb27a',
  plastic: '#26311f',
  plasticLine: '#9dbb83',
  carbon: '#20282b',
  carbonLine: '#93a1a5',
  resin: '#372c17',
  resinLine: '#d9a648',
  dirtCoarse: '#5f5439',
  dirtMiddle: '#92804f',
  dirtFine: '#cdb681',
};

/** `--ink: …; --paper: …;` for a style sheet. */
export const colourVariables = (colours: Colours): Record<string, string> =>
  Object.fromEntries(Object.entries(colours).map(([name, value]) => [`--${name}`, value as string]));
