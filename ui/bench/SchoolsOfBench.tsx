'use client';
import { useMemo } from 'react';
import { schoolNumbers } from '@/core/explore/schoolNumbers';
import { SchoolsForm } from '../schools/SchoolsForm';
import type { PackBench } from './usePackBench';

/** The keeper’s schools with what each question comes to in this filter: worked out with every change. */
export function SchoolsOfBench({ bench: { input, report, settings } }: { bench: PackBench }) {
  const numbers = useMemo(() => schoolNumbers(input, report), [input, report]);
  return (
    <SchoolsForm
      schools={settings.doc.schools}
      numbers={numbers}
      onChange={(schools) => settings.change((doc) => ({ ...doc, schools }))}
    />
  );
}
