'use client';
import { useMemo } from 'react';
import { schoolNumbers } from '@/core/explore/schoolNumbers';
import type { PackBench } from './usePackBench';
import { Fold } from '../frame/Fold';
import { lazyPart } from '../frame/lazyPart';

// Loaded when the fold is opened.
const SchoolsForm = lazyPart(() => import('../schools/SchoolsForm').then((module) => module.SchoolsForm));

/** The keeper's schools beside the bench: what each question comes to in this filter, and a change answers at once. */
export function SchoolsFold({ bench }: { bench: PackBench }) {
  return (
    <Fold lazy title="Schools" says="where keepers disagree, and what the numbers say here">
      <Form bench={bench} />
    </Fold>
  );
}

/** Worked out once it is opened, and with every change after that. */
function Form({ bench: { input, report, settings } }: { bench: PackBench }) {
  const numbers = useMemo(() => schoolNumbers(input, report), [input, report]);
  return (
    <SchoolsForm
      schools={settings.doc.schools}
      numbers={numbers}
      onChange={(schools) => settings.change((doc) => ({ ...doc, schools }))}
    />
  );
}
