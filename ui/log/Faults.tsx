/** What keeps a form from being saved, a line each. */
export function Faults({ faults }: { readonly faults: readonly string[] }) {
  return faults.map((fault) => (
    <p key={fault} role="alert">
      {fault}
    </p>
  ));
}
