import styles from './Cautions.module.css';

/** What can hurt hands, animals or the floor, where it applies: the first sentence shown, the rest one press away. */
export function Cautions({ lines }: { lines: readonly string[] }) {
  return (
    <section aria-label="Cautions" className={styles.cautions}>
      {lines.map((line) => {
        const [, short = line, rest = ''] = /^(.*?\.)\s+(.*)$/.exec(line) ?? [];
        return rest === '' ? (
          <p key={line} className={styles.line}>
            {short}
          </p>
        ) : (
          <details key={line} className={styles.line}>
            <summary>{short}</summary>
            {rest}
          </details>
        );
      })}
    </section>
  );
}
