import { sentence } from '../../units/sentence';
import { bedGeometry } from '../../media/bedGeometry';
import { mediumById } from '../../media/catalogue';
import type { Rule } from '../finding';
import { idsOf, namesInside, shareOfPack, upperFirst } from './words';

/** Surface of a usual porous mineral, m² per m³: what the same room could hold. */
const MINERAL_SURFACE = bedGeometry(mediumById('porous-ceramic').geometry).specificSurface;

/** Dense rings or plastic balls as the only living media: a matter of school, shown with numbers. */
export const weakLivingMedia: Rule = ({ inFlow, schools }) => {
  const living = inFlow.filter((one) => one.stage === 'living');
  const weak = living.filter((one) => one.medium.jobs.includes('settle'));
  if (weak.length === 0 || weak.length < living.length) return [];
  const surface = weak.reduce((sum, one) => sum + one.measure.surface, 0);
  const volume = weak.reduce((sum, one) => sum + one.measure.volume, 0);
  return [
    {
      rule: 'weak-living-media',
      level: schools.rings === 'enough' ? 'note' : 'attention',
      school: 'rings',
      effect: shareOfPack(inFlow, weak),
      title: sentence`${upperFirst(namesInside(weak))} alone as living media.`,
      reason: sentence`${{ kind: 'volume', si: volume }} of it give ${{ kind: 'surface', si: surface }} of surface; the same room in porous mineral gives ${{ kind: 'surface', si: volume * MINERAL_SURFACE }}. Long relied on for a light load.`,
      layers: idsOf(weak),
    },
  ];
};
