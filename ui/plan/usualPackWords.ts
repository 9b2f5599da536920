import type { UsualPackKind } from '@/core/propose/usualPacks';

/** What keepers call a usual pack, and what speaks for it (common practice, no source). */
export const USUAL_PACK_WORDS: Readonly<
  Record<UsualPackKind, { readonly name: string; readonly because: string }>
> = {
  'with floss': {
    name: 'Graded, with floss',
    because: 'The floss gives the clearest water. Replace it about every month.',
  },
  'foam only': {
    name: 'Graded, foam only',
    because: 'Nothing is thrown away. You rinse or squeeze every layer.',
  },
  'foam alone': {
    name: 'Foam alone',
    because: 'You can squeeze all of it. The foam cleans the water and houses the bacteria.',
  },
  'as it came': {
    name: 'As it came, put right',
    because:
      'The cartridge stays. A sponge on the intake lets it last longer, and media behind it keeps bacteria when you change it.',
  },
};
