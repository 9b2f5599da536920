import { isTryOut } from '@/demo/tryOut';
import { database } from '@/server/database';
import { homePage } from '@/server/homePage';
import { hasOutlookFailed } from '@/server/outlookWork';
import { loadHome } from '@/server/loadHome';
import { readingHabits } from '@/server/readingHabits';
import { wordsFor } from '@/ui/fields/wordsFor';
import { FiltersSheet } from '@/ui/filters/FiltersSheet';
import { drawRows } from '@/ui/filters/drawRows';

export const dynamic = 'force-dynamic';

interface Asked {
  readonly searchParams: Promise<{ readonly find?: string | string[]; readonly page?: string | string[] }>;
}

/** Longest name that is looked for. */
const MAX_NAME_LENGTH = 60;

export default async function Page({ searchParams }: Asked) {
  const { find, page } = await searchParams;
  const now = new Date().toISOString();
  const { filters, troubles, settings, shelf } = loadHome(database(), now);
  const asked = {
    find: typeof find === 'string' ? find.trim().slice(0, MAX_NAME_LENGTH) : '',
    page: Math.trunc(Number(page)) || 1,
    order: settings.filterOrder,
    away: settings.away,
    shelf,
  };
  const home = homePage(filters, asked, now);
  return (
    <FiltersSheet
      home={{ ...home, ...drawRows(home.rows, now, wordsFor(await readingHabits())) }}
      failed={home.stale.filter((item) => hasOutlookFailed(item.id, item)).map(({ id }) => id)}
      troubles={troubles}
      away={settings.away}
      tryOut={filters.some(({ filter }) => isTryOut(filter.id))}
      now={now}
    />
  );
}
