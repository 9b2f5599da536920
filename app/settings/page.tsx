import { database } from '@/server/database';
import { troublesOf } from '@/server/trouble';
import { settings } from '@/store/settings';
import { SettingsSheet } from '@/ui/settings/SettingsSheet';
import { TroubleSheet } from '@/ui/troubles/TroubleSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Settings' };

export default function Page() {
  const db = database();
  const { unreadable } = settings.read(db, '');
  if (unreadable.length > 0) return <TroubleSheet troubles={troublesOf(db, unreadable)} />;
  return <SettingsSheet settings={settings.get(db)} />;
}
