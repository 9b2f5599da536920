import { packMeasures } from '@/core/report/packMeasures';
import { layersThatFit } from '@/server/layersThatFit';
import { WaterTestsPage } from '@/ui/water-tests/WaterTestsPage';
import { drawFilterPage } from '../drawFilterPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Water tests' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, ({ around, filter, open, current, log, tankLog, repack }) => {
    const layers = layersThatFit(filter.doc, current ?? open?.asFound.doc ?? null);
    const { clearWater } = packMeasures({ ...around, filter: filter.doc, layers, flow: null }).measures;
    return (
      <WaterTestsPage
        key={filter.doc.id}
        filter={filter.doc}
        job={open?.job.doc ?? null}
        around={around}
        layers={layers}
        clearing={clearWater.with.clearing}
        repack={
          repack === null
            ? null
            : {
                job: repack.job,
                found: layersThatFit(filter.doc, repack.found),
                packed: layersThatFit(filter.doc, repack.packed),
              }
        }
        log={log}
        tankLog={tankLog}
        now={new Date().toISOString()}
      />
    );
  });
}
