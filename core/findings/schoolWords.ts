import type { School, Schools } from './schools';

/** A position in words, with the argument of those who hold it. */
export interface Position {
  readonly name: string;
  readonly because: string;
}

/** A question with all its positions in words. */
export type SchoolWords = {
  readonly [S in School]: {
    readonly question: string;
    readonly positions: Readonly<Record<Schools[S], Position>>;
  };
};

/** What the schools say of themselves (common practice, no source). */
export const SCHOOL_WORDS: SchoolWords = {
  finePad: {
    question: 'Where the finest pad goes',
    positions: {
      before: { name: 'before the biological media', because: 'it keeps their pores open' },
      after: { name: 'after it', because: 'it gives the clearest water and catches what they shed' },
      both: { name: 'both', because: 'open pores and the clearest water, for two pads' },
    },
  },
  chemical: {
    question: 'Chemical media',
    positions: {
      last: { name: 'last along the water', because: 'it takes tint and organics from clean water' },
      'easy access': {
        name: 'in the tray that is reached first',
        because: 'it is changed without disturbing the rest',
      },
      none: { name: 'none', because: 'plants eat nitrate and clean water needs no more' },
      'start only': {
        name: 'only at the start or after medicine',
        because: 'then it has something to take out',
      },
    },
  },
  biologicalMedium: {
    question: 'Biological medium',
    positions: {
      'porous mineral': { name: 'porous mineral', because: 'more surface is claimed per litre' },
      foam: { name: 'foam alone', because: 'cheap, squeezable, no dead pores' },
      scrubbers: { name: 'plastic scrubbers', because: 'very open and very cheap' },
      'as it came': { name: 'what came in the box', because: 'nothing to decide' },
    },
  },
  intakeSponge: {
    question: 'Sponge on the intake',
    positions: {
      always: { name: 'always', because: 'it guards fry and pump, is an easy first grade and warns by eye' },
      never: { name: 'never in a show tank', because: 'it is in sight, and its dirt stays in the tank' },
    },
  },
  rings: {
    question: 'Dense rings and balls as biological media',
    positions: {
      'little use': { name: 'of little use', because: 'they have little surface for their room' },
      enough: { name: 'enough for a light load', because: 'they have long been relied on' },
    },
  },
  order: {
    question: 'Order of the layers',
    positions: {
      grades: {
        name: 'grades matter',
        because: 'each grade unloads the next and keeps silt out of the pores',
      },
      any: { name: 'any order works in a small basket', because: 'all of it is squeezed monthly anyway' },
    },
  },
  flossFirst: {
    question: 'Floss ahead of the foam',
    positions: {
      'by choice': { name: 'a fair choice', because: 'a new pad every few weeks keeps the foam clean' },
      never: { name: 'never', because: 'it clogs soonest of all places' },
    },
  },
  fullness: {
    question: 'How full',
    positions: {
      'every corner': { name: 'fill every corner', because: 'more capacity and no way around' },
      'leave room': { name: 'leave room', because: 'no spill, and easy in and out' },
    },
  },
  cartridges: {
    question: 'Disposable cartridges',
    positions: {
      replace: { name: 'replace with cut foam', because: 'a change throws the film away, and costs more' },
      rotate: {
        name: 'keep, change one a week, never all',
        because: 'convenient, and part of the film stays',
      },
      beside: { name: 'keep, with biological media beside it', because: 'a cheap middle way' },
    },
  },
  foamGrade: {
    question: 'Grade of foam where foam does everything',
    positions: {
      '30 ppi': { name: '30 ppi', because: 'it has the most surface for how soon it clogs' },
      'very coarse': { name: 'very coarse throughout', because: 'it hardly ever clogs and may be neglected' },
      dense: { name: 'dense', because: 'it has the most surface and keeps the water clearest' },
    },
  },
  foamCleaning: {
    question: 'How hard foam is cleaned',
    positions: {
      gently: { name: 'squeezed a few times', because: 'most of the film stays, and foam lasts ten years' },
      hard: {
        name: 'wrung until the water runs clear',
        because: 'it holds more dirt again, and lasts about five years',
      },
    },
  },
  rinseWater: {
    question: 'Water that media is rinsed in',
    positions: {
      'tank water': { name: 'old tank water only', because: 'chlorine and chloramine kill the film' },
      'tap water': {
        name: 'tap water for foam',
        because: 'foam is quickly settled again, and the tap is at hand',
      },
    },
  },
  zeolite: {
    question: 'Zeolite',
    positions: {
      emergency: { name: 'kept for an emergency', because: 'it takes ammonia out at once, for days' },
      never: { name: 'never', because: 'a filter that is large enough has no ammonia to take out' },
      'porous home': { name: 'as a porous home', because: 'bacteria live on it long after it is used up' },
    },
  },
  internalFoam: {
    question: 'Foam in an internal filter',
    positions: {
      foam: { name: 'keep the foam', because: 'in so little room foam does both jobs' },
      mineral: { name: 'swap it for mineral media', because: 'more surface is claimed for the same room' },
    },
  },
  tapWater: {
    question: 'Carbon on the tap water',
    positions: {
      'no carbon': { name: 'none', because: 'a water conditioner binds chlorine for less' },
      carbon: { name: 'before it goes in', because: 'chlorine and organics never reach the tank' },
    },
  },
  sizing: {
    question: 'How large a filter must be',
    positions: {
      turnover: { name: 'by turnover', because: 'the water must carry the dirt to the intake' },
      'media weight': { name: 'by weight of media', because: 'the media houses the bacteria' },
      food: { name: 'by the food', because: 'what is fed is the load, whatever the litres' },
      'never too much': {
        name: 'never too much filter',
        because: 'spare filter carries the tank when something fails',
      },
    },
  },
};
