'use client';
import { useMemo } from 'react';
import { schoolNumbers } from '@/core/explore/schoolNumbers';
import type { PackBench } from './usePackBench';
import { Fold } from '../frame/Fold';
import { SchoolsForm } from '../schools/SchoolsForm';

/** The keeper's schools beside the bench: what each question comes to in this filter, and a change answers at once. */
export function SchoolsFold({ bench }: { bench: PackBench }) {
  const { input, report, settings } = bench;
  const numbers = useMemo(() => schoolNumbers(input, report), [input, report]);
  return (
    <Fold title="Schools" says="where keepers disagree, and what the numbers say here">
      <SchoolsForm
        schools={settings.doc.schools}
        numbers={numbers}
        onChange={(schools) => settings.change((doc) => ({ ...doc, schools }))}
      />
    </Fold>
  );
}
