/** What was typed or ticked in a page before its scripts answered. */
interface EarlyInput {
  readonly field: HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;
  readonly value: string;
  readonly checked: boolean;
}

interface EarlyWindow {
  neatLayerEarly?: { readonly inputs: EarlyInput[]; readonly stop: () => void };
}

/**
 * Runs in the page before anything else, as text: keeps what is typed, chosen and ticked until the page answers. A page is
 * drawn by the server first, and its fields can be used before their scripts are there.
 */
export const KEEP_EARLY_INPUT = `(() => {
  const inputs = [];
  const keep = ({ target }) => {
    if (!(target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement)) return;
    const at = inputs.findIndex(({ field }) => field === target);
    const entry = { field: target, value: target.value, checked: target.checked === true };
    if (at === -1) inputs.push(entry); else inputs[at] = entry;
  };
  for (const kind of ['input', 'change']) document.addEventListener(kind, keep, true);
  window.neatLayerEarly = {
    inputs,
    stop: () => { for (const kind of ['input', 'change']) document.removeEventListener(kind, keep, true); },
  };
})()`;

const setterOf = (field: EarlyInput['field']): ((value: string) => void) => {
  const prototype: object =
    field instanceof HTMLInputElement
      ? HTMLInputElement.prototype
      : field instanceof HTMLTextAreaElement
        ? HTMLTextAreaElement.prototype
        : HTMLSelectElement.prototype;
  // React watches the field’s own setter: what it must take for new goes past it.
  // eslint-disable-next-line @typescript-eslint/unbound-method
  const set = Object.getOwnPropertyDescriptor(prototype, 'value')?.set;
  return (value) => set?.call(field, value);
};

/** Gives the fields what was entered before the page answered, as if it were entered now: what a field shows is what is stored. */
export function takeUpEarlyInput(): void {
  const shared = globalThis as EarlyWindow;
  const early = shared.neatLayerEarly;
  if (early === undefined) return;
  delete shared.neatLayerEarly;
  early.stop();
  for (const { field, value, checked } of early.inputs) {
    if (!field.isConnected) continue;
    if (field instanceof HTMLInputElement && (field.type === 'checkbox' || field.type === 'radio')) {
      field.checked = field.defaultChecked;
      if (field.defaultChecked !== checked) field.click();
    } else if (field instanceof HTMLSelectElement) {
      setterOf(field)(value);
      field.dispatchEvent(new Event('change', { bubbles: true }));
    } else {
      field.value = field.defaultValue;
      setterOf(field)(value);
      field.dispatchEvent(new Event('input', { bubbles: true }));
    }
  }
}
