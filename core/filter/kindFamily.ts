import type { FilterKind } from './filterKind';

export const isHangOnBack = (kind: FilterKind): boolean => kind.startsWith('hang-on-back');

export const isInternal = (kind: FilterKind): boolean => kind.startsWith('internal');

export const isCanister = (kind: FilterKind): boolean => kind.startsWith('canister');
