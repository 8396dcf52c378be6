import { DEMO_ROWS, DEMO_WRITING } from '@/core/camera/demoWriting';
import { freshRecipe } from '@/core/document/defaults';
import { DEMO_KNOWN } from '@/core/document/demoPages';
import { demoSheets } from '@/core/document/demoSheets';
import { Prints } from '@/core/document/prints';
import type { Recipe } from '@/core/document/recipe';
import { loadAllScripts } from '@/core/hands/scripts';
import { DEMO_BENCH } from '@/core/kit/demoBench';
import { demoLog } from '@/core/log/demoLog';
import { type EntryKind, readEntry } from '@/core/log/entry';
import { demoPieces } from '@/core/piece/demoPieces';
import type { Band } from '@/core/practice/band';
import { bandOf } from '@/core/practice/bands/bandOf';
import { compose } from '@/core/practice/compose';
import { groundOf } from '@/core/practice/ground';
import { lessonsOf } from '@/core/practice/lessons';
import { openDatabase } from './client';
import { countRows } from './counts';
import { saveItems } from './items';
import { keepPrints } from './printedPages';
import { saveRecord } from './records';
import { records } from './schema';
import { saveSheet } from './sheets';
import { rebuildStudy } from './study';

const DAY = 86_400_000;
const HAND = 'italic';
const KIT = { tool: 'square-2-4', ink: 'ink-carbon', paper: 'paper-smooth' } as const;

/** Ten weeks of practice toward the open night, the goal, the kit it is written with, and when the cards must be ready. */
async function seedLog(now: Date): Promise<void> {
  const labelled = (id: string) => ({ id, label: DEMO_BENCH.find((item) => item.id === id)?.label ?? id });
  const recipe = freshRecipe(HAND);
  const lessons = lessonsOf(groundOf(recipe, { size: 1, held: false }));
  const kit = { tool: labelled(KIT.tool), ink: labelled(KIT.ink), paper: labelled(KIT.paper) };
  const db = await openDatabase();
  const log = demoLog(recipe, lessons, now, kit);
  // The bench has the hours of these evenings already: only the log is written.
  await db.insert(records).values(
    log.map(({ id, session }) => ({
      id,
      kind: 'session',
      data: JSON.stringify(session),
      at: session.ended,
    })),
  );
  await rebuildStudy();
  const at = now.toISOString();
  const night = new Date(now.getTime() + OPEN_NIGHT_IN * DAY).toISOString().slice(0, 10);
  const keep = (id: string, kind: EntryKind, data: unknown) =>
    saveRecord({ id, kind, data: JSON.stringify(readEntry(kind, data)), at });
  await keep(`kit-${HAND}`, 'kit', { need: { hand: HAND }, parts: KIT });
  await keep(`goal-${HAND}`, 'goal', {
    hand: HAND,
    name: 'the winter open night',
    aim: 'capitals',
    by: night,
    minutes: 20,
    weekdays: [1, 3, 5, 6],
  });
  await keep('due-demo-place-cards', 'due', {
    sheet: 'demo-place-cards',
    at: `${night}T16:00`,
    minutes: 109,
    next: 'Rule one line, from the guide or by hand.',
  });
}

/** Bands of one row each, filled with one letter. */
const rowsOf = (letters: readonly string[]): Band[] => {
  const rows = { guided: false, trace: 1, fading: 0, free: 6, lines: 1, repeat: true };
  return letters.map((letter, i) => bandOf(`b${i}`, 'letter', letter, rows));
};

/** Keeps the pages of bands as if they had been printed. */
async function printed(recipe: Recipe, bands: readonly Band[], id: string, at: Date): Promise<void> {
  const composed = compose(recipe, { bands });
  const prints = new Prints();
  for (const index of composed.pages.keys()) prints.draw({ composed, index }, id);
  await keepPrints(prints.take(), 'demo', at);
}

/** Pages the studio has printed: small ones of the weeks before, and one that may be photographed, its letters in rows, and a word. */
async function printDemoPages(now: Date): Promise<void> {
  const recipe = freshRecipe(HAND);
  const small = { ...recipe, paper: { ...recipe.paper, format: 'a5' as const } };
  for (const { print, title, weeksAgo } of DEMO_WRITING) {
    const at = new Date(now.getTime() - weeksAgo * 7 * DAY);
    await printed({ ...small, title }, rowsOf(DEMO_ROWS), print, at);
  }
  const word = bandOf('w', 'word', 'aluminium', { guided: false, trace: 0, fading: 0, free: 1, lines: 1 });
  const evening = { ...recipe, title: 'Winter class, second evening' };
  await printed(evening, [...rowsOf(['n', 'm', 'a', 'd', 'h', 'u']), word], 'MERR0WD0WN', now);
}

/** Days until the open night. */
const OPEN_NIGHT_IN = 16;

/** Fills an empty store, and says whether it did: one with anything in it is left alone. */
export async function seedDemo(now: Date): Promise<boolean> {
  const rows = await countRows();
  if (rows.sheets + rows.items + rows.printers > 0) return false;
  await loadAllScripts();
  await saveItems(DEMO_BENCH);
  let time = now.getTime() - 60_000;
  const pieces = demoPieces().map(({ piece, ...sheet }) => ({ ...sheet, recipe: piece }));
  for (const sheet of [...pieces, ...demoSheets()]) {
    time += 1000;
    await saveSheet({ ...sheet, recipe: JSON.stringify(sheet.recipe) }, new Date(time));
  }
  await seedLog(now);
  await printDemoPages(now);
  await saveRecord({
    id: 'known-italic',
    kind: 'known',
    data: JSON.stringify({ letters: DEMO_KNOWN, stressed: [] }),
    at: now.toISOString(),
  });
  return true;
}
