import type { Template } from '@/core/prepare/templates';
import { CHECK_BAR } from './paper';

/** White around the shape, and between shape, bar and words, mm. */
const WHITE_MM = 8;
/** Height of the words, mm. */
const TEXT = 4;

const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

/** A template as an SVG file whose units are millimetres, with a check bar of 100 mm. */
export function templateSvg({ name, note, width, height, paths, marks }: Template): string {
  const whole = {
    width: Math.max(width, CHECK_BAR) + 2 * WHITE_MM,
    height: height + 3 * WHITE_MM + 3 * TEXT,
  };
  const foot = height + 2 * WHITE_MM;
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${whole.width}mm" height="${whole.height}mm" viewBox="${-WHITE_MM} ${-WHITE_MM} ${whole.width} ${whole.height}">
  <title>${escaped(name)}</title>
  <g fill="none" stroke="#000" stroke-width="0.3">
${paths.map((path) => `    <path class="outline" d="${path}"/>`).join('\n')}
${marks.map(({ y }) => `    <path class="mark" d="M0 ${y}H${width}"/>`).join('\n')}
    <path class="check-bar" d="M0 ${foot - 2}v4M0 ${foot}h${CHECK_BAR}M${CHECK_BAR} ${foot - 2}v4"/>
  </g>
  <g font-family="sans-serif" font-size="${TEXT}">
${marks.map(({ y, label }) => `    <text x="${width + 2}" y="${y + 1}">${escaped(label)}</text>`).join('\n')}
    <text x="0" y="${foot + TEXT + 2}">This bar must be 100 mm long. If it is not, print at 100 %, not “fit to page”.</text>
    <text x="0" y="${foot + 2 * TEXT + 3}">${escaped(`${name}. ${note}`)}</text>
  </g>
</svg>
`;
}
