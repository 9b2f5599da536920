import type { FilterKind } from './filterKind';

/** What a keeper calls a kind, and the way its water goes. */
export interface FilterKindWords {
  readonly name: string;
  readonly way: string;
}

export const FILTER_KINDS: Readonly<Record<FilterKind, FilterKindWords>> = {
  'canister-centre-pipe': {
    name: 'canister, up-flow',
    way: 'Down a centre pipe to the bottom, up through the trays, pump on top.',
  },
  'canister-side-riser': {
    name: 'canister, side riser',
    way: 'Down one side through a tall foam column, across the bottom, up the trays.',
  },
  'canister-down-flow': {
    name: 'canister, down-flow',
    way: 'In at the top, down through the trays, up a return pipe.',
  },
  'canister-outside-in': {
    name: 'canister, outside-in',
    way: 'Up the outside through perimeter foams, over the top, down the centre of the trays.',
  },
  'canister-prefilter': {
    name: 'canister, pull-out prefilter',
    way: 'Through a cartridge of coarse foams reached without opening the body, then up the trays.',
  },
  'hang-on-back-basket': {
    name: 'hang-on-back, basket',
    way: 'Up the intake tube, under the basket, up through it, over a lip back to the tank.',
  },
  'hang-on-back-cartridge': {
    name: 'hang-on-back, cartridge',
    way: 'Into a well, through one or more upright cartridges, over the lip.',
  },
  'internal-sponge': { name: 'internal, sponge', way: 'The pump draws through a foam block or cylinder.' },
  'internal-compartments': {
    name: 'internal, compartments',
    way: 'Slots behind a weir, one after the other.',
  },
  composed: {
    name: 'another kind, from its chambers',
    way: 'Through the chambers you enter, one after the other.',
  },
};
