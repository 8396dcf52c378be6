import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { findDesk } from '@/app/_lib/desk';
import { openPiece } from '@/app/_lib/openPiece';
import { openSheet } from '@/app/_lib/openSheet';
import { courseIn, todayOf } from '@/app/_lib/today';
import { ABOUT_ID, type About, DESK_PAPERS, NOBODY, UNITS } from '@/core/about/about';
import { beginning } from '@/core/begin/firstPage';
import { withNib } from '@/core/document/chosenNib';
import { freshFor } from '@/core/document/freshFor';
import { HANDS, type HandId, handById } from '@/core/hands/registry';
import { hasLetters, loadAllScripts } from '@/core/hands/scripts';
import { DEMO_BENCH } from '@/core/kit/demoBench';
import { asNib, type Item } from '@/core/kit/item';
import { match } from '@/core/kit/match';
import { needFor, SIDES } from '@/core/kit/need';
import { nibsFor } from '@/core/kit/nib';
import { recordId } from '@/core/log/recordId';
import { numbersFrom } from '@/core/measure/seeded';
import { readWords } from '@/core/practice/words/wordList';
import { closeDatabase } from '@/store/client';
import { saveItems } from '@/store/items';
import { listNibs } from '@/store/nibs';
import { findAbout, saveRecord } from '@/store/records';
import { saveSheet } from '@/store/sheets';
import { keepSession } from '@/store/study';

const folder = mkdtempSync(join(tmpdir(), 'elvane-desk-'));
afterAll(() => {
  closeDatabase();
  rmSync(folder, { recursive: true, force: true });
});
beforeAll(loadAllScripts);

const DESKS = 20;
const HOUR = 3_600_000;
const NOON = Date.UTC(2026, 10, 1, 12);

const { words } = readWords('dusk\nnight\nminimum\nlantern\nnone\nmoon\nanew\nhill\nill\nlull');

/** A desk made up at random: who sits at it, what lies on it, and what was done last. */
async function madeUp(seed: number) {
  closeDatabase();
  process.env.ELVANE_DB_URL = `file:${join(folder, `${seed}.db`)}`;
  const next = numbersFrom(seed * 7919);
  const pick = <T>(all: readonly T[]): T => all[Math.floor(next() * all.length) % all.length] as T;
  const about: About = { ...NOBODY, side: pick(SIDES), units: pick(UNITS), paper: pick(DESK_PAPERS) };
  const known = next() < 0.8 ? about : undefined;
  if (known) {
    await saveRecord({
      id: ABOUT_ID,
      kind: 'about',
      data: JSON.stringify(known),
      at: new Date(NOON).toISOString(),
    });
  }
  const scribe = known ?? NOBODY;
  const kind = seed % 3;
  const bench = kind === 0 ? [] : kind === 1 ? DEMO_BENCH.filter(() => next() < 0.5) : DEMO_BENCH;
  await saveItems(bench);
  const hands = HANDS.map(({ id }) => id);
  const toolOf = (hand: HandId): Item | undefined => {
    const fitting = nibsFor(
      handById(hand).tool,
      bench.flatMap((item) => asNib(item) ?? []),
    );
    return fitting.length > 0 ? bench.find(({ id }) => id === pick(fitting).id) : undefined;
  };
  let last: HandId | undefined;
  const happenings = ['session', 'kit', 'sheet']
    .filter(() => kind === 2 || next() < 0.5)
    .sort(() => next() - 0.5);
  for (const [i, what] of happenings.entries()) {
    const at = new Date(NOON + (i + 1) * HOUR);
    const hand = pick(hands);
    const tool = toolOf(hand);
    if (what === 'session') {
      const began = new Date(at.getTime() - HOUR / 3).toISOString();
      await keepSession(`s${seed}`, {
        hand,
        began,
        ended: at.toISOString(),
        minutes: 20,
        units: ['letter:n'],
        checks: [],
        wobbled: [],
        note: '',
        kit: tool ? { tool: { id: tool.id, label: tool.label } } : {},
      });
    } else if (what === 'kit') {
      if (!tool) continue;
      const data = JSON.stringify({ need: needFor(hand), parts: { tool: tool.id } });
      await saveRecord({ id: recordId('kit', hand), kind: 'kit', data, at: at.toISOString() });
    } else {
      const fresh = freshFor(scribe, hand);
      const nib = tool && asNib(tool);
      const recipe = nib ? withNib(fresh, nib) : fresh;
      await saveSheet({ id: `sheet-${seed}`, name: 'A sheet', recipe: JSON.stringify(recipe) }, at);
    }
    last = hand;
  }
  return { scribe, last, bench };
}

const opened = (search: Record<string, string> = {}) => openSheet(Promise.resolve(search));

describe('one desk, asked by every station', () => {
  it.each(Array.from({ length: DESKS }, (_, seed) => seed))(
    'desk %d: hand, tool, kit, side, paper and units are one',
    async (seed) => {
      const { scribe, last, bench } = await madeUp(seed);
      const [desk, today, sheet, drawer] = await Promise.all([
        findDesk(),
        todayOf({}, new Date(NOON + 24 * HOUR)),
        opened(),
        listNibs(),
      ]);
      // The hand: Today; Kit, Prepare, Rule, Strokes and Practise, which open one sheet; Piece.
      const { hand } = desk;
      if (last) expect(hand).toBe(last);
      expect(today.hand).toBe(hand);
      expect(sheet.recipe.hand).toBe(hand);
      const { recipe: piece } = await openPiece(Promise.resolve({ fresh: '1' }));
      if (hasLetters(hand)) expect(piece.blocks[0]?.setting.hand).toBe(hand);

      // The tool: Today's kit, a fresh sheet of every sheet station, Hand, and the page Today prints.
      const tool = desk.toolFor(hand);
      expect(today.kit.tool?.id).toBe(bench.some(({ id }) => id === tool) ? tool : undefined);
      const nib = nibsFor(handById(hand).tool, drawer).find(({ id }) => id === tool);
      const fresh = (await opened({ hand })).recipe;
      const { recipe: page } = await courseIn(
        hand,
        bench.find(({ id }) => id === tool),
      );
      if (nib) {
        expect([fresh.nib, fresh.width, fresh.edge]).toEqual([nib.id, nib.width, nib.edge]);
        expect([page.nib, page.width, page.edge]).toEqual([nib.id, nib.width, nib.edge]);
        expect(page.writing.contrast).toBe(fresh.writing.contrast);
        expect(page.zones).toEqual(fresh.zones);
      }

      // The scribe: side, paper and units.
      const mirrored = scribe.side === 'left';
      for (const recipe of [sheet.recipe, fresh, page]) {
        expect(recipe.paper.mirrored).toBe(mirrored);
        expect(recipe.paper.format).toBe(scribe.paper);
      }
      expect(piece.side).toBe(scribe.side);
      expect((await findAbout())?.units ?? NOBODY.units).toBe(scribe.units);
      const begun = await beginning({}, scribe, words);
      expect(begun.recipe.paper).toMatchObject({ format: scribe.paper, mirrored });
      expect(begun.need.side).toBe(scribe.side);

      // The kit: what Kit ranks for the desk's hand can be ruled, and is what Hand writes the hand with where none is chosen.
      const { ranked } = match(needFor(hand, { side: scribe.side }), bench);
      for (const { kit } of ranked) expect(bench.map(({ id }) => id)).toContain(kit.tool.id);
    },
  );
});
