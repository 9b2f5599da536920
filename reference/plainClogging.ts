import { fouledResistance, packedBy, PER_THREAD } from '@/core/dirt/fouledResistance';
import type { LayerStream } from '@/core/dirt/capture';
import { TABLE_NUMBERS, TABLE_ROW } from '@/core/dirt/captureTable';
import { MIN_SPEED } from '@/core/dirt/filterCoefficient';
import type { SimulationState } from '@/core/dirt/simulationState';
import { SIZES } from '@/core/dirt/sizeClasses';
import { GAP_FLOSS } from '@/core/hydraulics/columns';
import { filterWater, findBalance, splitStack, type Balance } from '@/core/hydraulics/filterWater';
import { solidsFactor } from '@/core/layers/solidsFactor';
import { mediumById } from '@/core/media/catalogue';
import { DAY } from '@/core/units/time';

/*
 * One step of the clogging simulation written down a second time for reading: an object a slice, no arrays that are used again, no
 * tables of the pump, exponentials as they are.
 */

/** A slice of a bed, SI: what sits in it by size, dry kg, and what it has borne, Pa. */
interface PlainSlice {
  readonly area: number;
  readonly depth: number;
  readonly volume: number;
  readonly linear: number;
  readonly square: number;
  readonly mass: readonly number[];
  readonly deposit: number;
  pressed: number;
}

/** The beds of a filter with their slices, as its state has them. */
const bedsOf = ({ beds, mass, deposits, pressed, held }: SimulationState) =>
  beds.list.map((bed) => ({
    bed,
    slices: Array.from({ length: bed.slices }, (_, index): PlainSlice => {
      const slice = bed.first + index;
      const volume = beds.volume[slice]!;
      return {
        area: beds.area[slice]!,
        depth: beds.to[slice]! - beds.from[slice]!,
        volume: volume * held.sludgeDensity,
        linear: beds.linear[slice]!,
        square: beds.square[slice]!,
        mass: [...mass.subarray(slice * SIZES, (slice + 1) * SIZES)],
        deposit: deposits[slice]!,
        pressed: pressed[slice]!,
      };
    }),
  }));

const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);

/** Where pump and filter agree with what sits in the media, how the water shares itself, and what every slice has borne then. */
export function plainFlow(state: SimulationState): {
  readonly balance: Balance;
  readonly streams: readonly LayerStream[];
  readonly pressed: readonly number[];
} {
  const { inFlow, beds, filter, base } = state;
  const all = bedsOf(state).map(({ bed, slices }) => {
    const { layer, medium } = inFlow[bed.layerAt]!;
    const { resist, packs, bySize } =
      bed.part === 'piece'
        ? fouledResistance(medium.geometry, solidsFactor(medium, layer), base.fluid)
        : fouledResistance(mediumById(GAP_FLOSS).geometry, 1, base.fluid);
    const drops = slices.map(({ deposit, mass, volume, linear, square }) => {
      const threads = mass.map((kg, size) => (kg / volume) * PER_THREAD[size]!);
      const into = { linear: 0, added: 0, square: 0 };
      resist(
        deposit,
        bySize ? sum(threads) : 0,
        bySize ? sum(threads.map((thread, size) => thread * PER_THREAD[size]!)) : 0,
        into,
      );
      return { clean: into.linear * linear, added: into.added * linear, square: into.square * square };
    });
    /** What a slice takes as it is pressed, Pa at m³/s and (m³/s)². */
    const ways = () =>
      drops.map(({ clean, added, square }, index) => ({
        linear: clean + added * (packs ? packedBy(slices[index]!.pressed) : 1),
        square,
      }));
    return { bed, slices, packs, ways };
  });
  const flowNow = () => {
    const paths = beds.clean.map((clean, place) => {
      const of = (part: 'piece' | 'gap') =>
        all
          .filter(({ bed }) => bed.layerAt === place && bed.part === part)
          .map(({ ways }) => ({
            linear: sum(ways().map(({ linear }) => linear)),
            square: sum(ways().map(({ square }) => square)),
          }))[0];
      return {
        ...clean,
        through: clean.through === null ? null : (of('piece') ?? clean.through),
        beside: of('gap') ?? clean.beside,
      };
    });
    const water = filterWater(filter, paths, base.fluid, true);
    const balance = findBalance(water);
    const streams = inFlow.map((placed): LayerStream => {
      const inBody = placed.chamber.where === 'body';
      const whole = inBody ? balance.through : balance.flow;
      const stack = (inBody ? water.body : water.sponge).find(({ layers }) =>
        layers.some((layer) => layer.placed === placed),
      )!;
      const split = splitStack(stack, whole, Infinity);
      const at = stack.layers.findIndex((layer) => layer.placed === placed);
      return { whole, own: split.own[at]!, beside: split.beside[at]! };
    });
    return { balance, streams };
  };
  const before = all.map(({ slices }) => slices.map(({ pressed }) => pressed));
  /** Every slice is pressed by what is lost from the face of its layer to its own middle, or as it was before. */
  const press = (streams: readonly LayerStream[]): void => {
    const borne = all.map(({ bed, slices, packs, ways }, at) => {
      const stream = streams[bed.layerAt]!;
      const speed = (bed.part === 'piece' ? stream.own : stream.beside) / bed.share;
      const drops = ways().map(({ linear, square }) => linear * speed + square * speed ** 2);
      return slices.map((_, index) =>
        packs ? Math.max(before[at]![index]!, sum(drops.slice(0, index)) + drops[index]! / 2) : 0,
      );
    });
    all.forEach(({ slices }, at) => {
      slices.forEach((slice, index) => {
        slice.pressed = borne[at]![index]!;
      });
    });
  };
  press(flowNow().streams);
  const found = flowNow();
  press(found.streams);
  return {
    ...found,
    pressed: all.flatMap(({ slices }) => slices.map(({ pressed }) => pressed)),
  };
}

/**
 * Flow cleared of each size in each slice, m³/s, by slice and size.
 *
 * @param streams,flow how the water goes
 */
export function plainCapture(state: SimulationState, streams: readonly LayerStream[]): number[][] {
  const { inFlow, beds, input } = state;
  const cleared = Array.from({ length: beds.slices }, () => new Array<number>(SIZES).fill(0));
  for (let size = 0; size < SIZES; size += 1) {
    const sinks = input.sinking[size]!;
    let dirt = input.arrives[size]!;
    inFlow.forEach((_, place) => {
      const { whole, own, beside } = streams[place]!;
      if (input.openFloor?.before === place && whole > 0)
        dirt *= 1 - input.retention * Math.min(1, (sinks * input.openFloor.area) / whole);
      const after = { piece: dirt, gap: dirt };
      for (const { bed, slices } of bedsOf(state)) {
        const flow = bed.part === 'piece' ? own : beside;
        if (bed.layerAt !== place || flow <= 0) continue;
        const settled = bed.settles
          ? Math.min(0.999, input.retention * Math.min(1, (sinks * slices[0]!.area) / flow))
          : 0;
        slices.forEach(({ deposit, depth, area }, index) => {
          const coefficient =
            tableAt(bed.capture, deposit, size, sinks / Math.max(MIN_SPEED, flow / area), bed.attachment) -
            Math.log(1 - settled) / bed.depth;
          const caught = 1 - Math.exp(-coefficient * Math.max(0, 1 - deposit / bed.ultimate) * depth);
          cleared[bed.first + index]![size] = flow * after[bed.part] * caught;
          after[bed.part] *= 1 - caught;
        });
      }
      if (whole > 0) dirt = (own * after.piece + beside * after.gap) / whole;
    });
  }
  return cleared;
}

/** λ of a size between two points of the table of a bed: straight between them, which lie at squares. */
function tableAt(
  { values, written, ultimate }: SimulationState['beds']['list'][number]['capture'],
  deposit: number,
  size: number,
  slowly: number,
  attachment: number,
): number {
  const last = written.length - 1;
  const point = Math.min(last - 1, Math.floor(Math.sqrt(deposit / ultimate) * last));
  const [from, to] = [point, point + 1].map((at) => ultimate * (at / last) ** 2) as [number, number];
  const part = Math.min(1, (deposit - from) / (to - from));
  const [most, touched, perLimit, strained] = [0, 1, 2, 3].map((number) => {
    const at = point * TABLE_ROW + size * TABLE_NUMBERS + number;
    return values[at]! + part * (values[at + TABLE_ROW]! - values[at]!);
  }) as [number, number, number, number];
  return attachment * most * (1 - Math.exp(-touched - perLimit * slowly)) + strained;
}

/**
 * Deposit of every slice after a time, share of its bed: dσ/dt = B(σ_u − σ) − kσ with B from what comes to it now.
 *
 * @param cleared m³/s by slice and size
 * @param waters kg/m³ by size
 * @param decay share that rots in a day
 */
export const plainFill = (
  state: SimulationState,
  cleared: readonly (readonly number[])[],
  waters: readonly number[],
  decay: number,
  days: number,
): number[] =>
  bedsOf(state).flatMap(({ bed, slices }) =>
    slices.map(({ deposit, volume }, index) => {
      const comes = sum(cleared[bed.first + index]!.map((flow, size) => flow * waters[size]! * DAY));
      const filling = comes / volume / (bed.ultimate - deposit);
      const rest = (filling * bed.ultimate) / (filling + decay);
      return rest + (deposit - rest) * Math.exp(-(filling + decay) * days);
    }),
  );
