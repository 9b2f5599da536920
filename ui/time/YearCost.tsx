'use client';
import { useMemo } from 'react';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import type { Layer } from '@/core/layers/layer';
import { mediumOf } from '@/core/layers/mediumOf';
import { CARTRIDGE_DAYS, cartridgesPerYear, packCosts, payBack } from '@/core/prepare/costs';
import type { ServicePlan } from '@/core/service/servicePlan';
import type { Shelf } from '@/core/shelf/shelf';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import { askWorker } from './forecastWorkers';
import { useWorkerAnswer } from './useWorkerAnswer';
import table from '../frame/FigureTable.module.css';
import styles from './YearCost.module.css';
import { DAY, DAYS_A_YEAR } from '@/core/units/time';

interface Props {
  readonly input: ForecastInput;
  /** Layers as found; empty: nothing to compare with. */
  readonly found: readonly Layer[];
  readonly shelf: Shelf;
  readonly electricityPrice: number | null;
  /** What the shopping list costs; null while a price is missing; left out where only the year is asked for. */
  readonly now?: number | null;
}

/** Seconds in a year. */
const YEAR = DAYS_A_YEAR * DAY;

const plan = (input: ForecastInput): Promise<ServicePlan | null> =>
  askWorker('long', (remote) => remote.plan(input));

/** What the pack costs now and in a year, against the pack as found and against disposable cartridges. */
export function YearCost({ input, found, shelf, electricityPrice, now }: Props) {
  const words = useWords();
  const { filter, layers } = input;
  const before = useMemo<ForecastInput | null>(
    () => (found.length === 0 ? null : { ...input, layers: found, visits: [] }),
    [input, found],
  );
  const planned = useWorkerAnswer(input, plan);
  const past = useWorkerAnswer(before, plan);
  if (planned.failed)
    return (
      <p>
        The yearly cost could not be worked out. <button onClick={planned.retry}>Try again</button>
      </p>
    );
  const costs = packCosts(filter, layers, planned.found?.answer ?? null, shelf, electricityPrice);
  const foundCosts =
    before === null ? null : packCosts(filter, found, past.found?.answer ?? null, shelf, electricityPrice);
  const cartridges = cartridgesPerYear(shelf);
  const back =
    cartridges === null || now == null || now === 0 ? null : payBack(now, cartridges, costs.consumables);
  const money = (amount: number | null): string => (amount === null ? 'not known' : words.money(amount));
  const waits = planned.found === null;
  // The feed rate is unknown: nothing says how often anything is renewed.
  const unfed = planned.found !== null && planned.found.answer === null;
  return (
    <>
      <dl className={styles.costs}>
        {now === undefined ? null : (
          <div>
            <dt>To buy now</dt>
            <dd className="figure">{money(now)}</dd>
            {now === null ? <dd className="quiet">Prices are missing: see the shopping list.</dd> : null}
          </div>
        )}
        <div>
          <dt>Consumables in a year</dt>
          <dd className="figure">{waits ? 'working out' : unfed ? 'not known' : money(costs.consumables)}</dd>
          <dd className="quiet">
            {unfed ? (
              <AppLink href={`/filter/${filter.id}/measure`}>Enter the daily food under Measure</AppLink>
            ) : (
              'For a year of visits, at the early end of the forecast.'
            )}
          </dd>
          {costs.unpriced > 0 ? (
            <dd className="quiet">
              {costs.unpriced} {costs.unpriced === 1 ? 'layer has' : 'layers have'} no price.{' '}
              <AppLink href="/shelf">Enter prices on Shelf</AppLink>
            </dd>
          ) : null}
        </div>
        {foundCosts === null || past.found === null ? null : (
          <div>
            <dt>The same for the pack as found</dt>
            <dd className="figure">{money(foundCosts.consumables)}</dd>
          </div>
        )}
        <div>
          <dt>Electricity in a year</dt>
          <dd className="figure">{money(costs.electricity)}</dd>
          {costs.electricity === null ? (
            <dd className="quiet">
              {filter.pump.power === null ? (
                <AppLink href={`/filter/${filter.id}/measure`}>Enter the watts under Measure</AppLink>
              ) : (
                <AppLink href="/settings">Enter the price of a kilowatt-hour in Settings</AppLink>
              )}
            </dd>
          ) : null}
        </div>
        <div>
          <dt>A year of disposable cartridges instead</dt>
          <dd className="figure">{money(cartridges)}</dd>
          <dd className="quiet">
            {cartridges === null
              ? 'Enter the price of a cartridge on Shelf.'
              : `One every ${CARTRIDGE_DAYS} days.${back === null ? '' : ` The plan pays for itself after ${words.show({ kind: 'days', si: back * YEAR })}.`}`}
          </dd>
        </div>
      </dl>
      {now === undefined ? null : (
        <table className={table.table}>
          <caption className="caption">What each layer costs</caption>
          <thead>
            <tr>
              <th scope="col">Layer</th>
              <th scope="col">Once</th>
              <th scope="col">Replaced a year</th>
              <th scope="col">Per litre</th>
              <th scope="col">Per usable m²</th>
            </tr>
          </thead>
          <tbody>
            {costs.layers.map(({ layerId, once, perYear, perLitre, perSurface }) => {
              const layer = layers.find(({ id }) => id === layerId);
              return (
                <tr key={layerId}>
                  <th scope="row">{layer === undefined ? '' : mediumOf(layer).name}</th>
                  <td>{once === null ? 'no price' : money(once)}</td>
                  <td>{perYear === 0 ? 'no' : `${words.number(perYear, 1)} times`}</td>
                  <td>{perLitre === null ? '' : money(perLitre)}</td>
                  <td>{perSurface === null ? '' : money(perSurface)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </>
  );
}
