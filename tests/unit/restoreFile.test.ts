import { strToU8, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { contentsOf, countsInWords } from '@/ui/workshop/restore';

const file = (content: string | Uint8Array<ArrayBuffer>, name = 'backup.zip') => new File([content], name);
const zip = (files: Record<string, string>) =>
  new Uint8Array(
    zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)]))),
  );

describe('a backup is looked into before anything is asked', () => {
  it('a zip says what it holds, of when', async () => {
    const manifest = {
      format: 'elvane-backup',
      version: 3,
      madeAt: '2026-11-24T12:00:00.000Z',
      tables: { sheets: 9, items: 46, printers: 1 },
      pictures: 2,
    };
    const { counts, madeAt } = await contentsOf(file(zip({ 'manifest.json': JSON.stringify(manifest) })));
    expect(madeAt).toBe('2026-11-24T12:00:00.000Z');
    expect(countsInWords(counts)).toBe('nine sheets, 46 things on the bench, one printer and two photos');
  });

  it('a JSON file of the first version says so as well', async () => {
    const old = {
      format: 'elvane-backup',
      version: 1,
      sheets: [{}],
      nibs: [{}, {}],
      items: [],
      printers: [],
    };
    const { counts } = await contentsOf(file(JSON.stringify(old), 'backup.json'));
    expect(countsInWords(counts)).toBe('one sheet and two nibs');
  });

  it('an empty one holds nothing, and anything else is refused by its name', async () => {
    expect(countsInWords({})).toBe('nothing');
    await expect(contentsOf(file('meow', 'cat.json'))).rejects.toThrow(/“cat.json” is neither a zip nor/);
    await expect(contentsOf(file('{"format":"cat"}', 'cat.json'))).rejects.toThrow(/not an Elvane backup/);
    await expect(contentsOf(file('[]', 'list.json'))).rejects.toThrow(/not an Elvane backup/);
    await expect(contentsOf(file(zip({ 'cat.txt': 'meow' })))).rejects.toThrow(/not an Elvane backup/);
  });
});
