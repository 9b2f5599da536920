'use client';
import { useEffect, useRef, useState, type RefObject } from 'react';

/** The width of an element, px, as it changes; `first` until it is measured. While it is hidden it keeps its width. */
export function useWidth<E extends HTMLElement>(first: number): [RefObject<E | null>, number] {
  const element = useRef<E>(null);
  const [width, setWidth] = useState(first);
  useEffect(() => {
    if (element.current === null) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      if (entry !== undefined && entry.contentRect.width > 0) setWidth(entry.contentRect.width);
    });
    observer.observe(element.current);
    return () => observer.disconnect();
  }, []);
  return [element, width];
}
