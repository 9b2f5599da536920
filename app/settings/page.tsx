import { database } from '@/server/database';
import { sharing } from '@/server/sharing';
import { troublesOf } from '@/server/trouble';
import { calendarFeed } from '@/store/calendarFeed';
import { devices } from '@/store/devices';
import { filters } from '@/store/filters';
import { settings } from '@/store/settings';
import { SettingsSheet } from '@/ui/settings/SettingsSheet';
import { DataCheckPage } from '@/ui/troubles/DataCheckPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Settings' };

export default function Page() {
  const db = database();
  const { unreadable } = settings.read(db, '');
  if (unreadable.length > 0) return <DataCheckPage troubles={troublesOf(db, unreadable)} />;
  const shared = sharing();
  return (
    <SettingsSheet
      settings={settings.get(db)}
      filters={filters.names(db)}
      phones={{
        sharing:
          shared === null
            ? null
            : {
                hosts: shared.hosts,
                fingerprint: shared.fingerprint,
                authorityFingerprint: shared.authority.fingerprint,
              },
        devices: devices.list(db),
        calendarAt: calendarFeed.madeAt(db),
      }}
    />
  );
}
