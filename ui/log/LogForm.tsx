'use client';
import Button from '@mui/material/Button';
import { useId, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { useForm, useWatch, type DefaultValues, type FieldValues, type UseFormReturn } from 'react-hook-form';
import type { LogEntry } from '@/core/log/logEntry';
import { Faults } from './Faults';
import { useLog, type NewEntry } from './useLog';

interface Props<V extends FieldValues> {
  readonly filterId: string;
  readonly jobId?: string | null;
  /** What the fields begin with, and begin with anew once it is saved. */
  readonly first: V;
  /** False while what is entered makes no entry; left out: it always does. */
  readonly isReady?: (values: V) => boolean;
  readonly entryOf: (values: V) => NewEntry;
  readonly button: string;
  /** Where the button lies while there is something to save; left out: under the fields, always. */
  readonly saveIn?: HTMLElement | null;
  readonly onSaved: (entry: LogEntry) => void;
  readonly className?: string;
  readonly label?: string;
  /** Beside the button. */
  readonly more?: ReactNode;
  /** The fields. */
  readonly children: (form: UseFormReturn<V>, values: V) => ReactNode;
}

/** One kind of entry of the log: its fields, the button that saves it, and what keeps it from being saved. */
export function LogForm<V extends FieldValues>(props: Props<V>) {
  const { filterId, jobId = null, first, isReady = () => true, entryOf, button, onSaved, children } = props;
  const { save, faults, busy } = useLog(filterId, jobId);
  const form = useForm<V>({ defaultValues: first as DefaultValues<V> });
  const values = { ...first, ...useWatch({ control: form.control }) } as V;
  const submit = form.handleSubmit(async (typed) => {
    if (!isReady(typed)) return;
    const entry = await save(entryOf(typed));
    if (entry === null) return;
    form.reset(first);
    onSaved(entry);
  });
  const id = useId();
  const { saveIn } = props;
  const ready = isReady(values);
  const saves = (
    <Button
      type="submit"
      form={id}
      variant={saveIn === undefined ? 'outlined' : 'contained'}
      disabled={busy || !ready}
    >
      {button}
    </Button>
  );
  return (
    <form
      id={id}
      className={props.className}
      aria-label={props.label}
      onSubmit={(event) => void submit(event)}
    >
      {children(form, values)}
      {saveIn === undefined ? saves : saveIn === null || !ready ? null : createPortal(saves, saveIn)}
      {props.more}
      <Faults faults={faults} />
    </form>
  );
}
