'use client';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { forecastInput } from '@/core/dirt/forecastInput';
import { findingIdentity } from '@/core/findings/findingIdentity';
import type { UsualPack } from '@/core/propose/usualPacks';
import type { Surroundings } from '@/core/report/surroundings';
import type { PackReport } from '@/core/report/evaluatePack';
import { useShelf } from '../fields/OnShelf';
import { useWords } from '../fields/UnitsProvider';
import { OfferedStrip } from '../filters/OfferedStrip';
import { formatLayers } from '../flow-line/formatLayers';
import { LEVEL_WORDS } from '../readings/levelWords';
import { formatServiceRange } from '../time/serviceWords';
import { useForecast } from '../time/useForecast';
import { useRange } from '../time/useRange';
import { CostFigure } from './CostFigure';
import { USUAL_PACK_WORDS } from './usualPackWords';
import styles from './UsualPacks.module.css';

interface Props {
  readonly pack: UsualPack;
  readonly report: PackReport;
  readonly around: Surroundings;
  readonly onUse: () => void;
}

/** One usual pack: drawn to scale, with its layers in flow order, its four answers and what is wrong with it. */
export function UsualPackRow({ pack, report, around, onUse }: Props) {
  const words = useWords();
  const { name, because } = USUAL_PACK_WORDS[pack.kind];
  const priced = useShelf().shelf.items.some(({ price }) => price !== null);
  const input = useMemo(() => forecastInput(around, pack.filter, pack.layers), [around, pack]);
  const { found, failed } = useForecast(input);
  const range = useRange(found, input)?.range ?? null;
  const { bacteria, leastPassThrough: least, totals } = report;
  const serious = report.findings.filter(({ level }) => level !== 'note');
  return (
    <li className={styles.pack}>
      <div className={styles.head}>
        <div>
          <h3>{name}</h3>
          <p className="quiet">{because}</p>
        </div>
        <Button variant="outlined" className={styles.use} onClick={onUse}>
          Use this pack<span className="unseen">: {name}</span>
        </Button>
      </div>
      <div className={styles.body}>
        <div className={styles.strip}>
          <OfferedStrip filter={pack.filter} layers={pack.layers} />
        </div>
        <dl className={styles.answers}>
          <div>
            <dt>Water through the worst layer</dt>
            <dd>{least === null ? '–' : words.show({ kind: 'share', si: least })}</dd>
          </div>
          <div>
            <dt>Next service</dt>
            <dd>
              {failed
                ? 'could not be worked out'
                : found === null
                  ? 'being worked out'
                  : formatServiceRange(words, range, found.forecast.serviceDay)}
            </dd>
          </div>
          <div>
            <dt>Bacteria once grown</dt>
            <dd>
              {bacteria === null
                ? `${words.show({ kind: 'surface', si: totals.biologicalSurface })} usable`
                : `enough for ${words.show({ kind: 'cover', si: bacteria.withTank.likely })}`}
            </dd>
          </div>
          <div>
            <dt>{priced ? 'Cost of media' : 'Media, dry'}</dt>
            <dd>
              {priced ? (
                <CostFigure input={{ ...around, filter: pack.filter, layers: pack.layers, flow: null }} />
              ) : (
                words.show({ kind: 'mass', si: totals.dryMass })
              )}
            </dd>
          </div>
        </dl>
      </div>
      <p className={styles.layers}>{formatLayers(words, pack.layers)}</p>
      {serious.length === 0 ? (
        <p className="quiet">No problems found.</p>
      ) : (
        <ul className={styles.findings}>
          {serious.map((finding) => (
            <li key={findingIdentity(finding)} data-level={finding.level}>
              <strong>{LEVEL_WORDS[finding.level]}:</strong> {words.say(finding.title)}
            </li>
          ))}
        </ul>
      )}
    </li>
  );
}
