'use client';
import { Fragment } from 'react';
import { FILTER_BOUNDS } from '@/core/filter/filterBounds';
import { BIOLOGICAL_SHARE } from '@/core/practice/stocking';
import { ratingReader, describeRating, type TankRange } from '@/core/report/ratingReader';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import type { FilterPart } from './filterPart';
import parts from './filterPart.module.css';
import styles from './RatingFold.module.css';

const STOCK_WORDS = {
  planted: 'planted',
  normal: 'normal',
  heavy: 'heavy',
} as const;

const VERDICT_WORDS = {
  fits: 'about right',
  'too high': 'too high',
  'too low': 'too low',
} as const;

/** The tank size printed on the box, turned into an honest range for three kinds of stock. */
export function RatingFold({ filter, onChange, flow }: FilterPart & { flow: number | null }) {
  const words = useWords();
  const rating = ratingReader(filter, flow);
  const range = ({ low, high }: TankRange): string => {
    const digits = low < 0.01 ? 1 : 0;
    return `${words.parts({ kind: 'volume', si: low }, digits).number}–${words.show({ kind: 'volume', si: high }, digits)}`;
  };
  const printed = filter.tankRating;
  const normal = rating.stocks.find((item) => item.stock === 'normal');
  return (
    <CollapsibleSection
      title="Manufacturer’s tank rating"
      says={`${printed === null ? 'tank size not entered' : `${words.show({ kind: 'volume', si: printed }, 0)} printed`}; ${normal === undefined ? '' : `suits ${range(normal.byWeight)} by media weight, ${range(normal.byTurnover)} by turnover, normal stocking`}`}
    >
      <QuantityField
        label="Tank size on the box"
        optional
        bounds={FILTER_BOUNDS.tankRating}
        value={printed}
        onChange={(tankRating) => onChange({ tankRating })}
        className={parts.field}
      />
      <table className={styles.table}>
        <caption className="unseen">Tank sizes this filter suits</caption>
        <thead>
          <tr className="caption">
            <th>stocking</th>
            <th>by media weight</th>
            {printed === null ? null : <th>rating</th>}
            <th>by turnover</th>
            {printed === null ? null : <th>rating</th>}
          </tr>
        </thead>
        <tbody>
          {rating.stocks.map((stock) => (
            <tr key={stock.stock}>
              <th scope="row">{STOCK_WORDS[stock.stock]}</th>
              {[stock.byWeight, stock.byTurnover].map((tanks, school) => (
                <Fragment key={school}>
                  <td className="figure">{range(tanks)}</td>
                  {printed === null ? null : <td>{VERDICT_WORDS[describeRating(printed, tanks)]}</td>}
                </Fragment>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className={`quiet ${parts.wide}`}>
        Based on {words.show({ kind: 'volume', si: rating.room })} of media space, of which biological media
        takes {words.parts({ kind: 'share', si: BIOLOGICAL_SHARE.low }).number} to{' '}
        {words.show({ kind: 'share', si: BIOLOGICAL_SHARE.high })} in a good pack, and{' '}
        {rating.measured
          ? `the ${words.show({ kind: 'flow', si: rating.flow.low })} you timed`
          : `${words.parts({ kind: 'flow', si: rating.flow.low }).number} to ${words.show({ kind: 'flow', si: rating.flow.high })}, the usual share of the flow on the label`}
        . The two ways of sizing are shown side by side. The maker’s rating ignores the animals, the food, the
        media and clogging.
      </p>
    </CollapsibleSection>
  );
}
