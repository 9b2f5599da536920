'use client';
import { createContext, useContext, type ReactNode } from 'react';
import type { Shelf } from '@/core/shelf/shelf';

const ShelfContext = createContext<Shelf>({ id: 'shelf', items: [] });

/** Lets everything inside it see what is on hand. */
export const OnShelf = ({ shelf, children }: { shelf: Shelf; children: ReactNode }) => (
  <ShelfContext value={shelf}>{children}</ShelfContext>
);

/** What is on hand; nothing outside of {@link OnShelf}. */
export const useShelf = (): Shelf => useContext(ShelfContext);
