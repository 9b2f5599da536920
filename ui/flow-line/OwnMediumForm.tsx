'use client';
import { useState } from 'react';
import { bedGeometry } from '@/core/media/bedGeometry';
import { CATALOGUE, mediumById } from '@/core/media/catalogue';
import { GEOMETRY_BOUNDS } from '@/core/media/geometryBounds';
import { ownMedium, ownMediumLike } from '@/core/media/ownMedium';
import { OwnMediumSchema, type OwnMedium } from '@/core/media/ownMediumSchema';
import { OWN_MEDIUM_BOUNDS } from '@/core/media/ownMediumBounds';
import type { Provenance } from '@/core/media/provenance';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { NameField } from '../fields/NameField';
import { QuantityField } from '../fields/QuantityField';
import { MarkField } from './MarkField';
import styles from './MakeUp.module.css';

interface Props {
  readonly own: OwnMedium;
  /** Takes new figures that are valid together. */
  readonly onChange: (own: OwnMedium) => void;
}

const SERVICE_WORDS: Readonly<Record<OwnMedium['service'], string>> = {
  squeeze: 'squeezed',
  rinse: 'rinsed',
  replace: 'replaced',
  recharge: 'recharged',
  leave: 'not cleaned',
};

/** The figures of a medium of the keeper’s own, each with where it comes from; a change holds wherever the medium is. */
export function OwnMediumForm({ own: taken, onChange }: Props) {
  const words = useWords();
  // Figures that are not valid together wait here: they reach neither the drawing nor the stored pack.
  const [waiting, setWaiting] = useState<{ readonly after: OwnMedium; readonly own: OwnMedium } | null>(null);
  const own = waiting?.after === taken ? waiting.own : taken;
  const fault = OwnMediumSchema.safeParse(own).error?.issues[0]?.message ?? null;
  const take = (changed: OwnMedium) => {
    const valid = OwnMediumSchema.safeParse(changed).success;
    setWaiting(valid ? null : { after: taken, own: changed });
    if (valid) onChange(changed);
  };
  const like = mediumById(own.like);
  const bed = bedGeometry(ownMedium(taken).geometry);
  const { geometry, usableShare } = own;
  const set = (change: Partial<OwnMedium>) => take({ ...own, ...change });
  const from = (same: boolean, of: Provenance): string => (same ? of : 'entered by you');
  const isLike = (key: 'claimedSurface' | 'dryBulk' | 'drainedBulk'): boolean => own[key] === like[key];
  const share = (
    key: keyof OwnMedium['usableShare'],
    bounds: keyof typeof OWN_MEDIUM_BOUNDS,
    label: string,
  ) => (
    <QuantityField
      label={label}
      bounds={OWN_MEDIUM_BOUNDS[bounds]}
      value={usableShare[key]}
      onChange={(value) => value !== null && set({ usableShare: { ...usableShare, [key]: value } })}
      hint={from(usableShare[key] === like.usableShare[key], like.provenance.surface)}
      className={styles.number}
    />
  );
  return (
    <fieldset className={styles.makeUp}>
      <legend className="caption">Figures for this medium. They apply wherever you use it</legend>
      <div className={styles.row}>
        <NameField label="Name" value={own.name} onChange={(name) => set({ name })} className={styles.name} />
        <MarkField value={own.letter} onChange={(letter) => set({ letter })} />
        <ChoiceField
          label="Most like"
          value={own.like}
          choices={CATALOGUE.filter(({ roles }) => roles.length > 0).map(({ id, name, family }) => ({
            value: id,
            label: name,
            group: family,
          }))}
          onChange={(id) =>
            take({ ...ownMediumLike(own.id, mediumById(id)), name: own.name, letter: own.letter })
          }
        />
        <ChoiceField<OwnMedium['service']>
          label="At each service"
          value={own.service}
          choices={Object.entries(SERVICE_WORDS).map(([value, label]) => ({
            value: value as OwnMedium['service'],
            label,
          }))}
          onChange={(service) => set({ service })}
        />
      </div>
      <div className={styles.row}>
        {Object.entries(geometry).map(([key, value]) =>
          key === 'form' ? null : (
            <QuantityField
              key={key}
              label={GEOMETRY_BOUNDS[key as keyof typeof GEOMETRY_BOUNDS].what}
              bounds={GEOMETRY_BOUNDS[key as keyof typeof GEOMETRY_BOUNDS]}
              value={value as number}
              onChange={(si) => si !== null && set({ geometry: { ...geometry, [key]: si } })}
              hint={from((like.geometry as Record<string, unknown>)[key] === value, like.provenance.geometry)}
              className={styles.number}
            />
          ),
        )}
        {(['dryBulk', 'drainedBulk'] as const).map((key) => (
          <QuantityField
            key={key}
            label={OWN_MEDIUM_BOUNDS[key].what}
            bounds={OWN_MEDIUM_BOUNDS[key]}
            value={own[key]}
            onChange={(value) => value !== null && set({ [key]: value })}
            hint={from(isLike(key), like.provenance.bulk)}
            className={styles.number}
          />
        ))}
      </div>
      <div className={styles.row}>
        {share('low', 'usableLow', 'Usable surface, least')}
        {share('likely', 'usableLikely', 'Usable surface, likely')}
        {share('high', 'usableHigh', 'Usable surface, most')}
        <QuantityField
          label="Claimed surface"
          optional
          bounds={OWN_MEDIUM_BOUNDS.claimedSurface}
          value={own.claimedSurface}
          onChange={(claimedSurface) => set({ claimedSurface })}
          hint={from(isLike('claimedSurface'), like.provenance.surface)}
          className={styles.number}
        />
      </div>
      {fault === null ? null : <p role="alert">{fault}</p>}
      <p className="quiet">
        Worked out from these: outer surface{' '}
        {words.show({ kind: 'specificSurface', si: bed.specificSurface })}, pores of about{' '}
        {words.show({ kind: 'fine', si: bed.pore })}. Usable surface is given as a share of the outer surface.
        Rough stone can have more than 100 %.
      </p>
    </fieldset>
  );
}
