import { drawFilterPage } from '../drawFilterPage';
import { redirect } from 'next/navigation';
import { OnShelf } from '@/ui/fields/OnShelf';
import { PlanStart } from '@/ui/plan/PlanStart';
import { PlanSheet } from '@/ui/plan/PlanSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Plan' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, ({ around, settings, shelf, ownMedia, filter, open, current, log }) => {
    if (open === null) return <PlanStart filter={filter.doc} place="plan" known={current !== null} />;
    if (open.job.doc.stage === 'strip') redirect(`/filter/${filter.doc.id}/strip`);
    return (
      <OnShelf shelf={shelf.doc} electricityPrice={settings.doc.electricityPrice}>
        <PlanSheet
          key={open.planned.doc.id}
          around={around}
          settings={settings}
          ownMedia={ownMedia}
          filter={filter}
          job={open.job}
          asFound={open.asFound.doc.layers.length === 0 ? null : open.asFound.doc}
          planned={open.planned}
          alternatives={open.alternatives}
          log={log}
        />
      </OnShelf>
    );
  });
}
