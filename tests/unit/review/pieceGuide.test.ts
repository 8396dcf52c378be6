import { beforeAll, describe, expect, it } from 'vitest';
import { STEADY } from '@/core/camera/habits';
import {
  codeOf,
  drawKept,
  handsOn,
  isPiece,
  type KeptPage,
  parseKeptPage,
  sizeOf,
} from '@/core/document/keptPage';
import { type KeptPiece, keptPiece, laidAgain } from '@/core/document/keptPiece';
import { lettersNow, Prints } from '@/core/document/prints';
import { loadAllScripts } from '@/core/hands/scripts';
import { copyId } from '@/core/page/pageCode';
import { layRow } from '@/core/piece/batch';
import { demoPieces } from '@/core/piece/demoPieces';
import { drawPiece } from '@/core/piece/drawPiece';
import { freshBlock, freshPiece, settingOf } from '@/core/piece/freshPiece';
import { type Laid, layoutPiece } from '@/core/piece/layout';
import { type Piece, parsePiece } from '@/core/piece/piece';
import { noRoomForMarks } from '@/core/piece/roomForMarks';
import { overlayOf } from '@/core/review/overlay';
import type { Measuring } from '@/core/review/review';
import { batchSteps } from '@/press/batchSteps';
import type { OnPaper } from '@/press/job';
import { ofA5, type PrintedForTest, reviewedFrom, someShot, taken } from '../../support/review/pages';

beforeAll(loadAllScripts);

const TEXT = 'A lamp of brass stood by the open window, and all the hill lay in snow until the bell rang';

/** A word in capitals over some lines of italic, on A5 with room for marks. */
function card(more: Partial<Piece> = {}): Piece {
  const piece = freshPiece('a5', [
    freshBlock('1', 'title', 'WINTER', settingOf('roman', 1.5)),
    freshBlock('2', 'body', TEXT, settingOf('italic', 1.4)),
  ]);
  const paper = { ...piece.paper, sideways: false, margins: { top: 30, right: 18, bottom: 20, left: 18 } };
  return { ...piece, title: 'Winter', paper, place: 'top', ...more };
}

const printed = (laid: Laid): PrintedForTest<KeptPiece> => {
  const page = keptPiece(laid, {}, { page: 1, of: 1 });
  return { page, code: codeOf('ABCDEFGH12', page) };
};

const roles = (laid: Laid, marked?: object) =>
  drawPiece(laid, 'guide', marked).nodes.map((node) => (node.kind === 'group' ? node.role : node.kind));

describe('review marks on a guide', () => {
  it('stand where nothing is ruled or drawn, and where they cannot, what would give room is said', () => {
    const room = (piece: Piece) => noRoomForMarks(layoutPiece(piece));
    expect(room(card())).toBeUndefined();
    const narrow = card();
    expect(
      room({ ...narrow, paper: { ...narrow.paper, margins: { ...narrow.paper.margins, left: 8 } } }),
    ).toMatch(/margins of 14 mm all round, and above 26 mm \(or at the right 37\)/);
    expect(room({ ...narrow, border: { ...narrow.border, kind: 'rule', inset: 9 } })).toMatch(
      /^The border would run/,
    );
    expect(room({ ...narrow, border: { ...narrow.border, kind: 'rule', inset: 16 } })).toMatch(
      /^The border would run/,
    );
    expect(room({ ...narrow, postage: { on: true, width: 30, height: 30 } })).toMatch(/corner for postage/);
    const said = demoPieces().map(({ piece }) => noRoomForMarks(layRow(piece, 0, []).laid));
    expect(said.map((why) => why?.slice(0, 24))).toMatchInlineSnapshot(`
      [
        "The lines reach to where",
        "Review marks would stand",
        "The border would run thr",
        undefined,
        "Review marks need a pape",
      ]
    `);
  });

  it('are on the guide alone, and only where they are asked for', () => {
    const laid = layoutPiece(card());
    expect(roles(laid)).not.toContain('marks');
    expect(roles(laid, {})).toContain('marks');
    expect(
      drawPiece(laid, 'model', {}).nodes.some((node) => node.kind === 'group' && node.role === 'marks'),
    ).toBe(false);
  });

  it('name a page that is kept, and drawn again to the last line', () => {
    const { page, code } = printed(layoutPiece(card()));
    const again = parseKeptPage(JSON.parse(JSON.stringify(page)));
    expect(isPiece(again)).toBe(true);
    expect(codeOf('ABCDEFGH12', again)).toEqual(code);
    expect(JSON.stringify(drawKept(again, code))).toBe(JSON.stringify(drawKept(page, code)));
    expect(handsOn(again)).toEqual(['roman', 'italic']);
    expect(sizeOf(again)).toEqual({ width: 148, height: 210 });
    // Another text is another page.
    const other = keptPiece(layoutPiece(card({ title: 'Snow' })), {}, { page: 1, of: 1 });
    expect(codeOf('ABCDEFGH12', other).hash).not.toBe(code.hash);
    expect(() => parseKeptPage({ ...page, numbering: { first: 0, of: 1 } })).toThrow(/Too small/);
  });

  it('come with every row of a list, each a page of one print', () => {
    const named = (name: string) => ({ values: { name }, state: 'to write' as const });
    const piece = parsePiece({
      ...card(),
      blocks: [freshBlock('1', 'name', '{name}', settingOf('italic', 1.4))],
      rows: [named('Orla'), named('Tobin'), named('Maren')],
    });
    const paper: OnPaper = { print: 'guide', mirrored: false, on: 'own', marked: true };
    const pdf = { correction: undefined, created: new Date(0) };
    const kept = (options: Partial<OnPaper>) =>
      [
        ...batchSteps(piece, [0, 1, 2], {
          paper: { ...paper, ...options },
          drawer: [],
          leaveOut: false,
          own: {},
          pdf,
          id: 'ABCDEFGH12',
        }),
      ].flatMap((step) => step.kept ?? []);
    const three = kept({});
    expect(three.map(({ code }) => [code.id, code.page, code.of])).toEqual([
      ['ABCDEFGH12', 1, 3],
      ['ABCDEFGH12', 2, 3],
      ['ABCDEFGH12', 3, 3],
    ]);
    const texts = three.map(({ page }) => (isPiece(page) ? page.piece.blocks[0]?.text : ''));
    expect(texts).toEqual(['Orla', 'Tobin', 'Maren']);
    expect(three.every(({ page, letters }) => lettersNow(page) === letters)).toBe(true);
    // Not of a model, nor turned over, nor where they were not asked for.
    expect([...kept({ marked: false }), ...kept({ mirrored: true }), ...kept({ print: 'model' })]).toEqual(
      [],
    );
  });

  it('differ on every copy', () => {
    const prints = new Prints();
    const laid = layoutPiece(card());
    for (const copy of [0, 1]) prints.draw({ laid, own: {}, page: 1, of: 1 }, copyId('ABCDEFGH12', copy));
    const [one, two] = prints.take();
    expect(one?.code.id).toBe('ABCDEFGH12');
    expect(two?.code.id).not.toBe('ABCDEFGH12');
    expect(one?.title).toBe('Guide: Winter');
  });
});

describe('what was written on a guide', () => {
  const figure = ({ figures }: Measuring, id: string) => figures.find((one) => one.id === id);

  it('is measured pen by pen against its own lines, the one that wrote most first', async () => {
    const laid = layoutPiece(card());
    const guide = printed(laid);
    const habits = {
      ...STEADY,
      angle: 5,
      slope: -3,
      angleSpread: 1,
      slopeSpread: 0.7,
      place: 0.1,
    };
    const { jpeg } = await taken(guide, habits, ofA5(someShot(5, 'scan')));
    const { measured } = await reviewedFrom(jpeg, guide);
    expect(measured.map(({ title }) => title)).toEqual(['Italic 1.4 mm', 'Roman capitals 1.5 mm']);
    const [italic, roman] = measured as [Measuring, Measuring];
    expect(italic.rows.map(({ text }) => text).join(' ')).toBe(TEXT);
    expect(roman.rows.map(({ text }) => text)).toEqual(['WINTER']);
    expect(Math.abs((figure(italic, 'angle')?.value ?? 0) - 50)).toBeLessThan(2.5);
    expect(Math.abs((figure(italic, 'slope')?.value ?? 0) - (6 - 3))).toBeLessThan(1.2);
    expect(figure(italic, 'nib')?.value).toBeCloseTo(1.4, 1);
    expect(figure(italic, 'lines')?.value).toBeCloseTo(1, 1);
    expect(italic.remarks.map(({ text }) => text).join(' ')).toMatch(/Your pen stood at [45]\d°, not 45°/);
    // The models lie where the lines were to stand, those of the pen that is looked at alone.
    const review = { ...italic, print: guide.code.id } as unknown as Parameters<typeof overlayOf>[1];
    const [over] = overlayOf(guide.page as KeptPage, review, 'outline').nodes;
    const lines = laidAgain(guide.page).lines.filter(({ block }) => block.setting.hand === 'italic');
    const letters = lines.flatMap(({ set }) => set.placed.filter(({ kind }) => kind !== 'missing'));
    expect(over?.kind === 'group' ? over.children.length : 0).toBeGreaterThanOrEqual(letters.length);
  }, 60_000);

  it('that came out longer than its lines, or sinks along them, is told so', async () => {
    const guide = printed(layoutPiece(card()));
    const { jpeg } = await taken(guide, { ...STEADY, width: 1.1, sinking: 1.5 }, ofA5(someShot(6, 'scan')));
    const { measuring } = await reviewedFrom(jpeg, guide);
    expect(figure(measuring, 'lines')?.value).toBeGreaterThan(1.005);
    // Its lines are printed: where feet stand against them is known.
    expect(figure(measuring, 'sinking')?.value).toBeGreaterThan(0.6);
    expect(figure(measuring, 'feet')?.value).toBeLessThan(-0.2);
  }, 60_000);

  it('is nothing where nobody has written', async () => {
    const guide = printed(layoutPiece(card()));
    const all = guide.page.piece.blocks.flatMap(() => Array.from({ length: 40 }, (_, i) => i));
    const { jpeg } = await taken(guide, { ...STEADY, skipped: all }, ofA5(someShot(7, 'scan')));
    await expect(reviewedFrom(jpeg, guide)).rejects.toThrow(/Nobody has written on this guide/);
  }, 60_000);
});
