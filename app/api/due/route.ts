import { answer } from '@/server/answer';
import { homePage } from '@/server/homePage';
import { loadHome } from '@/server/loadHome';

/** What is due now, filter by filter: what a browser notifies its keeper of. */
export const GET = () =>
  answer((db) => {
    const now = new Date().toISOString();
    const { filters, settings, shelf } = loadHome(db, now);
    const asked = { find: '', page: 1, order: settings.filterOrder, away: settings.away, shelf };
    const { due } = homePage(filters, asked, now);
    return Promise.resolve({ filters: due.now ? due.filters : [] });
  });
