import type { Filter } from '../filter/filter';
import { shutOffHead } from '../filter/shutOffHead';
import type { Layer } from '../layers/layer';
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

/** Everything in a survey that nobody has measured, with what hangs on it; in the order in which it is worth measuring. */
export function assumptions(tank: Tank, filter: Filter, layers: readonly Layer[]): Assumption[] {
  const head = shutOffHead(filter.kind, filter.pump, filter.labelFlow);
  const isAssumed = (key: Filter['assumed'][number]): boolean => filter.assumed.includes(key);
  const undated = layers.filter((layer) => layer.installedOn === null).length;
  const mixtures = layers.filter(({ mix }) => mix !== null && mix.porosity === null).length;
  const list: (Assumption | null)[] = [
    tank.feed.amount === null
      ? {
          key: 'feed',
          what: sentence`Food a day is not known.`,
          influences: 'the load on the biological media, and how soon anything clogs',
        }
      : null,
    isAssumed('sizes')
      ? {
          key: 'sizes',
          what: sentence`Chambers have the sizes usual of the kind.`,
          influences: 'every volume, weight and fit',
        }
      : null,
    tank.water.how === 'known'
      ? {
          key: 'volume',
          what: sentence`${{ kind: 'volume', si: tank.water.volume }} of water, as typed and not measured.`,
          influences: 'turnover, and every sizing by litres',
        }
      : null,
    isAssumed('labelFlow')
      ? {
          key: 'labelFlow',
          what: sentence`${{ kind: 'flow', si: filter.labelFlow }} on the label, usual of the kind.`,
          influences: 'the greatest flow the pump can give',
        }
      : null,
    head.from === 'kind' || head.from === 'power'
      ? {
          key: 'head',
          what: sentence`Maximum head ${{ kind: 'run', si: head.value }}, ${head.from === 'kind' ? 'usual of the kind' : 'from its power'}.`,
          influences: 'how much flow is left when media and hoses hold it back',
        }
      : null,
    isAssumed('hoses')
      ? {
          key: 'hoses',
          what: sentence`Hoses and height are those of a usual cabinet.`,
          influences: 'what the hoses take of the flow',
        }
      : null,
    isAssumed('spill')
      ? {
          key: 'spill',
          what: sentence`Lip and rim are those usual of the kind.`,
          influences: 'how near it is to spilling',
        }
      : null,
    isAssumed('openEdge')
      ? {
          key: 'openEdge',
          what: sentence`The dividers end at the tank’s water.`,
          influences: 'how much water goes over the media instead of through',
        }
      : null,
    tank.pH === null
      ? { key: 'pH', what: sentence`pH is not known.`, influences: 'how much of the ammonia is poisonous' }
      : null,
    tank.carbonateHardness === null
      ? {
          key: 'carbonateHardness',
          what: sentence`Carbonate hardness is not known.`,
          influences: 'how long the film can work before it runs short of it',
        }
      : null,
    mixtures > 0
      ? {
          key: 'mixture',
          what: sentence`${mixtures === 1 ? 'A mixture is' : `${mixtures} mixtures are`} as open to the water as the mean of what is mixed.`,
          influences: 'the resistance of the mixture and what it catches',
        }
      : null,
    undated > 0
      ? {
          key: 'since',
          what: sentence`${undated === 1 ? 'One layer has' : `${undated} layers have`} been in for an unknown time.`,
          influences: 'whether carbon, floss and zeolite are spent',
        }
      : null,
  ];
  return list.filter((item) => item !== null);
}
