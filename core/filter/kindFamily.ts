import type { FilterKind } from './filterKind';

/** True for kinds that hang on the tank’s rim and give the water back over a lip. */
export const isHangOnBack = (kind: FilterKind): boolean => kind.startsWith('hang-on-back');

/** True for kinds that stand in the tank’s own water. */
export const isInternal = (kind: FilterKind): boolean => kind.startsWith('internal');

/** True for closed kinds below the tank, fed and emptied through hoses. */
export const isCanister = (kind: FilterKind): boolean => kind.startsWith('canister');
