import 'server-only';
import { type Document, parseDocument } from '@/core/document/document';
import type { StoredSheet } from '@/store/sheets';
import { Refusal } from './http';

/** What a sheet of the shelf holds. @throws Refusal, or Problem, where it cannot be read. */
export function storedDocument({ name, recipe }: StoredSheet): Document {
  let data: unknown;
  try {
    data = JSON.parse(recipe);
  } catch {
    throw new Refusal(
      422,
      `“${name}” cannot be read: what is stored of it is broken. Restore it from a backup.`,
    );
  }
  return parseDocument(data);
}
