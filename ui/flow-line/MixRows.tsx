'use client';
import Button from '@mui/material/Button';
import type { Layer } from '@/core/layers/layer';
import { madeOnlyOf } from '@/core/layers/madeOnlyOf';
import { mediumOf, partMedium } from '@/core/layers/mediumOf';
import type { Mix, MixPart } from '@/core/layers/mix';
import { MIX_BOUNDS, MAX_MIXED } from '@/core/layers/mixBounds';
import { GEOMETRY_BOUNDS } from '@/core/media/geometryBounds';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { useFlowLine } from './FlowLineContext';
import { mediumChoices, pickMedium } from './mediumChoices';
import styles from './MakeUp.module.css';
import { sumOf } from '@/core/maths/sum';

interface Props {
  readonly layer: Layer & { readonly mix: Mix };
  readonly onChange: (mix: Mix | null) => void;
}

/** What is mixed into a layer’s medium, by shares of the volume, and how open the whole is. */
export function MixRows({ layer, onChange }: Props) {
  const words = useWords();
  const { ownMedia } = useFlowLine();
  const { mix } = layer;
  const rest = 1 - sumOf(mix.parts, ({ share }) => share);
  const main = mediumOf({ ...layer, mix: null });
  const change = (index: number, changed: Partial<MixPart>) =>
    onChange({
      ...mix,
      parts: mix.parts.map((part, at) => (at === index ? { ...part, ...changed } : part)),
    });
  const remove = (index: number) => {
    const parts = mix.parts.filter((_, at) => at !== index);
    onChange(parts.length === 0 ? null : { ...mix, parts });
  };
  return (
    <fieldset className={styles.makeUp}>
      <legend className="caption">Mixture, by volume poured</legend>
      <p>
        {words.show({ kind: 'share', si: rest })} {main.name.toLowerCase()}, mixed with
      </p>
      {mix.parts.map((part, index) => (
        <div key={index} className={styles.row}>
          <ChoiceField
            label="Medium"
            value={part.medium}
            choices={mediumChoices(ownMedia, true)}
            onChange={(id) => {
              const { medium, own } = madeOnlyOf(pickMedium(ownMedia, id));
              change(index, { medium, own });
            }}
          />
          <QuantityField
            label="Share of the volume"
            // Some of the layer’s own medium is always left.
            bounds={{
              ...MIX_BOUNDS.share,
              max: Math.max(MIX_BOUNDS.share.min, part.share + rest - MIX_BOUNDS.share.min),
            }}
            value={part.share}
            onChange={(share) => share !== null && change(index, { share })}
            className={styles.number}
          />
          <Button
            aria-label={`Remove ${partMedium(part).name.toLowerCase()} from the mixture`}
            onClick={() => remove(index)}
          >
            Remove
          </Button>
        </div>
      ))}
      <div className={styles.row}>
        <QuantityField
          label="Space between the grains"
          optional
          bounds={GEOMETRY_BOUNDS.porosity}
          value={mix.porosity}
          onChange={(porosity) => onChange({ ...mix, porosity })}
          placeholder={words.show({ kind: 'share', si: mediumOf(layer).geometry.porosity })}
          hint={
            mix.porosity === null
              ? 'Assumed: the average of the media in the mix. Small grains between large ones leave less space. To measure it, fill a jug with the mix and see how much water fits in.'
              : 'entered by you'
          }
          className={styles.wide}
        />
        {mix.parts.length < MAX_MIXED && rest > 2 * MIX_BOUNDS.share.min ? (
          <Button onClick={() => onChange({ ...mix, parts: [...mix.parts, firstPart(layer, rest / 2)] })}>
            Mix in another medium
          </Button>
        ) : null}
      </div>
    </fieldset>
  );
}

/** A first guess at what is mixed in: half, of something that is not in the layer yet. */
export function firstPart(layer: Layer, share: number): MixPart {
  const used = [layer.medium, ...(layer.mix?.parts.map(({ medium }) => medium) ?? [])];
  const other = mediumChoices([], true).find(({ value }) => !used.includes(value));
  return { medium: other?.value ?? layer.medium, own: null, share: Math.round(share * 100) / 100 };
}
