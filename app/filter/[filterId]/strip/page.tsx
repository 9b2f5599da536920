import { drawFilterPage } from '../drawFilterPage';
import { MAX_FIRST_MEDIA } from '@/core/practice/usualMedia';
import { database } from '@/server/database';
import { packs } from '@/store/packs';
import { NoJob } from '@/ui/job/NoJob';
import { StripSheet } from '@/ui/strip/StripSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Strip' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, ({ around, settings, ownMedia, filter, open, current, log }) =>
    open === null ? (
      <NoJob filter={filter.doc} place="strip" known={current !== null} />
    ) : (
      <StripSheet
        key={open.asFound.doc.id}
        around={around}
        settings={settings}
        ownMedia={ownMedia}
        usedMedia={packs.mostUsedMedia(database(), MAX_FIRST_MEDIA)}
        filter={filter}
        job={open.job}
        asFound={open.asFound}
        photos={open.photos}
        log={log}
      />
    ),
  );
}
