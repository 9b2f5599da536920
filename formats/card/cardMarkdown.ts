import { CHAMBERS_TITLE, VISITS_TITLE, type CardText } from './cardText';

/** Words that are read as they stand: what a keeper named is never a heading, a link, a tag or the end of a cell. */
const plain = (text: string): string => text.replaceAll(/[\\`*_[\]<>#|~]/g, '\\$&').replaceAll(/\s+/g, ' ');

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
  const row = (cells: readonly string[]): string => `| ${cells.map(plain).join(' | ')} |`;
  const list = (items: readonly string[]): string[] => items.map((item) => `- ${plain(item)}`);
  return [
    `# ${plain(title)}`,
    '',
    plain(subtitle),
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
    plain(spares),
    '',
    `## ${VISITS_TITLE}`,
    '',
    ...list(visits),
    '',
    plain(note),
    '',
    '## Take care',
    '',
    ...list(cautions),
    '',
  ].join('\n');
}
