'use client';
import type { Template } from '@/core/prepare/templates';
import { PAPERS } from '@/formats/templates/paper';
import styles from './Prepare.module.css';

interface Props {
  readonly filterId: string;
  readonly templates: readonly Template[];
}

/** Shapes to be printed at their true size. */
export function TemplatesPart({ filterId, templates }: Props) {
  const address = `/api/filters/${filterId}/templates`;
  return (
    <section aria-label="Templates" className={styles.part}>
      <h2 className="title">Full-size templates</h2>
      <p className="quiet">
        Print at 100 %, not “fit to page”, and check that the bar on every page is 100 mm long. Large shapes
        are spread over several pages that overlap.
      </p>
      <p className={styles.tools}>
        {Object.entries(PAPERS).map(([paper, { name }]) => (
          <a key={paper} href={`${address}?paper=${paper}`} download>
            All as PDF, {name}
          </a>
        ))}
      </p>
      <ul className={styles.templates}>
        {templates.map(({ name, width, height, paths, marks }, index) => (
          <li key={`${name} ${index}`}>
            <svg viewBox={`-2 -2 ${width + 4} ${height + 4}`} className={styles.miniature} aria-hidden="true">
              {paths.map((path) => (
                <path key={path} d={path} />
              ))}
              {marks.map(({ y }) => (
                <path key={y} d={`M0 ${y}H${width}`} />
              ))}
            </svg>
            <a href={`${address}?shape=${index}`} download>
              {name}, SVG
            </a>
          </li>
        ))}
      </ul>
    </section>
  );
}
