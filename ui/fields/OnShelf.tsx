'use client';
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { Shelf } from '@/core/shelf/shelf';

/** What is on hand, and the keeper’s prices. */
interface Prices {
  readonly shelf: Shelf;
  /** Of a kilowatt-hour; null: not known. */
  readonly electricityPrice: number | null;
}

const ShelfContext = createContext<Prices>({ shelf: { id: 'shelf', items: [] }, electricityPrice: null });

/** Lets everything inside it see what is on hand and what it costs. */
export function OnShelf({ shelf, electricityPrice, children }: Prices & { readonly children: ReactNode }) {
  const prices = useMemo(() => ({ shelf, electricityPrice }), [shelf, electricityPrice]);
  return <ShelfContext value={prices}>{children}</ShelfContext>;
}

/** What is on hand and what it costs; nothing outside of {@link OnShelf}. */
export const useShelf = (): Prices => useContext(ShelfContext);
