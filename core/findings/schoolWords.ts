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
      after: {
        name: 'after the biological media',
        because: 'it gives the clearest water and catches what they shed',
      },
      both: {
        name: 'both',
        because: 'it keeps the pores open and gives the clearest water, but needs two pads',
      },
    },
  },
  chemical: {
    question: 'Chemical media',
    positions: {
      last: { name: 'last in flow order', because: 'it works best in clean water' },
      'easy access': {
        name: 'in the tray you reach first',
        because: 'you can change it without disturbing the rest',
      },
      none: { name: 'none', because: 'plants take up nitrate, and clean water needs nothing more' },
      'start only': {
        name: 'only at the start or after medicine',
        because: 'only then is there something to take out',
      },
    },
  },
  biologicalMedium: {
    question: 'Which biological media to use',
    positions: {
      'porous mineral': { name: 'porous mineral', because: 'makers claim more surface per litre' },
      foam: { name: 'foam alone', because: 'it is cheap, can be squeezed and does not silt up inside' },
      scrubbers: { name: 'plastic scrubbers', because: 'they are very open and very cheap' },
      'as it came': { name: 'what came in the box', because: 'there is nothing to decide' },
    },
  },
  intakeSponge: {
    question: 'Sponge on the intake',
    positions: {
      always: {
        name: 'always',
        because: 'it protects fry and the pump, catches the first dirt, and you can see when it is full',
      },
      never: { name: 'never in a show tank', because: 'you can see it, and its dirt stays in the tank' },
    },
  },
  rings: {
    question: 'Dense rings and balls as biological media',
    positions: {
      'little use': { name: 'of little use', because: 'they have little surface for the space they take' },
      enough: { name: 'enough for few animals', because: 'keepers have relied on them for years' },
    },
  },
  order: {
    question: 'Order of the layers',
    positions: {
      grades: {
        name: 'grades matter',
        because: 'each grade catches dirt for the next and keeps silt out of the pores',
      },
      any: { name: 'any order works in a small basket', because: 'you squeeze all of it every month anyway' },
    },
  },
  flossFirst: {
    question: 'Floss before the foam',
    positions: {
      'by choice': { name: 'acceptable', because: 'a new pad every few weeks keeps the foam clean' },
      never: { name: 'never', because: 'floss clogs fastest there' },
    },
  },
  fullness: {
    question: 'How full to pack the filter',
    positions: {
      'every corner': {
        name: 'fill every corner',
        because: 'it holds more media, and water cannot go around it',
      },
      'leave room': {
        name: 'leave some room',
        because: 'it cannot spill, and media is easy to put in and take out',
      },
    },
  },
  cartridges: {
    question: 'Disposable cartridges',
    positions: {
      replace: {
        name: 'replace with cut foam',
        because: 'changing a cartridge throws the bacteria away and costs more',
      },
      rotate: {
        name: 'keep them, and change one a week',
        because: 'it is convenient, and some of the bacteria stay',
      },
      beside: { name: 'keep them, with biological media beside them', because: 'it is a cheap compromise' },
    },
  },
  foamGrade: {
    question: 'Foam grade when foam is the only media',
    positions: {
      '30 ppi': { name: '30 ppi', because: 'it has the most surface for how soon it clogs' },
      'very coarse': {
        name: 'very coarse throughout',
        because: 'it hardly ever clogs and needs little care',
      },
      dense: { name: 'dense', because: 'it has the most surface and keeps the water clearest' },
    },
  },
  foamCleaning: {
    question: 'How hard foam is cleaned',
    positions: {
      gently: { name: 'squeezed a few times', because: 'most bacteria stay, and foam lasts ten years' },
      hard: {
        name: 'wrung until the water runs clear',
        because: 'it can hold more dirt again, but lasts only about five years',
      },
    },
  },
  rinseWater: {
    question: 'Which water to rinse media in',
    positions: {
      'tank water': { name: 'old tank water only', because: 'chlorine and chloramine kill the bacteria' },
      'tap water': {
        name: 'tap water for foam',
        because: 'bacteria soon grow back on foam, and the tap is convenient',
      },
    },
  },
  zeolite: {
    question: 'Zeolite',
    positions: {
      emergency: { name: 'kept for an emergency', because: 'it removes ammonia at once, for a few days' },
      never: { name: 'never', because: 'a large enough filter leaves no ammonia to remove' },
      'porous home': {
        name: 'as biological media',
        because: 'bacteria live on it long after it stops taking up ammonia',
      },
    },
  },
  internalFoam: {
    question: 'Foam in an internal filter',
    positions: {
      foam: { name: 'keep the foam', because: 'with so little space, foam does both jobs' },
      mineral: {
        name: 'replace it with mineral media',
        because: 'makers claim more surface for the same space',
      },
    },
  },
  tapWater: {
    question: 'Carbon on the tap water',
    positions: {
      'no carbon': { name: 'none', because: 'a water conditioner removes chlorine more cheaply' },
      carbon: {
        name: 'treat all new water with carbon',
        because: 'chlorine and organics never reach the tank',
      },
    },
  },
  sizing: {
    question: 'How large a filter must be',
    positions: {
      turnover: { name: 'by turnover', because: 'the water must carry the dirt to the intake' },
      'media weight': { name: 'by weight of media', because: 'the media houses the bacteria' },
      food: { name: 'by the food', because: 'food decides the waste, whatever the size of the tank' },
      'never too much': {
        name: 'as large as possible',
        because: 'spare capacity helps when something fails',
      },
    },
  },
};
