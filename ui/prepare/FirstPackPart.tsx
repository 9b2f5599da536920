import { firstPackCheck } from '@/core/prepare/firstPackCheck';
import { leafletOrder } from '@/core/prepare/leafletOrder';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import figures from '../frame/FigureTable.module.css';
import { AppLink } from '../frame/AppLink';
import styles from './Prepare.module.css';

interface Props {
  readonly filter: Filter;
  /** What came in the box, laid as the leaflet says. */
  readonly boxed: readonly Layer[];
  readonly planned: readonly Layer[];
}

/** What hides in the packing of a new filter, and what its leaflet gets wrong. */
export function FirstPackPart({ filter, boxed, planned }: Props) {
  const places = leafletOrder(filter, boxed, planned);
  const wrong = places.filter(({ leaflet, right }) => leaflet !== right).length;
  return (
    <section aria-label="Before the first pack" className={styles.part}>
      <h2 className="title">Before the first pack</h2>
      <ul className={styles.check}>
        {firstPackCheck(filter).map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {places.length === 0 ? (
        <p className="quiet">
          <AppLink href={`/filter/${filter.id}/strip`}>Enter the media from the box</AppLink> in the order of
          the instructions to see if that order is right.
        </p>
      ) : (
        <>
          <p>
            {wrong === 0
              ? 'The order in the instructions is right for this filter.'
              : `The instructions put ${wrong} of ${places.length} pieces in the wrong place for this filter.`}
          </p>
          <table className={figures.table}>
            <caption className="caption">Place in flow order</caption>
            <thead>
              <tr>
                <th scope="col">From the box</th>
                <th scope="col">Instructions</th>
                <th scope="col">Best order</th>
                <th scope="col">This plan</th>
              </tr>
            </thead>
            <tbody>
              {places.map(({ layerId, name, leaflet, right, planned: inPlan }) => (
                <tr key={layerId} data-wrong={leaflet !== right}>
                  <th scope="row">{name}</th>
                  <td>{leaflet}</td>
                  <td>{leaflet === right ? right : <strong>{right}</strong>}</td>
                  <td>{inPlan ?? 'not used'}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </section>
  );
}
