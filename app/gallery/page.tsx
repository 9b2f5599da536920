import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { Gallery } from '@/ui/gallery/Gallery';

export const metadata: Metadata = { title: 'Gallery' };

/** Our components side by side, for whoever works on them: only `npm run dev` has this page. */
export default function Page() {
  return process.env.NODE_ENV === 'development' ? <Gallery /> : notFound();
}
