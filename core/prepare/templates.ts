import { faceSides, isInward } from '../filter/chamberGeometry';
import type { Chamber, Filter } from '../filter/filter';
import { tubeOf } from '../filter/tubeOf';
import type { CutPiece } from '../cut/cutPiece';
import { boxOf, type Outline } from '../cut/outline';
import type { LevelStrip } from './levelStrip';

/** A shape to be printed at its true size and cut along. Everything in millimetres; y downwards. */
export interface Template {
  readonly name: string;
  readonly note: string;
  readonly width: number;
  readonly height: number;
  /** As in an SVG path. */
  readonly paths: readonly string[];
  /** Lines across it with what they say. */
  readonly marks: readonly { readonly y: number; readonly label: string }[];
}

const MM = 1000;
const mm = (metres: number): number => Math.round(metres * MM * 100) / 100;

/**
 * An outline as an SVG path in millimetres, its upper left corner at the origin.
 *
 * @example outlinePath({ form: 'rectangle', length: 0.1, width: 0.05, corner: 0, notch: null }) // 'M0 0H100V50H0Z'
 */
export function outlinePath(outline: Outline): string {
  if (outline.form === 'disc') {
    const [r, b] = [mm(outline.diameter / 2), mm(outline.bore / 2)];
    const circle = (radius: number): string =>
      `M${r - radius} ${r}A${radius} ${radius} 0 1 1 ${r + radius} ${r}A${radius} ${radius} 0 1 1 ${r - radius} ${r}Z`;
    return circle(r) + (b > 0 ? circle(b) : '');
  }
  const [length, width, corner] = [mm(outline.length), mm(outline.width), mm(outline.corner)];
  const notch =
    outline.notch === null
      ? ''
      : `H${(length - mm(outline.notch.width)) / 2}v${mm(outline.notch.depth)}h${mm(outline.notch.width)}v${-mm(outline.notch.depth)}`;
  if (corner === 0) return `M0 0${notch}H${length}V${width}H0Z`;
  const arc = (x: number, y: number): string => `A${corner} ${corner} 0 0 1 ${x} ${y}`;
  return (
    `M${corner} 0${notch}H${length - corner}${arc(length, corner)}V${width - corner}` +
    `${arc(length - corner, width)}H${corner}${arc(0, width - corner)}V${corner}${arc(corner, 0)}Z`
  );
}

const shaped = (name: string, note: string, outline: Outline): Template => {
  const { length, width } = boxOf(outline);
  return { name, note, width: mm(length), height: mm(width), paths: [outlinePath(outline)], marks: [] };
};

/** Pieces of a plan, each shape once, with where it goes. */
export function pieceTemplates(pieces: readonly CutPiece[]): Template[] {
  const shapes = new Map<string, { outline: Outline; bevel: number; names: string[] }>();
  for (const { layerNumber, medium, outline, bevel, part } of pieces) {
    const key = `${outlinePath(outline)} ${bevel}`;
    // Walls that are alike are one template.
    const which = /wall|sleeve/.test(part) ? `, ${part.replace(/, (first|second)$/, '')}` : '';
    const name = `${layerNumber} ${medium.name}${which}`;
    const known = shapes.get(key);
    if (known === undefined) shapes.set(key, { outline, bevel, names: [name] });
    else if (!known.names.includes(name)) known.names.push(name);
  }
  return [...shapes.values()].map(({ outline, bevel, names }) =>
    shaped(
      names.join('; '),
      bevel > 0
        ? `Oversize for grip. Upper face; bevel all sides so that the lower face is ${mm(bevel)} mm narrower.`
        : 'Already slightly oversize, for grip. Cut along the outside of the line.',
      outline,
    ),
  );
}

/** The inside of a chamber, without anything added: to be held against the body, or an old cartridge. */
export function chamberTemplate(chamber: Chamber): Template {
  const { shape, name } = chamber;
  const outline: Outline =
    shape.form === 'cylinder' || shape.form === 'annulus'
      ? { form: 'disc', diameter: shape.diameter, bore: shape.form === 'annulus' ? shape.bore : 0 }
      : {
          form: 'rectangle',
          length: faceSides(shape).shown,
          width: faceSides(shape).into,
          corner:
            shape.form === 'box' ? Math.min(chamber.cornerRadius, shape.length / 2, shape.width / 2) : 0,
          notch: null,
        };
  return shaped(
    `${name}, inside`,
    'True size, nothing added. Hold it against the chamber or the old cartridge. If it does not match, measure again.',
    outline,
  );
}

/** Width of a shim, m (common practice, no source: two of them hold a sleeve). */
const SHIM_WIDTH = 0.02;
/** A gap below which a sleeve holds by itself, m. */
const MAX_HOLDING_GAP = 1e-3;

/** What else a sleeve needs: an end for a closed one, and shims where the tube is thinner than its bore. */
export function sleeveTemplates(filter: Filter): Template[] {
  return filter.chambers.flatMap(({ shape, depth, name, where }) => {
    if (shape.form !== 'sleeve') return [];
    const tube = tubeOf(filter.intakes);
    const gap = (shape.diameter - 2 * depth - tube) / 2;
    return [
      shaped(
        `${name}, closed end`,
        'For a sleeve that is closed at the bottom. Sew it on, or tie the sleeve over it.',
        {
          form: 'disc',
          diameter: shape.diameter,
          bore: 0,
        },
      ),
      ...(where === 'intake' && gap > MAX_HOLDING_GAP
        ? [
            shaped(
              `${name}, packing strip`,
              `The tube is thinner than the hole in the sleeve. Wrap two strips, ${mm(gap)} mm thick, around it.`,
              {
                form: 'rectangle',
                length: Math.PI * (tube + gap),
                width: SHIM_WIDTH,
                corner: 0,
                notch: null,
              },
            ),
          ]
        : []),
    ];
  });
}

/** Width of a level strip, m: what sticks and is read. */
const STRIP_WIDTH = 0.018;

/** A strip for the wall of a hang-on-back, its upper end at the rim. */
export function stripTemplate({ clean, service, length }: LevelStrip): Template {
  return {
    name: 'Level strip',
    note: 'Cover it with clear tape. Stick it to the wall in front of the pack, with its top edge at the rim.',
    width: mm(STRIP_WIDTH),
    height: mm(length),
    paths: [`M0 0H${mm(STRIP_WIDTH)}V${mm(length)}H0Z`],
    marks: [
      { y: 0, label: 'spills' },
      ...(service === null ? [] : [{ y: mm(service), label: 'service' }]),
      { y: mm(clean), label: 'clean' },
    ],
  };
}

/** Everything that can be printed for a pack, in the order in which it is offered. */
export const templatesFor = (
  filter: Filter,
  pieces: readonly CutPiece[],
  strip: LevelStrip | null,
): Template[] => [
  ...pieceTemplates(pieces),
  ...(strip === null ? [] : [stripTemplate(strip)]),
  // What is flowed inward is lined, not filled: its pieces are the templates.
  ...filter.chambers.filter(({ shape }) => !isInward(shape)).map(chamberTemplate),
  ...sleeveTemplates(filter),
];
