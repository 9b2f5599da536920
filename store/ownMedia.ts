import { OwnMediumSchema, type OwnMedium } from '@/core/media/ownMediumSchema';
import { ownMediaOf, withOwnMedium } from '@/core/pack/withOwnMedium';
import type { Pack } from '@/core/pack/pack';
import { documentTable } from './documentTable';
import type { Db } from './openDatabase';

const table = documentTable('pack');

/**
 * Every medium of the keeper’s own in any pack, each once. They have no table: a medium is kept with the packs that
 * are made of it, so that a pack is whole by itself, in a file too.
 */
export function ownMedia(db: Db): OwnMedium[] {
  const stored = db
    .prepare(
      `SELECT tree.value FROM pack, json_tree(pack.doc, '$.layers') AS tree
       WHERE pack.own_media = 1 AND tree.key = 'own' AND tree.type = 'object' ORDER BY pack.updated_at`,
    )
    .pluck()
    .all() as string[];
  const read = stored.flatMap((text) => {
    const parsed = OwnMediumSchema.safeParse(JSON.parse(text));
    return parsed.success ? [parsed.data] : [];
  });
  return [...new Map(read.map((own) => [own.id, own])).values()];
}

/**
 * Gives the media of a pack that was saved to every other pack that is made of them: what a keeper found out about a
 * medium is true of it everywhere, in records too. Packs that cannot be read are left alone.
 */
export function spreadOwnMedia(db: Db, { id, layers }: Pack): void {
  for (const own of ownMediaOf(layers)) {
    const { read } = table.read(
      db,
      'WHERE own_media = 1 AND id <> ? AND instr(doc, ?) > 0',
      id,
      `"${own.id}"`,
    );
    for (const { doc, version } of read) {
      const changed = withOwnMedium(doc.layers, own);
      if (JSON.stringify(changed) !== JSON.stringify(doc.layers))
        table.update(db, version, { ...doc, layers: changed });
    }
  }
}
