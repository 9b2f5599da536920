import { LITRE } from '@/core/units/siFactors';
import { linearScale } from '../drawing/linearScale';
import { claimedSurfaces, type ClaimedSurface } from '@/core/report/claimedSurface';
import { CATALOGUE } from '@/core/media/catalogue';
import { mediumOf } from '@/core/layers/mediumOf';
import type { Layer } from '@/core/layers/layer';
import type { Medium } from '@/core/media/medium';
import { cheapestPerVolume } from '@/core/shelf/pricePerLitre';
import { useWords } from '../fields/UnitsProvider';
import { useShelf } from '../fields/OnShelf';
import { Swatch } from '../drawing/Swatch';
import styles from './ClaimedSurfaces.module.css';

/** Media that every pack is held against. */
const COMPARED_MEDIA: readonly string[] = [
  'foam-30',
  'porous-ceramic',
  'sintered-glass',
  'scrubbers',
  'lava',
];
/** Side of the square that the largest claim is drawn as, px. */
const SIDE = 150;
const BAR = 250;
/**
 * What boxes claim for the surface of a litre against what a film can use: the claim as a square, the usable surface as a
 * square in it, to one scale; and the usable surface of all media as bars.
 */
export function ClaimedSurfaces({ layers }: { layers: readonly Layer[] }) {
  const words = useWords();
  const { shelf } = useShelf();
  const here = layers.map(mediumOf);
  const ids = new Set(here.map(({ id }) => id));
  const beside = CATALOGUE.filter(({ id }) => COMPARED_MEDIA.includes(id) && !ids.has(id));
  const rows = claimedSurfaces([
    ...new Map([...here, ...beside].map((medium) => [medium.id, medium])).values(),
  ]).filter(({ usable }) => usable.likely > 0);
  const claimed = rows.filter(({ claimed: claim }) => claim !== null);
  const perLitre = (si: number, digits?: number): string =>
    words.show({ kind: 'specificSurface', si }, digits ?? (si >= 1e4 ? 0 : undefined));
  const priceOf = (medium: Medium, usable: number): string => {
    const price = cheapestPerVolume(medium.id, shelf);
    return price === null
      ? ''
      : `; ${words.money(price * LITRE)} a litre, ${words.money(price / usable)} a usable m²`;
  };
  const most = Math.max(...rows.map(({ usable }) => usable.high), 1);
  const width = linearScale([0, most], [0, BAR]);
  return (
    <div className={styles.claims}>
      {claimed.length === 0 ? null : (
        <div className={styles.squares}>
          {claimed.map((row) => (
            <ClaimSquare key={row.medium.id} row={row} most={claimed[0]?.claimed ?? 1} perLitre={perLitre} />
          ))}
        </div>
      )}
      <section aria-label="Usable by bacteria, per litre">
        <h3 className="caption">Usable by bacteria, per litre. The thin line is the likely range</h3>
        <ul>
          {rows.map(({ medium, usable, claimed: claim, provenance }) => (
            <li key={medium.id} className={styles.row}>
              <Swatch medium={medium} width={26} height={22} />
              <span>{named(medium, ids)}</span>
              <strong>{perLitre(usable.likely)}</strong>
              <svg width={BAR} height={12} aria-hidden="true" className={styles.bar}>
                <rect y={3} height={7} width={width(usable.likely)} fill="var(--river)" />
                <path
                  d={`M${width(usable.low)} 6.5 H${width(usable.high)} M${width(usable.low)} 2 V11 M${width(usable.high)} 2 V11`}
                  stroke="var(--ink)"
                  fill="none"
                />
              </svg>
              <span className={styles.word}>
                likely range {perLitre(usable.low)} to {perLitre(usable.high)}, {provenance};{' '}
                {claim === null ? 'nothing claimed' : `the maker claims ${perLitre(claim)}`}
                {priceOf(medium, usable.likely)}
              </span>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}

const named = (medium: Medium, here: ReadonlySet<string>): string =>
  here.has(medium.id) ? medium.name : `${medium.name} (not in this pack)`;

/** One claim as a square, and in its corner what a film can use, to the same scale of area. */
function ClaimSquare({
  row: { medium, claimed, usable, times },
  most,
  perLitre,
}: {
  row: ClaimedSurface;
  most: number;
  perLitre: (si: number) => string;
}) {
  const words = useWords();
  if (claimed === null || times === null) return null;
  const side = (surface: number): number => SIDE * Math.sqrt(surface / Math.max(most, claimed));
  const inner = Math.max(2, side(usable.likely));
  return (
    <figure className={styles.square}>
      <svg
        width={SIDE + 2}
        height={SIDE + 2}
        role="img"
        aria-label={`${medium.name}: ${perLitre(claimed)} claimed, ${perLitre(usable.likely)} usable`}
      >
        <rect
          x={1}
          y={SIDE + 1 - side(claimed)}
          width={side(claimed)}
          height={side(claimed)}
          fill="none"
          stroke="var(--rule)"
          strokeDasharray="4 3"
        />
        <text x={10} y={SIDE + 1 - side(claimed) + 20} className={styles.claim}>
          claimed
        </text>
        <rect x={1} y={SIDE + 1 - inner} width={inner} height={inner} fill="var(--river)" />
        <text x={inner + 8} y={SIDE - 4} className={styles.usable}>
          usable
        </text>
      </svg>
      <figcaption>
        {medium.name}: the maker claims <strong>{words.number(times, 0)} times</strong> what bacteria can use.
        The rest is in pores too narrow for water to flow through.
      </figcaption>
    </figure>
  );
}
