import { SILT_DAYS } from '../dirt/silt';
import { captureFraction } from '../dirt/captureFraction';
import { otherClearanceRate } from '../dirt/otherClearanceRate';
import { MAX_FINES_DIAMETER } from '../dirt/clearWater';
import { arrivalOf } from '../dirt/arrival';
import { coefficientAt } from '../dirt/filterCoefficient';
import { decayAt, USUAL_DIRT } from '../dirt/dirtNumbers';
import { dirtProduction } from '../dirt/dirtProduction';
import { stepFlowBalance, tabulateDrive, type MarchDrive } from '../dirt/stepFlowBalance';
import { settlingRates, suspendedSolids } from '../dirt/massBalance';
import { settlingSpeed } from '../dirt/settlingSpeed';
import { SIZE_CLASSES, SIZES } from '../dirt/sizeClasses';
import type { StackPlan } from '../dirt/stackPlan';
import { filterWater, type Balance } from '../hydraulics/filterWater';
import { fluidAt } from '../hydraulics/fluid';
import { rimAboveLip } from '../hydraulics/rim';
import { turnover } from '../hydraulics/turnover';
import type { Layer } from '../layers/layer';
import type { Chamber } from '../filter/filter';
import { HORIZON } from '../pack/visitLimits';
import { MAX_LAYERS } from '../pack/maxLayers';
import { turnoverBand } from '../practice/turnoverBand';
import { netVolume } from '../tank/netVolume';
import { CLOGGED_AT, pieceNumbers } from './pieceNumbers';
import { quickYear } from './quickYear';
import { daysToSludge, sludgeAfter } from './evenSludge';
import type { ProposeInput } from './proposeInput';
import { turnoverOff, type Figures } from './objectives';
import { DAY } from '../units/time';
import { sumOf } from '../maths/sum';

/** What the quick judge finds, beside the figures that it guesses at. */
export interface QuickFigures extends Figures {
  /** Of the media, wet, kg. */
  readonly mass: number;
  /** Water stands over the rim of a hang-on-back with the clean pack already. */
  readonly spills: boolean;
  /** How high the media stand in a chamber that is flowed upward, m. */
  readonly stack: number;
}

/**
 * A judge that takes microseconds: flow and clear water are those of the clean pack, as the report has them; service,
 * silt, cost and minutes are guessed from what each layer catches and holds. It ranks packs before any is forecast.
 * All pieces are taken to reach the walls.
 *
 * @returns of layers in flow order, and how many pieces change, the figures
 */
export function quickJudge(
  input: Pick<ProposeInput, 'around' | 'filter' | 'shelf'>,
): (layers: readonly Layer[], change: number) => QuickFigures {
  const { around, filter, shelf } = input;
  const { tank } = around;
  const fluid = fluidAt(tank.temperature);
  const volume = netVolume(tank.water).value;
  const band = turnoverBand(volume, tank.animals);
  const rim = filter.spill === null ? Infinity : rimAboveLip(filter.spill);
  const sinking = SIZE_CLASSES.map(({ diameter }) => settlingSpeed(diameter, fluid));
  const arrives = arrivalOf(tank, filter);
  const settles = settlingRates(tank, volume);
  const made = dirtProduction(tank, USUAL_DIRT);
  const decay = decayAt(USUAL_DIRT, tank.temperature);
  const elsewhere = otherClearanceRate(tank, around.others);
  const chambers = new Map(filter.chambers.map((chamber) => [chamber.id, chamber]));
  const numbersOf = pieceNumbers(fluid, shelf, around);
  const drives = new Map<number, MarchDrive>();
  const plan = (): StackPlan => ({
    places: [],
    columns: [{ share: 1, through: [], enters: [] }],
    linear: new Float64Array(1),
    square: new Float64Array(1),
    flows: new Float64Array(1),
    pressure: 0,
  });
  const [sponge, body] = [plan(), plan()];
  // Written anew for every pack.
  const water = new Float64Array(SIZES);
  const whole = new Float64Array(SIZES);
  const suspended = new Float64Array(SIZES);
  const caught = new Float64Array(MAX_LAYERS * SIZES);
  const empty = filterWater(filter, [], fluid);
  const near: Balance = {
    flow: filter.labelFlow / 2,
    through: filter.labelFlow / 2,
    overLip: 0.008,
    before: 0,
    wetTo: Infinity,
  };

  return (layers, change) => {
    const filled = new Map<string, number>();
    const placed = layers.map((layer) => {
      const chamber = chambers.get(layer.chamber)!;
      const from = filled.get(chamber.id) ?? 0;
      filled.set(chamber.id, from + layer.thickness);
      return { layer, chamber, from, numbers: numbersOf(layer, chamber, from) };
    });
    const stack = Math.max(
      0,
      ...filter.chambers
        .filter(({ where, way }) => where === 'body' && way === 'up')
        .map(({ id }) => filled.get(id) ?? 0),
    );
    const rounded = Math.round(stack * 200) / 200;
    const drive = drives.get(rounded) ?? tabulateDrive({ ...empty, stackHeight: rounded });
    drives.set(rounded, drive);
    let balance = near;
    // The level over the lip says how much of the stack is wet; it hardly moves after the first round.
    for (let round = 0; round < (filter.spill === null ? 1 : 2); round += 1) {
      for (const way of [sponge, body]) {
        way.linear[0] = 0;
        way.square[0] = 0;
      }
      for (const { chamber, from, numbers } of placed) {
        const wet = wetShare(
          chamber,
          from,
          numbers.length,
          filter.spill === null ? null : filter.spill.lipAboveFloor + balance.overLip,
        );
        const way = chamber.where === 'intake' ? sponge : body;
        way.linear[0] = way.linear[0]! + numbers.linear * wet;
        way.square[0] = way.square[0]! + numbers.square * wet;
      }
      balance = stepFlowBalance({ filter }, drive, [sponge], [body], balance);
    }
    const wetTo = filter.spill === null ? null : filter.spill.lipAboveFloor + balance.overLip;
    water.set(arrives);
    whole.set(elsewhere);
    placed.forEach(({ chamber, from, numbers }, index) => {
      const flow = chamber.where === 'intake' ? balance.flow : balance.through;
      const speed = flow / numbers.area;
      const length = numbers.length * wetShare(chamber, from, numbers.length, wetTo);
      for (let size = 0; size < SIZES; size += 1) {
        const taken =
          water[size]! *
          captureFraction(coefficientAt(numbers.bySize[size]!, sinking[size]!, speed) * length);
        water[size] = water[size]! - taken;
        caught[index * SIZES + size] = flow * taken;
        whole[size] = whole[size]! + flow * taken;
      }
    });
    const share = balance.flow > 0 ? balance.through / balance.flow : 0;
    let fines = 0;
    for (let size = 0; size < SIZES; size += 1) {
      suspended[size] = suspendedSolids(made[size]!, whole[size]! * DAY, settles[size]!, volume);
      if (SIZE_CLASSES[size]!.diameter < MAX_FINES_DIAMETER) fines += suspended[size]!;
    }
    const rates = placed.map((_, index) => {
      let rate = 0;
      for (let size = 0; size < SIZES; size += 1)
        rate += caught[index * SIZES + size]! * DAY * suspended[size]!;
      return rate;
    });
    const clogs = placed.map(({ numbers }, index) => daysToSludge(numbers.holds, rates[index]!, decay));
    const service = Math.min(
      HORIZON,
      ...clogs.filter(
        (_, index) => placed[index]!.numbers.mechanical && placed[index]!.chamber.where === 'body',
      ),
    );
    let open = 0;
    placed.forEach(({ numbers }, index) => {
      const days = numbers.biological ? SILT_DAYS : Math.min(SILT_DAYS, service);
      const full =
        numbers.holds > 0 ? sludgeAfter(days, rates[index]!, decay) / (numbers.holds / CLOGGED_AT.others) : 0;
      open += numbers.surface * share * Math.max(0, 1 - full);
    });
    const year = quickYear(filter, placed, clogs, service);
    const turned = turnover(balance.flow, volume);
    return {
      service,
      fines,
      cover: null,
      surface: open,
      turnover: turned,
      turnoverOff: turnoverOff(turned, band),
      cost: year.cost,
      unpriced: year.unpriced,
      visits: year.visits,
      minutes: year.minutes,
      change,
      mass: sumOf(placed, ({ numbers }) => numbers.mass),
      spills: balance.before > rim,
      stack,
    };
  };
}

/** Share of a piece that stands under water in a basket flowed upward. */
const wetShare = (chamber: Chamber, from: number, length: number, wetTo: number | null): number =>
  wetTo === null || chamber.way !== 'up' || chamber.where !== 'body'
    ? 1
    : Math.min(1, Math.max(0, (wetTo - from) / length));
