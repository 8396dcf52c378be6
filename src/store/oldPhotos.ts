import { eq, like } from 'drizzle-orm';
import type { Database } from './client';
import { asPicture, type Picture, savePicture } from './pictures';
import { items } from './schema';

/** Photos were once data addresses inside the things they show. */
const DATA_ADDRESS = /^data:image\/(?:png|jpeg|webp);base64,([A-Za-z0-9+/=]+)$/;

/** A thing in the format from before the pictures table, with its photo extracted. */
export function withoutOldPhoto(item: unknown): { readonly item: unknown; readonly picture?: Picture } {
  if (typeof item !== 'object' || item === null || !('photo' in item) || typeof item.photo !== 'string') {
    return { item };
  }
  const base64 = DATA_ADDRESS.exec(item.photo)?.[1];
  if (base64 === undefined) return { item };
  const picture = asPicture(Buffer.from(base64, 'base64'));
  return { item: { ...item, photo: picture.id }, picture };
}

/** Batch size of things; each may hold most of a megabyte. */
const AT_A_TIME = 10;

/** Gives the photos inside things of an older store their own place; a thing whose photo is none keeps all but that. */
export async function movePhotos(db: Database, now: Date): Promise<void> {
  for (;;) {
    const rows = await db
      .select({ id: items.id, data: items.data })
      .from(items)
      .where(like(items.data, '%"photo":"data:%'))
      .limit(AT_A_TIME);
    if (rows.length === 0) return;
    for (const { id, data } of rows) {
      const before: Record<string, unknown> = JSON.parse(data);
      let after: unknown = { ...before, photo: null };
      try {
        const { item, picture } = withoutOldPhoto(before);
        if (picture) await savePicture(picture, now, db);
        if (picture) after = item;
      } catch {
        // Not a picture after all: nothing could show it.
      }
      await db
        .update(items)
        .set({ data: JSON.stringify(after) })
        .where(eq(items.id, id));
    }
  }
}
