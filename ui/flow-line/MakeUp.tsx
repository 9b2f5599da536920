'use client';
import Button from '@mui/material/Button';
import type { Layer } from '@/core/layers/layer';
import { madeOnlyOf } from '@/core/layers/madeOnlyOf';
import { mediumOf } from '@/core/layers/mediumOf';
import { canBeMixed } from '@/core/media/mixedMedium';
import { ownMediumLike } from '@/core/media/ownMedium';
import type { PackEdit } from '@/core/pack/packEdit';
import { firstPart, MixRows } from './MixRows';
import { OwnMediumForm } from './OwnMediumForm';
import styles from './MakeUp.module.css';

interface Props {
  readonly layer: Layer;
  readonly onEdit: (edit: PackEdit, mark?: string) => void;
}

/** What a layer is made of beyond the catalogue: a medium of the keeper’s own, or a mixture. */
export function MakeUp({ layer, onEdit }: Props) {
  const { own, mix } = layer;
  const main = mediumOf({ ...layer, mix: null });
  const set = (change: Partial<Omit<Layer, 'id'>>, mark?: string) =>
    onEdit({ type: 'set', layerId: layer.id, change }, mark);
  const canMix = mix === null && canBeMixed(main);
  return (
    <>
      {own === null ? null : (
        <OwnMediumForm
          key={`${layer.id} ${own.id}`}
          own={own}
          onChange={(changed) => onEdit({ type: 'describe', own: changed }, `describe ${own.id}`)}
        />
      )}
      {mix === null ? null : (
        <MixRows layer={{ ...layer, mix }} onChange={(changed) => set({ mix: changed }, `mix ${layer.id}`)} />
      )}
      {own === null || canMix ? (
        <div className={styles.offers}>
          {own === null && main.roles.length > 0 ? (
            <Button
              onClick={() => {
                const { medium, own: described } = madeOnlyOf(ownMediumLike(crypto.randomUUID(), main));
                set({ medium, own: described });
              }}
            >
              Save as my own medium
            </Button>
          ) : null}
          {canMix ? (
            <Button onClick={() => set({ mix: { parts: [firstPart(layer, 0.5)], porosity: null } })}>
              Mix in another medium
            </Button>
          ) : null}
        </div>
      ) : null}
    </>
  );
}
