import type { FilterKind } from './filterKind';

/** What a keeper calls a kind, and the way its water goes. */
export interface FilterKindWords {
  readonly name: string;
  readonly way: string;
}

export const FILTER_KINDS: Readonly<Record<FilterKind, FilterKindWords>> = {
  'canister-centre-pipe': {
    name: 'canister, water flows up',
    way: 'Water goes down a centre pipe, then up through the trays to the pump on top. Most canisters work this way.',
  },
  'canister-side-riser': {
    name: 'canister, side column',
    way: 'Water goes down one side through a tall foam column, then up through the trays.',
  },
  'canister-down-flow': {
    name: 'canister, water flows down',
    way: 'Water comes in at the top, goes down through the trays and up a return pipe.',
  },
  'canister-outside-in': {
    name: 'canister, outside to centre',
    way: 'Water goes up the outside through a ring of foam, then down the trays in the centre.',
  },
  'canister-prefilter': {
    name: 'canister with pull-out prefilter',
    way: 'Water goes through coarse foam that pulls out without opening the filter, then up through the trays.',
  },
  'hang-on-back-basket': {
    name: 'hang-on-back, basket',
    way: 'Water goes up the intake tube, under the basket, up through it and over a lip back to the tank.',
  },
  'hang-on-back-cartridge': {
    name: 'hang-on-back, cartridge',
    way: 'Water goes into a well, through one or more upright cartridges and over the lip.',
  },
  'internal-sponge': {
    name: 'internal, sponge',
    way: 'The pump draws water through a block or cylinder of foam.',
  },
  'internal-compartments': {
    name: 'internal, compartments',
    way: 'Water goes through slots, one after the other.',
  },
  composed: {
    name: 'another kind',
    way: 'Water goes through the chambers you enter, one after the other.',
  },
};
