import { CHAMBERS_TITLE, VISITS_TITLE, type CardText } from './cardText';

/** A cell that cannot break the table. */
const cell = (text: string): string => text.replaceAll('|', '\\|').replaceAll(/\s+/g, ' ');

/** The card of a pack as Markdown. */
export function cardMarkdown({
  title,
  subtitle,
  columns,
  rows,
  lines,
  chambers,
  spares,
  visits,
  note,
  cautions,
}: CardText): string {
  const row = (cells: readonly string[]): string => `| ${cells.map(cell).join(' | ')} |`;
  const list = (items: readonly string[]): string[] => items.map((item) => `- ${item}`);
  return [
    `# ${cell(title)}`,
    '',
    subtitle,
    '',
    row(columns),
    row(columns.map(() => '---')),
    ...rows.map(row),
    '',
    ...list(lines),
    '',
    `## ${CHAMBERS_TITLE}`,
    '',
    ...list(chambers),
    '',
    spares,
    '',
    `## ${VISITS_TITLE}`,
    '',
    ...list(visits),
    '',
    note,
    '',
    '## Take care',
    '',
    ...list(cautions),
    '',
  ].join('\n');
}
