import type { Filter } from '../filter/filter';
import { shutOffHead } from '../filter/shutOffHead';
import type { Layer } from '../layers/layer';
import { feedPerDay } from '../tank/feedPerDay';
import type { Tank } from '../tank/tank';
import { sentence, type Sentence } from '../units/sentence';

/** Something that is taken for granted until the keeper knows it. */
export interface Assumption {
  readonly key: string;
  /** What stands in. */
  readonly what: Sentence;
  /** What it decides. */
  readonly influences: string;
}

/** Everything in a survey that is assumed, not measured, with what depends on it; in the order in which it is worth measuring. */
export function assumptions(tank: Tank, filter: Filter, layers: readonly Layer[]): Assumption[] {
  const head = shutOffHead(filter.kind, filter.pump, filter.labelFlow);
  const isAssumed = (key: Filter['assumed'][number]): boolean => filter.assumed.includes(key);
  const undated = layers.filter((layer) => layer.installedOn === null).length;
  const mixtures = layers.filter(({ mix }) => mix !== null && mix.porosity === null).length;
  const list: (Assumption | null)[] = [
    tank.feed.amount === null
      ? {
          key: 'feed',
          what: sentence`${{ kind: 'feed', si: feedPerDay(tank).likely }} of dry food, usual for this much water.`,
          influences: 'how much waste the bacteria must deal with, and how soon the filter clogs',
        }
      : null,
    isAssumed('sizes')
      ? {
          key: 'sizes',
          what: sentence`The chamber sizes are typical for this kind of filter.`,
          influences: 'all volumes, weights and fits',
        }
      : null,
    tank.water.how === 'known'
      ? {
          key: 'volume',
          what: sentence`${{ kind: 'volume', si: tank.water.volume }} of water, as typed and not measured.`,
          influences: 'turnover, and the filter size you need',
        }
      : null,
    isAssumed('labelFlow')
      ? {
          key: 'labelFlow',
          what: sentence`${{ kind: 'flow', si: filter.labelFlow }} on the label, typical for this kind.`,
          influences: 'the greatest flow the pump can give',
        }
      : null,
    head.from === 'kind' || head.from === 'power'
      ? {
          key: 'head',
          what: sentence`Maximum head ${{ kind: 'run', si: head.value }}, ${head.from === 'kind' ? 'typical for this kind' : 'from its power'}.`,
          influences: 'how much flow is left after the media and hoses',
        }
      : null,
    isAssumed('hoses')
      ? {
          key: 'hoses',
          what: sentence`The hoses and their height are typical for a cabinet.`,
          influences: 'how much the hoses slow the flow',
        }
      : null,
    isAssumed('spill')
      ? {
          key: 'spill',
          what: sentence`The lip and rim are typical for this kind of filter.`,
          influences: 'how close the filter is to spilling',
        }
      : null,
    isAssumed('openEdge')
      ? {
          key: 'openEdge',
          what: sentence`The dividers end at the water level.`,
          influences: 'how much water goes over the media instead of through it',
        }
      : null,
    tank.pH === null
      ? { key: 'pH', what: sentence`pH is not known.`, influences: 'how much of the ammonia is poisonous' }
      : null,
    tank.carbonateHardness === null
      ? {
          key: 'carbonateHardness',
          what: sentence`Carbonate hardness is not known.`,
          influences: 'how long the bacteria can work before it runs out',
        }
      : null,
    mixtures > 0
      ? {
          key: 'mixture',
          what: sentence`${mixtures === 1 ? 'A mixture is' : `${mixtures} mixtures are`} taken to be as open as the average of the media in it.`,
          influences: 'how much the mixture slows the water and what it catches',
        }
      : null,
    undated > 0
      ? {
          key: 'since',
          what: sentence`${undated === 1 ? 'One layer has' : `${undated} layers have`} no installation date.`,
          influences: 'whether carbon, floss and zeolite are used up',
        }
      : null,
  ];
  return list.filter((item) => item !== null);
}
