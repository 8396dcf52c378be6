import { beforeEach, describe, expect, it, vi } from 'vitest';
import { NOBODY } from '@/core/about/about';
import { DEMO_WRITING } from '@/core/camera/demoWriting';
import { namedStudent } from '@/core/classroom/student';
import type { KeptTable } from '@/core/desk/keptTables';
import { freshRecipe } from '@/core/document/defaults';
import { demoSheets } from '@/core/document/demoSheets';
import { codeOf, keptSheet } from '@/core/document/keptPage';
import { DEMO_BENCH } from '@/core/kit/demoBench';
import { blankItem, type Item } from '@/core/kit/item';
import { entriesOf } from '@/core/log/entriesOf';
import type { Entry, EntryData, EntryKind } from '@/core/log/entry';
import type { Session } from '@/core/log/session';
import { PICTURE_BYTES } from '@/core/picture/picture';
import { demoPieces } from '@/core/piece/demoPieces';
import { BUNDLED } from '@/core/practice/words/wordList';
import { emptySet } from '@/core/setting/ownLetters';
import { restoreJson } from '@/store/backup';
import { commitRestore, dropRestore, type Manifest, stageRows, streamBackup } from '@/store/backupStream';
import { openDatabase } from '@/store/client';
import { seedDemo } from '@/store/demo';
import {
  changeItem,
  commitBatch,
  deleteItems,
  dropBatch,
  findItem,
  listItems,
  saveItems,
  stageItems,
} from '@/store/items';
import {
  changeLetterSet,
  deleteLetterSet,
  findLetterSet,
  listLetterSets,
  saveLetterSet,
} from '@/store/letterSets';
import { countedSince, fatesOf, importSessions, listLog } from '@/store/logbook';
import { listNibs } from '@/store/nibs';
import { movePhotos } from '@/store/oldPhotos';
import { asPicture, dropUnusedPictures, findPicture, type Picture, savePicture } from '@/store/pictures';
import { findPrinted, keepPrints, latestPrinted } from '@/store/printedPages';
import { deletePrinter, listPrinters, savePrinter, selectedPrinter, selectPrinter } from '@/store/printers';
import { allRecords, changeRecord, deleteRecord, listRecords, saveRecord } from '@/store/records';
import { dateReview, listReviews, reviewedPrints } from '@/store/reviews';
import { items } from '@/store/schema';
import {
  deleteSheet,
  findSheet,
  listSheets,
  purgeSheets,
  restoreSheet,
  saveSheet,
  UNSAVED,
} from '@/store/sheets';
import { forgetSession, keepSession, memoriesOf, ratingsOfUnit, rebuildStudy } from '@/store/study';
import { listUnreadable, removeUnreadable } from '@/store/unreadable';
import { deleteWordList, findWordList, listWordLists, MOST_LISTS, saveWordList } from '@/store/wordLists';

const at = (minute: number) => new Date(Date.UTC(2026, 10, 24, 12, minute));
const RECIPE = JSON.stringify(freshRecipe('italic'));
const sheet = (id: string, name = `Sheet ${id}`) => ({ id, name, recipe: RECIPE });

/** Something that begins as a PNG does, with so many bytes after it. */
const pngOf = (bytes: number) =>
  Buffer.concat([Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'), Buffer.alloc(bytes, 7)]);
const PHOTO = asPicture(pngOf(100));

/** A backup as it is streamed: its manifest, and the rows of each table in order. */
interface Taken {
  readonly manifest: Manifest;
  readonly rows: Readonly<Record<string, readonly unknown[]>>;
  readonly pictures: readonly Picture[];
  readonly unreadable: readonly string[];
}

async function backedUp(minute: number): Promise<Taken> {
  let manifest: Manifest | undefined;
  const rows: Record<string, unknown[]> = {};
  const unreadable: string[] = [];
  const pictures: Picture[] = [];
  await streamBackup(at(minute), {
    manifest: async (found) => {
      manifest = found;
    },
    picture: async (picture) => {
      pictures.push(picture);
    },
    row: async (table, row) => {
      rows[table] = [...(rows[table] ?? []), JSON.parse(JSON.stringify(row))];
    },
    unreadable: async (table, row) => {
      unreadable.push(`${table} ${JSON.stringify(row)}`);
    },
  });
  if (!manifest) throw new Error('no manifest');
  return { manifest, rows, pictures, unreadable };
}

async function restored({ manifest, rows, pictures }: Taken, minute: number, batch = 'batch'): Promise<void> {
  for (const { bytes } of pictures) await savePicture(asPicture(bytes), at(minute));
  for (const [table, list] of Object.entries(rows))
    await stageRows(batch, table as KeptTable, 0, list, at(minute));
  await commitRestore(batch, manifest.tables, at(minute));
}

/** What holds for the store wherever its database is; `fresh` lays an empty one there. */
/** Sheets and pieces of the demo. */
const ON_THE_SHELF = demoSheets().length + demoPieces().length;

export function storeTests(fresh: () => Promise<void>): void {
  beforeEach(fresh);

  describe('sheets', () => {
    it('are listed latest first and overwritten by id', async () => {
      await saveSheet(sheet('a'), at(1));
      await saveSheet(sheet('b'), at(2));
      await saveSheet(sheet('a', 'Renamed'), at(3));
      expect((await listSheets()).map(({ name }) => name)).toEqual(['Renamed', 'Sheet b']);
      expect((await findSheet('a'))?.createdAt).toBe(at(1).toISOString());
    });

    it('come back after a deletion, until it is purged', async () => {
      await saveSheet(sheet('a'), at(1));
      expect(await deleteSheet('a', at(2))).toBe(true);
      expect(await deleteSheet('a', at(2))).toBe(false);
      expect(await findSheet('a')).toBeUndefined();
      expect(await restoreSheet('a')).toBe(true);
      expect(await findSheet('a')).toBeDefined();
      await deleteSheet('a', at(3));
      await purgeSheets(at(4));
      expect(await restoreSheet('a')).toBe(false);
    });

    it('grow by a revision with every save, and refuse a save from an earlier one', async () => {
      expect(await saveSheet(sheet('a'), at(1), UNSAVED)).toEqual({ kind: 'saved', revision: 1 });
      expect(await saveSheet(sheet('a', 'Mine'), at(2), 1)).toEqual({ kind: 'saved', revision: 2 });
      const stale = await saveSheet(sheet('a', 'Late'), at(3), 1);
      expect(stale).toMatchObject({ kind: 'stale', theirs: { name: 'Mine', revision: 2 } });
      expect((await findSheet('a'))?.name).toBe('Mine');
      // A new sheet under an id that is taken is no new sheet.
      expect(await saveSheet(sheet('a', 'Twin'), at(3), UNSAVED)).toMatchObject({ kind: 'stale' });
      expect(await saveSheet(sheet('a', 'Over it'), at(4))).toEqual({ kind: 'saved', revision: 3 });
    });

    it('do not come back when a window that had them open saves after they were deleted', async () => {
      await saveSheet(sheet('a'), at(1), UNSAVED);
      await deleteSheet('a', at(2));
      expect(await saveSheet(sheet('a'), at(3), 1)).toEqual({ kind: 'stale', theirs: undefined });
      expect(await findSheet('a')).toBeUndefined();
      // Asked for in so many words they do.
      expect(await saveSheet(sheet('a'), at(4))).toMatchObject({ kind: 'saved' });
    });

    it('of a backup restored are new to every window', async () => {
      await saveSheet(sheet('a', 'Then'), at(1), UNSAVED);
      const backup = await backedUp(2);
      await saveSheet(sheet('a', 'Since'), at(3), 1);
      await restored(backup, 4);
      for (const seen of [1, 2]) {
        expect(await saveSheet(sheet('a', 'Late'), at(5), seen)).toMatchObject({ theirs: { name: 'Then' } });
      }
    });

    it('take text as text, whatever it says', async () => {
      const name = `Robert'); DROP TABLE sheets;--`;
      await saveSheet(sheet('a', name), at(1));
      expect((await findSheet('a'))?.name).toBe(name);
    });
  });

  it('a deleted thing can be put back as it was', async () => {
    await seedDemo(at(1));
    expect(await listItems()).toHaveLength(DEMO_BENCH.length);
    expect((await listNibs()).every(({ width }) => width > 0)).toBe(true);
    const [gone] = await deleteItems(['square-2-4']);
    expect(await findItem('square-2-4')).toBeUndefined();
    if (gone) await saveItems([gone]);
    expect(await findItem('square-2-4')).toEqual(gone);
  });

  it('a file of things is laid on the bench whole or not at all', async () => {
    const [one, two] = DEMO_BENCH as [Item, Item];
    await stageItems('half', [one], at(1));
    expect(await listItems()).toEqual([]);
    await dropBatch('half');
    expect(await commitBatch('half')).toBe(0);
    await stageItems('all', [one], at(1));
    await stageItems('all', [two, { ...one, label: 'renamed' }], at(1));
    expect(await commitBatch('all')).toBe(2);
    expect((await findItem(one.id))?.label).toBe('renamed');
  });

  it('keeps what two windows change of one entry, and tells what cannot be both', async () => {
    const student = (name: string) => ({ ...namedStudent(name) });
    const entry = (data: EntryData<EntryKind>, kind: EntryKind): Entry => ({
      id: kind,
      kind,
      data,
      at: at(1).toISOString(),
    });
    const class1 = { students: [student('Asta')], wordList: BUNDLED };
    await changeRecord(entry(class1, 'class'), null);
    await changeRecord(
      entry({ ...class1, students: [...class1.students, student('Bran')] }, 'class'),
      class1,
    );
    const both = await changeRecord(
      entry({ ...class1, students: [...class1.students, student('Cale')] }, 'class'),
      class1,
    );
    expect(entriesOf('class', [both])[0]?.students.map(({ name }) => name)).toEqual(['Asta', 'Bran', 'Cale']);

    const about = { ...NOBODY };
    await changeRecord(entry(about, 'about'), null);
    await changeRecord(entry({ ...about, side: 'left' }, 'about'), about);
    const merged = await changeRecord(entry({ ...about, units: 'inch' }, 'about'), about);
    expect(merged.data).toMatchObject({ side: 'left', units: 'inch' });
    await expect(
      changeRecord(entry({ ...about, units: 'mm', paper: 'a5' }, 'about'), about),
    ).resolves.toMatchObject({
      data: { side: 'left', units: 'inch', paper: 'a5' },
    });
    await expect(changeRecord(entry({ ...about, paper: 'letter' }, 'about'), about)).rejects.toThrow(
      /changed in another window/,
    );
    // Written at once by many, nothing is lost.
    await Promise.all(
      [...'abcdefgh'].map((letter) =>
        changeRecord(entry({ letters: [letter], stressed: [], not: [] }, 'known'), null),
      ),
    );
    const [known] = entriesOf('known', await listRecords({ kinds: ['known'] }));
    expect([...(known?.letters ?? [])].sort().join('')).toBe('abcdefgh');
  });

  it('keeps the own letters and shapes that two windows choose', async () => {
    const none = { ...emptySet('italic') };
    const chose = (letter: string) => ({ ...none, variants: { [letter]: 'round' } });
    await changeLetterSet(chose('a'), none);
    expect(await changeLetterSet(chose('g'), none)).toMatchObject({ variants: { a: 'round', g: 'round' } });
  });

  it('remembers by kind, range and number, in order, and forgets', async () => {
    const entry = (id: string, kind: 'drop' | 'prepared', minute: number) => ({
      id,
      kind,
      data: JSON.stringify(kind === 'drop' ? { ml: 0.04 } : { done: ['coating'] }),
      at: at(minute).toISOString(),
    });
    await saveRecord(entry('b', 'drop', 2));
    await saveRecord(entry('a', 'prepared', 1));
    await saveRecord(entry('c', 'drop', 3));
    // What cannot be read any more is passed over.
    await saveRecord({ ...entry('odd', 'drop', 0), data: '{}' });
    const ids = async (wanted: Parameters<typeof listRecords>[0]) =>
      (await listRecords(wanted)).map(({ id }) => id);
    expect(await ids({ kinds: ['drop', 'prepared'] })).toEqual(['a', 'b', 'c']);
    expect(await ids({ kinds: ['drop'] })).toEqual(['b', 'c']);
    expect(await ids({ kinds: ['drop', 'prepared'], since: at(2) })).toEqual(['b', 'c']);
    // The latest are kept where there are too many.
    expect(await ids({ kinds: ['drop', 'prepared'], limit: 2 })).toEqual(['b', 'c']);
    expect(await ids({ kinds: [] })).toEqual([]);
    await deleteRecord('a');
    expect((await allRecords()).map(({ id }) => id).sort()).toEqual(['b', 'c', 'odd']);
  });

  it('one printer at most is selected', async () => {
    await savePrinter({ id: 'a', name: 'First', measuredX: 98, measuredY: 98 });
    await savePrinter({ id: 'b', name: 'Second', measuredX: 99, measuredY: 99 });
    expect(await selectedPrinter()).toBeUndefined();
    await selectPrinter('a');
    await selectPrinter('b');
    expect((await listPrinters()).filter(({ selected }) => selected).map(({ id }) => id)).toEqual(['b']);
    await savePrinter({ id: 'b', name: 'Second', measuredX: 99.5, measuredY: 99 });
    expect((await selectedPrinter())?.measuredX).toBe(99.5);
    // One that another window removed is not selected, and what was stays so.
    expect(await selectPrinter('gone')).toBe(false);
    expect((await selectedPrinter())?.id).toBe('b');
    await selectPrinter(null);
    await deletePrinter('a');
    expect(await selectedPrinter()).toBeUndefined();
  });

  it('a letter set is kept for its hand, replaced and forgotten', async () => {
    const set = { ...emptySet('italic'), variants: { r: 'long-eared' } };
    await saveLetterSet(set);
    await saveLetterSet({ ...set, variants: { g: 'flourished' } });
    await saveLetterSet(emptySet('copperplate'));
    expect((await findLetterSet('italic'))?.variants).toEqual({ g: 'flourished' });
    expect(Object.keys(await listLetterSets()).sort()).toEqual(['copperplate', 'italic']);
    await deleteLetterSet('italic');
    expect(await findLetterSet('italic')).toBeUndefined();
  });

  it('lists of words are kept by what they hold, forgotten, and come back with a backup', async () => {
    expect(await listWordLists()).toEqual([]);
    const first = await saveWordList({ name: 'first', content: 'mesiac' });
    const second = await saveWordList({ name: 'second', content: 'hviezda' });
    expect(await saveWordList({ name: 'first', content: 'mesiac' })).toBe(first);
    expect(await listWordLists()).toEqual([
      { id: first, name: 'first' },
      { id: second, name: 'second' },
    ]);
    expect(await findWordList(second)).toMatchObject({ name: 'second', content: 'hviezda' });
    const backup = await backedUp(1);
    await deleteWordList(second);
    expect(await findWordList(second)).toBeUndefined();
    expect(await findWordList(first)).toBeDefined();
    await restored(backup, 9);
    expect(await findWordList(second)).toMatchObject({ name: 'second', content: 'hviezda' });
  });

  it('no more lists of words than can be looked through', async () => {
    for (let i = 0; i < MOST_LISTS; i++) await saveWordList({ name: `list ${i}`, content: 'moon' });
    await expect(saveWordList({ name: 'one more', content: 'moon' })).rejects.toThrow(/remove one/);
    await expect(saveWordList({ name: 'list 0', content: 'moon' })).resolves.toBeDefined();
  });

  describe('practice', () => {
    const session = (day: number, part: Partial<Session> = {}): Session => ({
      hand: 'italic',
      began: `2026-11-${String(day).padStart(2, '0')}T18:00:00+01:00`,
      ended: `2026-11-${String(day).padStart(2, '0')}T18:20:00+01:00`,
      minutes: 20,
      units: ['stroke:arches', 'letter:n'],
      checks: [{ criterion: 'feet', rating: 'right' }],
      wobbled: [],
      note: '',
      kit: {},
      ...part,
    });
    const known = async () => Object.fromEntries(await memoriesOf('italic'));
    const kit = {
      tool: { id: 'square-2-4', label: '2.4 mm square-cut nib' },
      ink: { id: 'ink-carbon', label: 'carbon ink' },
    };

    it('a session is remembered of what it practised, changed with it, and taken back with it', async () => {
      await keepSession('a', session(1));
      const first = await known();
      expect(Object.keys(first).sort()).toEqual(['letter:n', 'stroke:arches']);
      await keepSession('b', session(4, { units: ['letter:n'], wobbled: ['letter:n'] }));
      expect((await known())['letter:n']?.grade).toBe(1);
      // Kept twice is kept once: a window that heard no answer sends it again.
      await keepSession('b', session(4, { units: ['letter:n'], wobbled: ['letter:n'] }));
      expect((await ratingsOfUnit('italic', 'letter:n')).length).toBe(2);
      await keepSession('b', session(4, { units: ['letter:m'] }));
      expect((await known())['letter:n']).toEqual(first['letter:n']);
      expect((await known())['letter:m']?.times).toBe(1);
      await forgetSession('b');
      expect(await known()).toEqual(first);
      await forgetSession('a');
      expect(await known()).toEqual({});
    });

    it('hours and ink go to the bench, once, and come back with an undo', async () => {
      await saveItems(DEMO_BENCH.filter(({ id }) => id === kit.tool.id || id === kit.ink.id));
      const used = async () => [
        (await findItem(kit.tool.id))?.hours,
        (await findItem(kit.ink.id))?.millilitres,
      ];
      const before = await used();
      await keepSession('a', session(1, { kit }));
      await keepSession('a', session(1, { kit }));
      const [hours, ml] = await used();
      expect(hours).toBeCloseTo((before[0] ?? 0) + 1 / 3, 1);
      expect(ml).toBeLessThan(before[1] ?? 0);
      await forgetSession('a');
      expect((await used())[0]).toBeCloseTo(before[0] ?? 0, 1);
      expect((await used())[1]).toBeCloseTo(before[1] ?? 0, 1);
    });

    it('a tool with little on it keeps it when a note is changed; another tool gets the hours of a kit put right', async () => {
      const nib = DEMO_BENCH.find(({ id }) => id === kit.tool.id) as Item;
      const other = DEMO_BENCH.find(({ id }) => id === 'square-3') as Item;
      await saveItems([{ ...nib, hours: 0 }, other]);
      const hoursOf = async (id: string) => (await findItem(id))?.hours ?? 0;
      await importSessions([{ id: 'a', session: session(1, { kit }) }]);
      expect(await hoursOf(nib.id)).toBe(0);
      await keepSession('a', { ...session(1, { kit, note: 'other' }), elsewhere: true });
      expect(await hoursOf(nib.id)).toBe(0);
      await forgetSession('a');
      expect(await hoursOf(nib.id)).toBe(0);
      await keepSession('b', session(2, { kit }));
      await keepSession('b', session(2, { kit, note: 'changed' }));
      expect(await hoursOf(nib.id)).toBeCloseTo(1 / 3, 2);
      await keepSession('b', session(2, { kit: { tool: { id: other.id, label: other.label } } }));
      expect(await hoursOf(nib.id)).toBeCloseTo(0, 2);
      expect(await hoursOf(other.id)).toBeCloseTo(other.hours + 1 / 3, 2);
    });

    it('an edit on the bench in a window that stood open leaves the hours logged meanwhile', async () => {
      const nib = DEMO_BENCH.find(({ id }) => id === kit.tool.id) as Item;
      await saveItems([{ ...nib, hours: 1 }]);
      await keepSession('a', session(1, { kit }));
      const edited = await changeItem({ id: nib.id, was: { note: nib.note }, now: { note: 'springs' } });
      expect(edited).toMatchObject({ note: 'springs', hours: 1.33 });
      // What both changed, and differently, is told and not overwritten.
      await expect(changeItem({ id: nib.id, was: { hours: 1 }, now: { hours: 9 } })).rejects.toThrow(
        /changed in another window: it is “1.33”/,
      );
      await deleteItems([nib.id]);
      await expect(changeItem({ id: nib.id, was: { note: 'springs' }, now: { note: '' } })).rejects.toThrow(
        /taken off the bench/,
      );
    });

    it('edits and sessions at the same moment are all kept', async () => {
      const nib = DEMO_BENCH.find(({ id }) => id === kit.tool.id) as Item;
      await saveItems([{ ...nib, hours: 0, note: '', label: 'a nib' }]);
      const sessions = Array.from({ length: 9 }, (_, i) => keepSession(`s${i}`, session(i + 1, { kit })));
      const edits = [
        changeItem({ id: nib.id, was: { note: '' }, now: { note: 'springs' } }),
        changeItem({ id: nib.id, was: { label: 'a nib' }, now: { label: 'the nib' } }),
      ];
      await Promise.all([...sessions, ...edits]);
      const kept = await findItem(nib.id);
      expect(kept).toMatchObject({ note: 'springs', label: 'the nib' });
      expect(kept?.hours).toBeCloseTo(3, 1);
    });

    it('two devices that log at once lose nothing', async () => {
      await Promise.all(
        Array.from({ length: 12 }, (_, i) => keepSession(`s${i}`, session(1 + i, { units: ['letter:n'] }))),
      );
      const ratings = await ratingsOfUnit('italic', 'letter:n');
      expect(ratings.map((rating) => rating.session)).toEqual(Array.from({ length: 12 }, (_, i) => `s${i}`));
      expect((await known())['letter:n']?.times).toBe(12);
    });

    it('two servers on one database lose no hour and no rating', async () => {
      const nib = DEMO_BENCH.find(({ id }) => id === kit.tool.id) as Item;
      await saveItems([{ ...nib, hours: 0 }]);
      // The same module again: another server, which takes no turn with this one.
      vi.resetModules();
      const other = await import('@/store/study');
      expect(other.keepSession).not.toBe(keepSession);
      const one = (i: number) => session(1 + i, { units: ['letter:n'], kit });
      await Promise.all(
        Array.from({ length: 10 }, (_, i) => [
          keepSession(`here${i}`, one(2 * i)),
          other.keepSession(`there${i}`, one(2 * i + 1)),
        ]).flat(),
      );
      expect(await ratingsOfUnit('italic', 'letter:n')).toHaveLength(20);
      // Each of twenty minutes, kept to a hundredth of an hour.
      expect((await findItem(nib.id))?.hours).toBeCloseTo(20 * 0.33, 6);
      await Promise.all(
        Array.from({ length: 5 }, (_, i) => [
          forgetSession(`here${i}`),
          other.forgetSession(`there${i}`),
        ]).flat(),
      );
      expect(await ratingsOfUnit('italic', 'letter:n')).toHaveLength(10);
      expect((await findItem(nib.id))?.hours).toBeCloseTo(10 * 0.33, 6);
    });

    it('a session that is logged while an import is worked out is remembered with it', async () => {
      vi.resetModules();
      const other = await import('@/store/study');
      const list = Array.from({ length: 30 }, (_, i) => ({
        id: `old${i}`,
        session: session(1 + (i % 20), { units: ['letter:n'] }),
      }));
      await Promise.all([
        importSessions(list),
        ...Array.from({ length: 5 }, (_, i) =>
          other.keepSession(`new${i}`, session(21 + i, { units: ['letter:n'] })),
        ),
      ]);
      expect(await ratingsOfUnit('italic', 'letter:n')).toHaveLength(35);
      expect((await known())['letter:n']?.times).toBe(35);
    });

    it('a session of a file never takes the place of another kind of record', async () => {
      const about = {
        hand: 'italic',
        side: 'left',
        units: 'mm',
        paper: 'a4',
        experience: 'some',
        schools: {},
      };
      await saveRecord({ id: 'about', kind: 'about', data: JSON.stringify(about), at: at(1).toISOString() });
      const before = (await allRecords()).find(({ id }) => id === 'about');
      await importSessions([{ id: 'about', session: session(3) }]);
      expect((await allRecords()).find(({ id }) => id === 'about')).toEqual(before);
      expect((await listLog({ kinds: ['session'] })).length).toBe(1);
      expect(await ratingsOfUnit('italic', 'letter:n')).toHaveLength(1);
    });

    it('what another kind of record takes the place of leaves nothing behind', async () => {
      await keepSession('a', session(1));
      await saveRecord({
        id: 'a',
        kind: 'drop',
        data: JSON.stringify({ ml: 0.04 }),
        at: at(2).toISOString(),
      });
      expect(await known()).toEqual({});
    });

    it('a row that is no JSON stops neither the start nor the throwing away of pictures', async () => {
      await savePicture(PHOTO, at(1));
      const db = await openDatabase();
      await db.run(
        `insert into records (id, kind, data, at) values ('odd', 'session', 'no json', '2026-11-24T12:00:00Z')`,
      );
      await dropUnusedPictures(at(50));
      expect(await findPicture(PHOTO.id)).toBeUndefined();
    });

    it('is the same worked out anew, and after a backup and its restore; so is a session that came by the general way', async () => {
      await keepSession('a', session(1));
      await saveRecord({
        id: 'b',
        kind: 'session',
        data: JSON.stringify(session(3, { wobbled: ['letter:n'] })),
        at: at(1).toISOString(),
      });
      const before = await known();
      expect(before['letter:n']?.grade).toBe(1);
      await rebuildStudy();
      expect(await known()).toEqual(before);
      const backup = await backedUp(5);
      await deleteRecord('b');
      await deleteRecord('a');
      expect(await known()).toEqual({});
      await restored(backup, 9);
      expect(await known()).toEqual(before);
    });

    it('a photo of a session stays while the session does, and travels with a backup', async () => {
      await savePicture(PHOTO, at(1));
      await keepSession('a', session(1, { picture: PHOTO.id }));
      await dropUnusedPictures(at(50));
      expect(await findPicture(PHOTO.id)).toBeDefined();
      expect((await backedUp(5)).pictures.map(({ id }) => id)).toEqual([PHOTO.id]);
      await forgetSession('a');
      await dropUnusedPictures(at(50));
      expect(await findPicture(PHOTO.id)).toBeUndefined();
    });

    it('what a photograph showed goes before the self-check of its session', async () => {
      const measured = {
        review: 'rev-1',
        checks: [{ criterion: 'feet', rating: 'off' }],
        wobbled: ['letter:n'],
      } as const;
      await keepSession(
        'a',
        session(1, { measured: { ...measured, checks: [...measured.checks], wobbled: ['letter:n'] } }),
      );
      expect((await known())['letter:n']?.grade).toBe(1);
      await keepSession('a', session(1));
      expect((await known())['letter:n']?.grade).toBeGreaterThan(1);
    });

    it('a review is kept with its picture, and its picture goes with it at once, unless something else shows it', async () => {
      const other = asPicture(pngOf(300));
      for (const picture of [PHOTO, other]) await savePicture(picture, at(1));
      const review = {
        hand: 'italic',
        print: 'ABCDEFGH12',
        page: 1,
        title: 'Winter class',
        width: 210,
        height: 297,
        picture: PHOTO.id,
        rings: 8,
        bent: 0,
        nib: 2.4,
        figures: [],
        rows: [],
        refused: [],
        remarks: [],
        checks: [],
        wobbled: [],
        changed: false,
      };
      const keep = (id: string) =>
        saveRecord({ id, kind: 'review', data: JSON.stringify(review), at: at(2).toISOString() });
      await keep('rev-1');
      await keep('rev-2');
      expect((await backedUp(5)).pictures.map(({ id }) => id)).toEqual([PHOTO.id]);
      expect((await listReviews()).map(({ id }) => id).sort()).toEqual(['rev-1', 'rev-2']);
      expect([...(await reviewedPrints(['ABCDEFGH12', 'ZZZZZZZZZZ']))]).toEqual(['ABCDEFGH12-1']);
      await deleteRecord('rev-1');
      expect(await findPicture(PHOTO.id)).toBeDefined();
      await deleteRecord('rev-2');
      expect(await findPicture(PHOTO.id)).toBeUndefined();
      // A picture that was just sent, and is shown by nothing yet, stays.
      expect(await findPicture(other.id)).toBeDefined();
    });

    it('a printed page is kept under its code, once, and comes back with a backup', async () => {
      const page = keptSheet(freshRecipe('italic'), []);
      const code = codeOf('ABCDEFGH12', page);
      const print = { code, page, letters: 'LETTERS', title: 'A ruled sheet' };
      await keepPrints([print], 'elvane 0', at(1));
      await keepPrints([{ ...print, title: 'again' }], 'elvane 1', at(2));
      const found = await findPrinted('ABCDEFGH12', 1);
      expect(found).toMatchObject({
        title: 'A ruled sheet',
        engine: 'elvane 0 LETTERS',
        hash: code.hash,
        kept: page,
      });
      const backup = await backedUp(3);
      await fresh();
      expect(await findPrinted('ABCDEFGH12', 1)).toBeUndefined();
      await restored(backup, 4);
      expect(await findPrinted('ABCDEFGH12', 1)).toEqual(found);
      expect((await latestPrinted(5)).map(({ print: id }) => id)).toEqual(['ABCDEFGH12']);
    });

    it('the logbook is read a screen at a time, the latest first, and searched', async () => {
      for (let i = 1; i <= 25; i++)
        await keepSession(`s${i}`, session(i, { note: i === 7 ? 'Aurora until TWO' : '' }));
      const kinds = ['session'] as const;
      const first = await listLog({ kinds, limit: 10 });
      expect(first.map(({ id }) => id)).toEqual(Array.from({ length: 10 }, (_, i) => `s${25 - i}`));
      const last = first.at(-1);
      const second = await listLog({ kinds, limit: 10, before: last });
      expect(second[0]?.id).toBe('s15');
      expect((await listLog({ kinds, text: 'aurora until two' })).map(({ id }) => id)).toEqual(['s7']);
      expect(await listLog({ kinds, text: "%' or 1=1 --" })).toEqual([]);
    });

    it('sessions of a file come in all at once, each with its fate', async () => {
      await keepSession('a', session(1));
      const list = [
        { id: 'a', session: session(1) },
        { id: 'b', session: session(2) },
      ];
      expect(await fatesOf(list)).toEqual(['same', 'new']);
      expect(await fatesOf([{ id: 'a', session: session(1, { note: 'other' }) }])).toEqual(['changed']);
      await importSessions(list);
      expect((await known())['letter:n']?.times).toBe(2);
      const [{ hand, began, minutes, checks }] = [session(2)];
      expect(await countedSince(new Date('2026-11-02T00:00:00Z'), 10)).toEqual([
        { hand, began, minutes, checks },
      ]);
    });
  });

  describe('a backup', () => {
    const filled = async () => {
      await seedDemo(at(1));
      await deleteSheet('demo-roman', at(2));
      await saveLetterSet({ ...emptySet('italic'), variants: { r: 'long-eared' } });
      await savePrinter({ id: 'a', name: 'First', measuredX: 98, measuredY: 98.5 });
      await saveWordList({ name: 'words', content: 'moon' });
    };

    it('brings everything back into another database', async () => {
      await filled();
      const backup = await backedUp(3);
      expect(backup.manifest.tables.items).toBe(DEMO_BENCH.length);
      await fresh();
      await saveSheet(sheet('to-be-replaced'), at(1));
      await restored(backup, 9);
      expect(await backedUp(3)).toEqual(backup);
      expect(await findSheet('to-be-replaced')).toBeUndefined();
      expect(await findSheet('demo-roman')).toBeUndefined();
    });

    it('names what nobody can read any more, and removes that alone', async () => {
      await savePrinter({ id: 'huge', name: 'Damaged', measuredX: 1e300, measuredY: 100 });
      await savePrinter({ id: 'good', name: 'Good', measuredX: 99.5, measuredY: 100 });
      const db = await openDatabase();
      await db
        .insert(items)
        .values({ id: 'odd', kind: 'ink', label: 'odd', archived: false, data: '{"id":' });
      const found = await listUnreadable();
      expect(found.map(({ table, key }) => `${table} ${key}`)).toEqual(['items odd', 'printers huge']);
      for (const { why } of found) expect(why).toMatch(/\.$/);
      expect(await removeUnreadable('printers', 'good')).toBe(false);
      expect(await removeUnreadable('printers', 'huge')).toBe(true);
      expect((await listPrinters()).map(({ id }) => id)).toEqual(['good']);
    });

    it('holds what it can restore, and keeps beside it what nobody can read any more', async () => {
      await filled();
      await saveSheet({ id: 'broken', name: 'Broken', recipe: '{}' }, at(2));
      const records = (await allRecords()).length;
      await saveRecord({ id: 'odd', kind: 'prepared', data: '{"done":5}', at: at(2).toISOString() });
      const backup = await backedUp(3);
      expect(backup.manifest.tables).toMatchObject({ sheets: ON_THE_SHELF, records });
      expect(backup.unreadable).toEqual([
        expect.stringMatching(/^sheets .*"Broken"/),
        expect.stringMatching(/^records .*"odd"/),
      ]);
      await fresh();
      await restored(backup, 9);
      expect(await listSheets()).toHaveLength(ON_THE_SHELF - 1);
    });

    it('is of one moment, and others save meanwhile', async () => {
      await filled();
      const names: string[] = [];
      await streamBackup(at(3), {
        manifest: async () => {
          await saveSheet(sheet('meanwhile'), at(4), UNSAVED);
          await saveItems(DEMO_BENCH.slice(0, 1).map((item) => ({ ...item, id: 'new' })));
        },
        picture: async () => undefined,
        row: async (table, row) => {
          if (table === 'sheets') names.push(JSON.stringify(row));
        },
        unreadable: async () => undefined,
      });
      expect(names).toHaveLength(ON_THE_SHELF);
      expect(names.join()).not.toContain('meanwhile');
      expect(await findSheet('meanwhile')).toBeDefined();
    });

    it('can be taken by two at once', async () => {
      await filled();
      const [one, other] = await Promise.all([backedUp(3), backedUp(3)]);
      expect(other).toEqual(one);
      await saveSheet(sheet('after'), at(4), UNSAVED);
      expect(await findSheet('after')).toBeDefined();
    });

    it('cut short, or with an id twice, changes nothing', async () => {
      await filled();
      const before = await backedUp(3);
      const { rows } = before;
      await stageRows('short', 'sheets', 0, (rows.sheets ?? []).slice(1), at(4));
      await expect(commitRestore('short', before.manifest.tables, at(4))).rejects.toThrow(
        `cut short: ${ON_THE_SHELF - 1} of ${ON_THE_SHELF} sheets`,
      );
      const twice = [...(rows.sheets ?? []), ...(rows.sheets ?? []).slice(0, 1)];
      await stageRows('twice', 'sheets', 0, twice, at(4));
      await expect(commitRestore('twice', { sheets: twice.length }, at(4))).rejects.toThrow(
        /1 of its sheets twice/,
      );
      await dropRestore('twice');
      await expect(commitRestore('twice', { sheets: 1 }, at(4))).rejects.toThrow(/0 of 1 sheets/);
      expect(await backedUp(3)).toEqual(before);
    });

    it('with a row that cannot be read is refused by its name', async () => {
      const stage = (table: KeptTable, row: unknown) => stageRows('bad', table, 0, [row], at(1));
      const times = { createdAt: at(1).toISOString(), updatedAt: at(1).toISOString(), deletedAt: null };
      await expect(stage('sheets', { ...sheet('a', 'Ode'), recipe: '{}', ...times })).rejects.toThrow(
        /The sheet “Ode”/,
      );
      await expect(
        stage('records', { id: 'p', kind: 'prepared', data: '{"done":5}', at: at(1).toISOString() }),
      ).rejects.toThrow(/The prepared “p” in this backup cannot be read: The steps done must be a list/);
      await expect(
        stage('printers', { id: 'a', name: 'Far off', measuredX: 1e300, measuredY: 98, selected: true }),
      ).rejects.toThrow();
      await expect(stage('items', { id: 'a', kind: 'ink', label: '' })).rejects.toThrow(/needs a name/);
      await expect(stage('letterSets', { hand: 'italic', content: '{}' })).rejects.toThrow(
        /The letter set of italic in this backup cannot be read/,
      );
    });

    it('holds a piece with a long list, and gives it back whole', async () => {
      const { piece } = demoPieces().find(({ id }) => id === 'demo-envelopes') as ReturnType<
        typeof demoPieces
      >[number];
      const rows = Array.from({ length: 2000 }, (_, i) => ({
        values: {
          name: `Guest number ${i} of the open night`,
          street: `${i} Larkrise Lane`,
          town: 'Merrowdown',
        },
        state: 'written' as const,
      }));
      const recipe = JSON.stringify({ ...piece, rows });
      await saveSheet({ ...sheet('many'), recipe }, at(1), UNSAVED);
      const backup = await backedUp(2);
      await deleteSheet('many', at(3));
      await restored(backup, 4);
      expect((await findSheet('many'))?.recipe).toBe(recipe);
    });

    it('of version 1, one JSON file, goes on being restored, nibs of the earliest ones too', async () => {
      await filled();
      const { rows } = await backedUp(3);
      const old = {
        format: 'elvane-backup',
        version: 1,
        madeAt: at(3).toISOString(),
        ...rows,
        items: [],
        nibs: [{ id: 'n', kind: 'broad', label: 'old nib', width: 2, uncertainty: null, measuredAt: null }],
      };
      await fresh();
      expect(await restoreJson(old, at(5))).toMatchObject({ sheets: ON_THE_SHELF, items: 1, printers: 1 });
      expect((await listNibs()).map(({ label }) => label)).toEqual(['old nib']);
      await expect(restoreJson({ format: 'elsewhere' }, at(5))).rejects.toThrow(/not an Elvane backup/);
      await expect(restoreJson({ ...old, version: 7 }, at(5))).rejects.toThrow(/version 7/);
      await expect(restoreJson({ ...old, sheets: [{ id: 'x' }] }, at(5))).rejects.toThrow();
      expect(await listSheets()).toHaveLength(ON_THE_SHELF - 1);
    });
  });

  describe('pictures', () => {
    const INK = { ...blankItem('ink', 'ink', 'Dusk ink'), photo: PHOTO.id };
    const shownBy = async () => (await findItem('ink'))?.photo;

    it('are kept once, by their content, byte for byte', async () => {
      await savePicture(PHOTO, at(1));
      await savePicture(asPicture(PHOTO.bytes), at(2));
      const found = await findPicture(PHOTO.id);
      expect(found?.type).toBe('image/png');
      expect(Buffer.from(found?.bytes ?? []).equals(Buffer.from(PHOTO.bytes))).toBe(true);
      expect(await findPicture('0'.repeat(40))).toBeUndefined();
    });

    it('that are none, or too large, are refused', () => {
      expect(() => asPicture(Buffer.from('<svg/>'))).toThrow(/not a PNG, JPEG or WebP/);
      expect(() => asPicture(pngOf(PICTURE_BYTES))).toThrow(/larger than 600 kB/);
    });

    it('go when nothing shows them any more and they are old', async () => {
      await savePicture(PHOTO, at(1));
      await saveItems([INK]);
      await dropUnusedPictures(at(5));
      expect(await findPicture(PHOTO.id)).toBeDefined();
      await deleteItems(['ink']);
      await dropUnusedPictures(at(1));
      expect(await findPicture(PHOTO.id)).toBeDefined();
      await dropUnusedPictures(at(5));
      expect(await findPicture(PHOTO.id)).toBeUndefined();
    });

    it('of a model that was kept come into a backup, and a thing whose photo is lost does not keep it from being restored', async () => {
      await savePicture(PHOTO, at(1));
      const db = await openDatabase();
      const model = JSON.stringify({ letter: 'n', picture: PHOTO.id });
      await db.run(
        `insert into records (id, kind, data, at) values ('model-n', 'model', '${model}', '2026-11-24T12:00:00Z')`,
      );
      const lost = asPicture(pngOf(9));
      await saveItems([
        { ...INK, photo: lost.id },
        { ...INK, id: 'other', photo: null },
      ]);
      const backup = await backedUp(3);
      expect(backup.pictures.map(({ id }) => id)).toEqual([PHOTO.id]);
      await fresh();
      await restored(backup, 4);
      expect((await findItem('ink'))?.photo).toBeNull();
      expect(await findItem('other')).toBeDefined();
    });

    it('and rows that are sent again after an answer was lost are the same rows', async () => {
      await saveItems([INK]);
      const backup = await backedUp(3);
      await fresh();
      for (const { bytes } of backup.pictures) await savePicture(asPicture(bytes), at(4));
      const rows = backup.rows.items ?? [];
      for (let again = 0; again < 2; again++) await stageRows('twice', 'items', 0, rows, at(4));
      await commitRestore('twice', { items: rows.length }, at(4));
      expect(await findItem('ink')).toBeDefined();
    });

    it('come into a backup when something shows them, and back out of it', async () => {
      await savePicture(PHOTO, at(1));
      await savePicture(asPicture(pngOf(9)), at(1));
      await saveItems([INK, { ...INK, id: 'other' }]);
      const backup = await backedUp(3);
      expect(backup.manifest.pictures).toBe(1);
      await fresh();
      await expect(restored({ ...backup, pictures: [] }, 4)).rejects.toThrow(
        /1 of its photos did not come through/,
      );
      expect(await findItem('ink')).toBeUndefined();
      await restored(backup, 4, 'again');
      expect(await shownBy()).toBe(PHOTO.id);
      expect(await backedUp(3)).toEqual(backup);
    });

    it('inside things of an older backup or store are given their own place', async () => {
      const data = { ...INK, photo: `data:image/png;base64,${Buffer.from(PHOTO.bytes).toString('base64')}` };
      await stageRows('old', 'items', 0, [data], at(1));
      await commitRestore('old', { items: 1 }, at(1));
      expect(await shownBy()).toBe(PHOTO.id);
      expect(await findPicture(PHOTO.id)).toBeDefined();

      await fresh();
      const db = await openDatabase();
      const row = { kind: 'ink', archived: false, label: 'Dusk ink' };
      await db.insert(items).values([
        { ...row, id: 'ink', data: JSON.stringify(data) },
        {
          ...row,
          id: 'odd',
          data: JSON.stringify({ ...data, id: 'odd', photo: 'data:image/png;base64,AAAA' }),
        },
      ]);
      await movePhotos(db, at(2));
      expect(await shownBy()).toBe(PHOTO.id);
      expect(await findItem('odd')).toMatchObject({ label: 'Dusk ink', photo: null });
    });
  });

  it('the demo leaves a store with anything in it alone', async () => {
    await saveSheet(sheet('mine'), at(1));
    expect(await seedDemo(at(2))).toBe(false);
    expect(await listNibs()).toEqual([]);
  });

  it('the demo has printed the pages it reviews, weeks apart, the hand steadier on each; a review is dated back to its page', async () => {
    const now = at(1);
    expect(await seedDemo(now)).toBe(true);
    expect(await seedDemo(at(2))).toBe(false);
    const pages = await Promise.all(DEMO_WRITING.map(({ print }) => findPrinted(print, 1)));
    const weeks = pages.map((page) => (now.getTime() - Date.parse(page?.at ?? '')) / (7 * 24 * 3_600_000));
    expect(weeks).toEqual(DEMO_WRITING.map(({ weeksAgo }) => expect.closeTo(weeksAgo, 6)));
    const off = DEMO_WRITING.map(({ camera }) => [-camera.angle, camera.slope, camera.unsteady]);
    for (const [i, now] of off.slice(1).entries()) {
      for (const [k, by] of now.entries()) expect(by).toBeLessThan(off[i]?.[k] ?? 0);
    }
    await saveRecord({ id: 'rev-a', kind: 'review', data: '{}', at: now.toISOString() });
    await saveRecord({ id: 'rev-b', kind: 'review', data: '{}', at: now.toISOString() });
    await dateReview('rev-a', at(0));
    const dates = (await allRecords()).filter(({ kind }) => kind === 'review').map(({ id, at }) => [id, at]);
    expect(dates).toEqual([
      ['rev-a', at(0).toISOString()],
      ['rev-b', now.toISOString()],
    ]);
  });
}
