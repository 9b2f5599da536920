'use client';
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { wordsFor, type ReadingHabits, type Words } from './wordsFor';

const HabitsContext = createContext<Words>(wordsFor({ system: 'metric', locale: 'en-GB', currency: 'EUR' }));

/** Gives everything inside it the keeper's units and language habits. */
export function UnitsProvider({ habits, children }: { habits: ReadingHabits; children: ReactNode }) {
  const { system, locale, currency } = habits;
  const words = useMemo(() => wordsFor({ system, locale, currency }), [system, locale, currency]);
  return <HabitsContext value={words}>{children}</HabitsContext>;
}

/** Quantities, sentences and dates as the keeper reads them. */
export const useWords = (): Words => useContext(HabitsContext);
