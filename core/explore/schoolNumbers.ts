import { mediumById } from '../media/catalogue';
import { isInternal } from '../filter/kindFamily';
import { gradeRank } from '../media/gradeRank';
import { GRADES } from '../media/grades';
import type { PackReport } from '../report/evaluatePack';
import type { PackInput } from '../report/packMeasures';
import { placeLayers } from '../layers/placeLayers';
import { usableSurface } from '../layers/usableSurface';
import type { PlacedLayer } from '../layers/placedLayer';
import { intakeVelocity } from '../hydraulics/intakeVelocity';
import { sentence, type Sentence } from '../units/sentence';
import type { School } from '../findings/schools';
import { sumOf } from '../maths/sum';

/** Media that the schools of biological media would fill the same room with. */
const ALTERNATIVES = { mineral: 'porous-ceramic', foam: 'foam-30', scrubbers: 'scrubbers' } as const;

/** What the figures of this pack say on each question on which keepers disagree. */
export function schoolNumbers(input: PackInput, report: PackReport): Readonly<Record<School, Sentence>> {
  const inFlow = placeLayers(input.filter, input.layers);
  const flowOf = new Map(report.layers.map((layerReport) => [layerReport.layerId, layerReport]));
  const biological = inFlow.filter((placed) => placed.role === 'biological');
  const room = volume(biological);
  const surfaceOf = (id: string): number => usableSurface(mediumById(id), room).likely;
  const fineAt = inFlow.findIndex((item) => (gradeRank(item.medium) ?? -1) >= GRADES.indexOf('fine'));
  const guarded =
    fineAt === -1 ? [] : inFlow.slice(fineAt + 1).filter((candidate) => candidate.role === 'biological');
  const chemical = inFlow.filter((one) => one.role === 'chemical');
  const contact = sumOf(chemical, (one) => flowOf.get(one.layer.id)?.bedTime ?? 0);
  const rings = biological.filter((one) => one.medium.roles.includes('settle'));
  const floss = inFlow.filter((one) => one.medium.family === 'floss');
  const flossHead = sumOf(floss, (one) => flowOf.get(one.layer.id)?.head ?? 0);
  const cartridges = inFlow.filter((one) => one.medium.family === 'cartridge');
  const intake = intakeVelocity(input.filter, report.water.flow, input.tank.animals);
  const graded = inFlow.filter((one) => gradeRank(one.medium) !== null);
  const late = graded.filter((one, index) =>
    graded.slice(0, index).some((before) => (gradeRank(before.medium) ?? 0) > (gradeRank(one.medium) ?? 0)),
  );
  const foam = inFlow.filter((one) => one.medium.family === 'foam');
  const zeolite = inFlow.filter((one) => one.medium.family === 'zeolite');
  const surfaceIn = (id: string) =>
    ({ kind: 'surface', si: usableSurface(mediumById(id), volume(inFlow)).likely }) as const;
  return {
    finePad:
      fineAt === -1
        ? sentence`You have no fine pad, so ${litres(room)} of biological media catch the silt.`
        : sentence`Your pack has ${litres(volume(guarded))} of ${litres(room)} of biological media after the first fine pad.`,
    chemical:
      chemical.length === 0
        ? sentence`Your pack has none; ${litres(report.totals.freeVolume)} are free.`
        : sentence`Your pack has ${litres(volume(chemical))}; the water spends ${{ kind: 'time', si: contact }} in it.`,
    biologicalMedium: sentence`Your ${litres(room)} of biological media have ${{ kind: 'surface', si: surface(biological) }}; the same space in porous mineral has ${{ kind: 'surface', si: surfaceOf(ALTERNATIVES.mineral) }}, with medium foam ${{ kind: 'surface', si: surfaceOf(ALTERNATIVES.foam) }}, with scrubbers ${{ kind: 'surface', si: surfaceOf(ALTERNATIVES.scrubbers) }}.`,
    intakeSponge: sentence`Your intake draws at ${{ kind: 'speed', si: intake.speed }} at the ${intake.throughSponge ? 'sponge' : 'bare strainer'}; the weakest swimmer can cope with ${{ kind: 'speed', si: intake.limit }}.`,
    rings:
      rings.length === 0
        ? sentence`None of yours count as biological media.`
        : sentence`Here ${litres(volume(rings))} of them give ${{ kind: 'surface', si: surface(rings) }}; porous mineral in the same space would give ${{ kind: 'surface', si: (volume(rings) * surfaceOf(ALTERNATIVES.mineral)) / Math.max(room, 1e-9) }}.`,
    order:
      late.length === 0
        ? sentence`In your pack every grade comes after a coarser one.`
        : sentence`In your pack ${litres(volume(late))} of foam come after a finer grade.`,
    flossFirst:
      floss.length === 0
        ? sentence`Your pack has no floss.`
        : sentence`The clean floss in your pack costs ${{ kind: 'gap', si: flossHead }} of pressure.`,
    fullness:
      report.water.level === null
        ? sentence`Your pack leaves ${litres(report.totals.freeVolume)} free.`
        : sentence`Your pack leaves ${litres(report.totals.freeVolume)} free, and ${{ kind: 'gap', si: report.water.level.headroom }} below the rim.`,
    cartridges:
      cartridges.length === 0
        ? sentence`Your pack has none.`
        : sentence`Yours: ${String(cartridges.length)}, with ${{ kind: 'surface', si: surface(cartridges) }} of surface that you throw away with them.`,
    foamGrade: sentence`In this space 30 ppi foam gives ${surfaceIn('foam-30')}, very coarse foam ${surfaceIn('foam-10')}, dense foam ${surfaceIn('foam-45')}.`,
    foamCleaning: sentence`Your ${litres(volume(foam))} of foam have ${{ kind: 'surface', si: surface(foam) }}.`,
    rinseWater: sentence`If you rinsed everything at once, ${{ kind: 'surface', si: report.totals.biologicalSurface }} of bacteria would touch that water.`,
    zeolite:
      zeolite.length === 0
        ? sentence`Your pack has none.`
        : sentence`Your pack has ${litres(volume(zeolite))}, with ${{ kind: 'surface', si: surface(zeolite) }} of surface for bacteria.`,
    internalFoam: isInternal(input.filter.kind)
      ? sentence`In this space foam gives ${surfaceIn('foam-30')}, porous mineral ${surfaceIn(ALTERNATIVES.mineral)}.`
      : sentence`This is not an internal filter.`,
    sizing: sentence`Your turnover is ${{ kind: 'turnover', si: report.predictedTurnover }}; the media is enough for ${litres(report.sizing.normalStockVolume)} by weight at normal stocking; the tank holds ${litres(report.sizing.tankVolume)}.`,
    tapWater: sentence`Carbon used on tap water takes up no space in the filter.`,
  };
}

const litres = (si: number) => ({ kind: 'volume', si }) as const;
const volume = (layers: readonly PlacedLayer[]): number => sumOf(layers, (placed) => placed.measure.volume);
const surface = (layers: readonly PlacedLayer[]): number => sumOf(layers, (placed) => placed.measure.surface);
