import { mediumById } from '../media/catalogue';
import { isInternal } from '../filter/kindFamily';
import { gradeRank } from '../media/gradeRank';
import { GRADES } from '../media/grades';
import type { PackInput, PackReport } from '../report/evaluatePack';
import { placeLayers } from '../layers/placeLayers';
import { usableSurface } from '../layers/usableSurface';
import type { PlacedLayer } from '../layers/placedLayer';
import { intakeVelocity } from '../hydraulics/intakeVelocity';
import { sentence, type Sentence } from '../units/sentence';
import type { School } from '../findings/schools';

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
  const contact = chemical.reduce((sum, one) => sum + (flowOf.get(one.layer.id)?.bedTime ?? 0), 0);
  const rings = biological.filter((one) => one.medium.roles.includes('settle'));
  const floss = inFlow.filter((one) => one.medium.family === 'floss');
  const flossHead = floss.reduce((sum, one) => sum + (flowOf.get(one.layer.id)?.head ?? 0), 0);
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
        ? sentence`Here no fine pad stands anywhere; ${litres(room)} of biological media take the silt.`
        : sentence`Here ${litres(volume(guarded))} of ${litres(room)} of biological media come after the first fine pad.`,
    chemical:
      chemical.length === 0
        ? sentence`Here there is none; ${litres(report.totals.freeVolume)} are free.`
        : sentence`Here ${litres(volume(chemical))} of it, and the water stays ${{ kind: 'time', si: contact }} in it.`,
    biologicalMedium: sentence`${litres(room)} of room here hold ${{ kind: 'surface', si: surface(biological) }}; filled with porous mineral ${{ kind: 'surface', si: surfaceOf(ALTERNATIVES.mineral) }}, with medium foam ${{ kind: 'surface', si: surfaceOf(ALTERNATIVES.foam) }}, with scrubbers ${{ kind: 'surface', si: surfaceOf(ALTERNATIVES.scrubbers) }}.`,
    intakeSponge: sentence`Here the water runs at ${{ kind: 'speed', si: intake.speed }} at the ${intake.throughSponge ? 'sponge' : 'bare strainer'}, and the weakest swimmer holds out against ${{ kind: 'speed', si: intake.limit }}.`,
    rings:
      rings.length === 0
        ? sentence`Here none are counted as biological media.`
        : sentence`Here ${litres(volume(rings))} of them give ${{ kind: 'surface', si: surface(rings) }}; porous mineral in their room ${{ kind: 'surface', si: (volume(rings) * surfaceOf(ALTERNATIVES.mineral)) / Math.max(room, 1e-9) }}.`,
    order:
      late.length === 0
        ? sentence`Here every grade comes after a coarser one.`
        : sentence`Here ${litres(volume(late))} of foam come after a finer grade.`,
    flossFirst:
      floss.length === 0
        ? sentence`Here there is no floss.`
        : sentence`Here floss takes ${{ kind: 'gap', si: flossHead }} of head while clean.`,
    fullness:
      report.water.level === null
        ? sentence`Here ${litres(report.totals.freeVolume)} are free.`
        : sentence`Here ${litres(report.totals.freeVolume)} are free, and ${{ kind: 'gap', si: report.water.level.headroom }} of headroom.`,
    cartridges:
      cartridges.length === 0
        ? sentence`Here there are none.`
        : sentence`Here ${String(cartridges.length)} hold ${{ kind: 'surface', si: surface(cartridges) }} of surface, which goes out with them.`,
    foamGrade: sentence`In the room of this pack 30 ppi gives ${surfaceIn('foam-30')}, very coarse foam ${surfaceIn('foam-10')}, dense foam ${surfaceIn('foam-45')}.`,
    foamCleaning: sentence`Here ${litres(volume(foam))} of foam hold ${{ kind: 'surface', si: surface(foam) }}.`,
    rinseWater: sentence`Here ${{ kind: 'surface', si: report.totals.biologicalSurface }} would meet the rinse water if all of it were rinsed at once.`,
    zeolite:
      zeolite.length === 0
        ? sentence`Here there is none.`
        : sentence`Here ${litres(volume(zeolite))} of it; as a home for bacteria it gives ${{ kind: 'surface', si: surface(zeolite) }}.`,
    internalFoam: isInternal(input.filter.kind)
      ? sentence`Here the room holds ${surfaceIn('foam-30')} in foam, ${surfaceIn(ALTERNATIVES.mineral)} in porous mineral.`
      : sentence`This is no internal filter.`,
    sizing: sentence`Here the water is turned over ${{ kind: 'turnover', si: report.predictedTurnover }}, and the media is enough for ${litres(report.sizing.normalStockVolume)} by weight at normal stocking; the tank holds ${litres(report.sizing.tankVolume)}.`,
    tapWater: sentence`Carbon beside the sink is not part of the filter, and takes none of its room.`,
  };
}

const litres = (si: number) => ({ kind: 'volume', si }) as const;
const volume = (layers: readonly PlacedLayer[]): number =>
  layers.reduce((sum, placed) => sum + placed.measure.volume, 0);
const surface = (layers: readonly PlacedLayer[]): number =>
  layers.reduce((sum, placed) => sum + placed.measure.surface, 0);
