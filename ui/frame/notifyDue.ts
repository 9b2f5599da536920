import type { DueFilter } from '@/server/homePage';
import type { Words } from '../fields/wordsFor';
import { notYetNotifiedToday } from '../state/notices';

/** Notifies the keeper of what is due, each thing once a day. Where the app is not responding, there is no notification. */
export async function notifyDue(words: Words, now: Date): Promise<void> {
  const answer = await fetch('/api/due').catch(() => null);
  if (answer?.ok !== true) return;
  const { filters } = (await answer.json()) as { filters: readonly DueFilter[] };
  const keyOf = (filter: DueFilter): string => `${filter.id}: ${filter.items.map(({ key }) => key).join()}`;
  const fresh = new Set(notYetNotifiedToday(filters.map(keyOf), now.toISOString().slice(0, 10)));
  const told = filters.filter((filter) => fresh.has(keyOf(filter)));
  const [first] = told;
  if (first === undefined) return;
  const title = told.length === 1 ? `${first.name} is due` : `${told.length} filters are due`;
  const body = told
    .map(({ name, items }) => `${name}: ${items.map(({ what }) => words.say(what)).join(' ')}`)
    .join('\n');
  const address = told.length === 1 ? `/filter/${first.id}/care` : '/';
  await show(title, { body, tag: 'due', data: { address } }, address);
}

/** Phones show notifications only through the worker of the page, where there is one. */
async function show(title: string, options: NotificationOptions, address: string): Promise<void> {
  const worker = await navigator.serviceWorker?.getRegistration();
  if (worker?.active != null) return worker.showNotification(title, options);
  const notice = new Notification(title, options);
  notice.onclick = () => {
    window.focus();
    window.location.assign(address);
  };
}
