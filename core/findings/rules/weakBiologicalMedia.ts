import { capacityOfFilms, tankOxygen, UPTAKE_APART } from '../../biology/bacteriaCover';
import { nitrogenPerDay } from '../../biology/nitrogenPerDay';
import { isFoodAssumed } from '../../tank/feedPerDay';
import type { Tank } from '../../tank/tank';
import { sentence } from '../../units/sentence';
import { bedGeometry } from '../../media/bedGeometry';
import { mediumById } from '../../media/catalogue';
import { defineRule } from '../defineRule';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, namesInside, shareOfPack, verb } from '../words';
import { sumOf } from '../../maths/sum';

/** Surface of a usual porous mineral, m² per m³: what the same room could hold. */
const MINERAL_SURFACE = bedGeometry(mediumById('porous-ceramic').geometry).specificSurface;

/** True where the film on a surface, m², is enough for the food entered even at the low end of published biofilters. An assumed food calms nobody. */
function isEnoughFor(tank: Tank, surface: number): boolean {
  if (isFoodAssumed(tank)) return false;
  const load = nitrogenPerDay(tank);
  const places = [{ surface, oxygen: tankOxygen(tank) }];
  const capacity = Math.min(
    ...(['ammonia', 'nitrite'] as const).map((key) => capacityOfFilms(key, places, tank.temperature)),
  );
  return capacity >= UPTAKE_APART * load.high;
}

/**
 * Dense rings or plastic balls as the only biological media: a matter of school, shown with numbers.
 *
 * @source common practice, no source
 */
export const weakBiologicalMedia = defineRule({
  id: 'weak-biological-media',
  question: 'bacteria',
  levels: ['check', 'note'],
  school: 'rings',
  isOfWholePack: true,
  judge: ({ inFlow, flowOf, schools, tank }) => {
    const biological = inFlow.filter((placed) => placed.role === 'biological');
    const weak = biological.filter((placed) => placed.medium.roles.includes('settle'));
    if (weak.length === 0 || weak.length < biological.length) return [];
    const surface = sumOf(weak, (placed) => placed.measure.surface);
    const volume = sumOf(weak, (placed) => placed.measure.volume);
    const passed = sumOf(inFlow, (placed) => placed.measure.surface * flowOf(placed).passThrough);
    const isEnough = isEnoughFor(tank, passed);
    return [
      {
        level: schools.rings === 'enough' || isEnough ? 'note' : 'check',
        effect: shareOfPack(inFlow, weak),
        title: sentence`${upperFirst(namesInside(weak))}: the only biological media.`,
        reason: sentence`${verb(weak.length, 'Its', 'Their')} ${{ kind: 'volume', si: volume }} give ${{ kind: 'surface', si: surface }} of surface; porous mineral in the same space gives ${{ kind: 'surface', si: volume * MINERAL_SURFACE }}. ${isEnough ? 'All the media together are enough for the food that you entered' : `${verb(weak.length, 'It is', 'They are')} enough for few animals`}.`,
        layers: idsOf(weak),
      },
    ];
  },
});
