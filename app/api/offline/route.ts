import { offlineFiles } from '@/server/offlineFiles';

export const dynamic = 'force-dynamic';

/** What a browser keeps so that a repack goes on without the app. */
export const GET = () =>
  Response.json(process.env.NODE_ENV === 'production' ? offlineFiles() : { build: null, files: [] });
