'use client';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import type { Finding } from '@/core/findings/finding';
import { findingIdentity } from '@/core/findings/findingIdentity';
import { evaluatePack, type PackReport } from '@/core/report/evaluatePack';
import type { PackInput } from '@/core/report/packMeasures';
import { applyEdit, type PackEdit } from '@/core/pack/packEdit';
import { readingChanges } from '@/core/report/packReadings';
import { useWords } from '../fields/UnitsProvider';
import { SchoolNote } from '../schools/SchoolNote';
import type { Words } from '../fields/wordsFor';
import styles from './FindingsPanel.module.css';
import { LEVEL_WORDS } from './levelWords';

interface Props {
  readonly title: string;
  readonly input: PackInput;
  readonly report: PackReport;
  readonly onSelect: (layerId: string | null) => void;
  /** Left out where the pack is only looked at. */
  readonly onEdit?: (edit: PackEdit) => void;
  /** Does over weeks what the plan would do at once; left out where that cannot be planned. */
  readonly onStaged?: ((staged: NonNullable<Finding['staged']>) => void) | undefined;
  /** Numbers what is to be done, worst first, for a drawing that refers to it. */
  readonly numbered?: boolean;
}

/** What the rules say of a pack, worst first, each with its reason and, where one helps, a change and its effect. */
export function FindingsPanel({ title, input, report, onSelect, onEdit, numbered = false }: Props) {
  const { findings } = report;
  return (
    <section aria-label="Findings" className={styles.panel}>
      <h2 className={`caption ${styles.heading}`}>{title}</h2>
      {report.layers.length === 0 ? <p>Enter a layer to see findings.</p> : null}
      {report.layers.length > 0 && findings.every((item) => item.level === 'note') ? (
        <p className={styles.fine}>No problems found.</p>
      ) : null}
      <FindingList
        findings={findings}
        input={input}
        report={report}
        onSelect={onSelect}
        onEdit={onEdit}
        numbered={numbered}
      />
    </section>
  );
}

/** Findings, each with its reason and what can be done about it. */
export function FindingList({
  findings,
  numbered = false,
  ...rest
}: Omit<Props, 'title'> & { readonly findings: readonly Finding[] }) {
  return (
    <ul className={styles.list}>
      {findings.map((finding, index) => (
        <FindingItem
          key={findingIdentity(finding)}
          finding={finding}
          number={numbered && finding.level !== 'note' ? index + 1 : null}
          {...rest}
        />
      ))}
    </ul>
  );
}

type ItemProps = Omit<Props, 'title' | 'numbered'> & {
  readonly finding: Finding;
  readonly number: number | null;
};

function FindingItem({ finding, input, report, onSelect, onEdit, onStaged, number }: ItemProps) {
  const words = useWords();
  const { remedy, staged } = finding;
  const effect = useMemo(
    () => (remedy === undefined ? '' : effectOf(remedy.edit, input, report, words)),
    [remedy, input, report, words],
  );
  return (
    <li className={styles.finding} data-level={finding.level}>
      <button type="button" className={styles.title} onClick={() => onSelect(finding.layers[0] ?? null)}>
        {number === null ? null : <span className={styles.number}>{number}</span>}
        <span className={styles.level}>{LEVEL_WORDS[finding.level]}</span> {words.say(finding.title)}
      </button>
      <p>{words.say(finding.reason)}</p>
      {finding.school === undefined ? null : <SchoolNote school={finding.school} schools={input.schools} />}
      {remedy === undefined || onEdit === undefined ? null : (
        <p className={styles.remedy}>
          <Button variant="text" onClick={() => onEdit(remedy.edit)}>
            {remedy.label}
          </Button>
          {effect === '' ? null : <span className={styles.effect}>{effect}</span>}
        </p>
      )}
      {staged === undefined || onStaged === undefined ? null : (
        <p className={styles.remedy}>
          <Button variant="text" onClick={() => onStaged(staged)}>
            Keep all of it for now, and replace it in stages
          </Button>
          <span className={styles.effect}>see the stages under Media swap</span>
        </p>
      )}
    </li>
  );
}

/** "Poorest fit 67 → 77 %": the figures that the change would move, before it is made. */
function effectOf(edit: PackEdit, input: PackInput, report: PackReport, words: Words): string {
  const after = evaluatePack({ ...input, layers: applyEdit(input.layers, edit) });
  const figures = readingChanges(report, after)
    .slice(0, 3)
    .map(
      ({ label, before, after: then }) =>
        `${label.toLowerCase()} ${before === null ? 'none' : words.parts(before).number} → ${then === null ? 'none' : words.show(then)}`,
    );
  const counted = (item: PackReport): number =>
    item.findings.filter((finding) => finding.level !== 'note').length;
  const fewer = counted(report) - counted(after);
  return [
    ...figures,
    ...(fewer === 0 ? [] : [`${Math.abs(fewer)} ${fewer > 0 ? 'fewer' : 'more'} to check`]),
  ].join('; ');
}
