import { database } from '@/server/database';
import { settings } from '@/store/settings';
import { SettingsSheet } from '@/ui/settings/SettingsSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Settings' };

export default function Page() {
  return <SettingsSheet settings={settings.get(database())} />;
}
