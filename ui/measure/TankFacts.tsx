'use client';
import { ammoniaPerDay, feedPerDay, isFoodAssumed } from '@/core/tank/feedPerDay';
import { netVolume } from '@/core/tank/netVolume';
import type { Tank } from '@/core/tank/tank';
import { turnoverBand } from '@/core/practice/turnoverBand';
import { airPressure } from '@/core/water/airPressure';
import { ammoniaShare } from '@/core/water/ammoniaShare';
import { oxygenSaturation } from '@/core/water/oxygenSaturation';
import { useWords } from '../fields/UnitsProvider';
import styles from './WaterForm.module.css';
import { Explanation } from '../frame/Explanation';

/** What follows from the tank alone: what a filter on it has to do. */
export function TankFacts({ tank }: { tank: Tank }) {
  const words = useWords();
  const oxygen = oxygenSaturation(tank.temperature, airPressure(tank.altitude));
  const feed = feedPerDay(tank);
  const ammonia = (food: number): string =>
    words.show({ kind: 'milligram', si: ammoniaPerDay(food, tank.feed.protein) });
  const volume = netVolume(tank.water).value;
  const band = turnoverBand(volume, tank.animals);
  return (
    <dl className={styles.facts} aria-label="Results">
      <dt>Ammonia from the food, as nitrogen (N)</dt>
      <dd>{ammonia(feed.likely)} a day</dd>
      <dd className={styles.word}>
        {isFoodAssumed(tank) ? 'from the food assumed; ' : ''}between {ammonia(feed.low)} and{' '}
        {ammonia(feed.high)}
      </dd>
      <dt>
        Recommended flow
        <Explanation of="Turnover" />
      </dt>
      <dd>
        {words.parts({ kind: 'flow', si: band.low * volume }).number} to{' '}
        {words.show({ kind: 'flow', si: band.high * volume })}
      </dd>
      <dd className={styles.word}>
        {words.parts({ kind: 'turnover', si: band.low }).number} to{' '}
        {words.show({ kind: 'turnover', si: band.high })}, {band.why}
      </dd>
      <dt>Oxygen it can hold</dt>
      <dd>{words.show({ kind: 'concentration', si: oxygen })}</dd>
      <dt>Free ammonia (NH₃)</dt>
      <dd>
        {tank.pH === null
          ? 'enter the pH'
          : words.show({ kind: 'share', si: ammoniaShare(tank.temperature, tank.pH) }, 2)}
      </dd>
      {tank.animals.includes('fry') || tank.animals.includes('shrimp') ? (
        <dd className={styles.word}>
          You have fry or shrimp. Put a sponge on the intake to keep them out of the filter.
        </dd>
      ) : null}
    </dl>
  );
}
