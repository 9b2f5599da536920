import styles from './FieldLabel.module.css';

/** The label over a field. A plain element: a page of fields has a hundred of them. */
export const FieldLabel = ({ of, children }: { readonly of: string; readonly children: string }) => (
  <label className={styles.label} htmlFor={of}>
    {children}
  </label>
);
