'use client';
import { useMemo, useState } from 'react';
import { cautions } from '@/core/cautions/cautions';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import { mediumOf } from '@/core/layers/mediumOf';
import { fixedLayers } from '@/core/propose/fixedLayers';
import { usualPacks, type UsualPack } from '@/core/propose/usualPacks';
import { type Surroundings } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import { assumedFoodSaid } from '@/core/report/verdict';
import { assumedFood } from '@/core/tank/feedPerDay';
import { mediaOnShelf } from '@/core/shelf/mediaOnShelf';
import { useWords } from '../fields/UnitsProvider';
import { useShelf } from '../fields/OnShelf';
import { CheckList } from '../fields/CheckList';
import { Cautions } from '../frame/Cautions';
import { UsualPackRow } from './UsualPackRow';
import { USUAL_PACKS_ID } from './usualPacksId';
import styles from './UsualPacks.module.css';

interface Props {
  readonly filter: Filter;
  readonly around: Surroundings;
  /** The plan as it is. */
  readonly mine: readonly Layer[];
  /** What is in the filter until now; empty: nothing, or it is unknown. */
  readonly today: readonly Layer[];
  readonly onUse: (pack: UsualPack) => void;
}

/** The packs that keepers usually build in a filter like this, each with its four answers: one press makes it the plan. */
export function UsualPacks({ filter, around, mine, today, onUse }: Props) {
  const words = useWords();
  const { shelf } = useShelf();
  const { schools, tank } = around;
  const [carbon, setCarbon] = useState(false);
  const asked = useMemo(
    () => ({
      filter,
      schools,
      animals: tank.animals,
      floatingPlants: tank.litter.floating,
      mine,
      today,
      pinned: fixedLayers(filter, mine.length > 0 ? mine : today, schools),
      onHand: mediaOnShelf(shelf),
    }),
    [filter, schools, tank, mine, today, shelf],
  );
  const fitsCarbon = useMemo(
    () => usualPacks({ ...asked, carbon: true }).some(({ layers }) => layers.some(isCarbon)),
    [asked],
  );
  const packs = useMemo(
    () =>
      usualPacks({ ...asked, carbon }).map((pack) => ({
        pack,
        report: evaluatePack({
          ...around,
          filter: pack.filter,
          layers: pack.layers,
          flow: null,
          found: today,
        }),
      })),
    [asked, carbon, around, today],
  );
  if (packs.length === 0)
    return (
      <p className={styles.none}>
        No usual pack fits this filter. Check the sizes of its chambers under Measure, or add the layers
        yourself.
      </p>
    );
  const media = packs.flatMap(({ pack }) => pack.layers);
  return (
    <section id={USUAL_PACKS_ID} aria-label="Usual packs" className={styles.packs}>
      <h2 className={styles.title}>Start from a usual pack</h2>
      <p className="quiet">
        Made for this filter and your choices, from sheets as they are sold. You can change every layer
        afterwards.{words.say(assumedFoodSaid(assumedFood(tank)))}
      </p>
      {fitsCarbon ? (
        <CheckList
          legend="Chemical media"
          items={[{ value: 'carbon', label: 'With a bag of carbon' }]}
          chosen={carbon ? ['carbon'] : []}
          onChange={(chosen) => setCarbon(chosen.length > 0)}
        />
      ) : null}
      <ul className={styles.list}>
        {packs.map(({ pack, report }) => (
          <UsualPackRow key={pack.kind} {...{ pack, report, around }} onUse={() => onUse(pack)} />
        ))}
      </ul>
      <Cautions lines={cautions(filter, media, 'handling')} />
    </section>
  );
}

const isCarbon = (layer: Layer): boolean => mediumOf(layer).family === 'carbon';
