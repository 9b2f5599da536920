import type { Schools } from './schools';

/** Where a keeper begins who has not chosen. */
export const DEFAULT_SCHOOLS: Schools = {
  finePad: 'before',
  chemical: 'last',
  biologicalMedium: 'porous mineral',
  intakeSponge: 'always',
  rings: 'little use',
  order: 'grades',
  flossFirst: 'by choice',
  fullness: 'every corner',
  cartridges: 'replace',
  foamGrade: '30 ppi',
  foamCleaning: 'gently',
  rinseWater: 'tank water',
  zeolite: 'emergency',
  internalFoam: 'foam',
  tapWater: 'no carbon',
  sizing: 'turnover',
};
