import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { HANDS, type HandId } from '@/core/hands/registry';
import { hasLetters, loadAllScripts } from '@/core/hands/scripts';
import { fieldsOf, filledIn, layRow, openRows, rowsOf, shownPiece } from '@/core/piece/batch';
import { demoPieces } from '@/core/piece/demoPieces';
import { drawPiece, PRINTS, wordStarts } from '@/core/piece/drawPiece';
import { withBlock, withBlockNib, withHand, withNewBlock, withoutBlock, withText } from '@/core/piece/edit';
import { freshBlock, freshPiece, settingOf } from '@/core/piece/freshPiece';
import { layoutPiece } from '@/core/piece/layout';
import { nibTrials } from '@/core/piece/nibChoice';
import { type Piece, parsePiece } from '@/core/piece/piece';
import { remedies } from '@/core/piece/remedies';
import { ENDINGS } from '@/core/type/endings';
import { lettersOf } from '@/core/type/placed';
import { renderSvg } from '@/render/svg';
import { rastered } from '../support/rastered';

beforeAll(loadAllScripts);

const DRAWN = HANDS.map(({ id }) => id).filter(hasLetters);
const WORDS = [
  'aurora',
  'bolide',
  'comet',
  'dusk',
  'eclipse',
  'frost',
  'glow',
  'haze',
  'night',
  'of',
  'the',
  'sky',
  'you',
  'Jupiter',
  'Vega',
  'by',
  'quiet',
  'fly',
];
/** Words of the one hand that is written from the right. */
const OTHER_WORDS = ['نجم', 'ليل', 'سماء', 'قمر', 'نور'];

const word = (hand: HandId) =>
  fc.constantFrom(...(HANDS.find(({ id }) => id === hand)?.rightToLeft ? OTHER_WORDS : WORDS));

/** A card with one text in one hand, its body about 5 mm. */
function card(hand: HandId, text: string, change: Partial<Piece['blocks'][number]> = {}): Piece {
  const setting = settingOf(hand);
  const small = { ...setting, width: setting.width * 0.4, ratioUnit: setting.ratioUnit * 0.6 };
  const piece = freshPiece('card-5x7', [
    { ...freshBlock('1', 'body', text, small), align: 'centre', ...change },
  ]);
  return { ...piece, place: 'centre' };
}

/** The same on a low strip, of which a raster is soon made. */
const strip = (hand: HandId, text: string): Piece => {
  const piece = card(hand, text);
  const paper = { ...piece.paper, format: 'custom' as const, sideways: false, width: 150, height: 60 };
  return { ...piece, paper };
};

const PX_PER_MM = 10;
/** Grey of the palest pixel that counts: a hairline is thinner than a pixel. */
const INKED = 250;

/** Where a drawing is inked, in mm, read off pixels by an independent rasteriser. */
function inkedOn(svg: string, width: number, from: number, until: number) {
  const { pixels, width: px } = rastered(svg, Math.round(width * PX_PER_MM), 'white');
  let [left, right, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity];
  for (
    let y = Math.max(0, Math.floor(from * PX_PER_MM));
    y < Math.min(pixels.length / 4 / px, until * PX_PER_MM);
    y++
  ) {
    for (let x = 0; x < px; x++) {
      if ((pixels[(y * px + x) * 4] as number) > INKED) continue;
      left = Math.min(left, x);
      right = Math.max(right, x + 1);
      top = Math.min(top, y);
      bottom = Math.max(bottom, y + 1);
    }
  }
  return {
    left: left / PX_PER_MM,
    right: right / PX_PER_MM,
    top: top / PX_PER_MM,
    bottom: bottom / PX_PER_MM,
  };
}

/** How near a centred line stands to the middle, and how far ink may be off its frame: a pixel is 0.1 mm. */
const CENTRED = 0.1;
const EDGE = 0.11;

describe.each(DRAWN)('a card in %s', (hand) => {
  it('is centred by what is inked, and inked inside its frame where it is said to fit', () => {
    fc.assert(
      fc.property(fc.array(word(hand), { minLength: 1, maxLength: 3 }), (words) => {
        const laid = layoutPiece(strip(hand, words.join(' ')));
        expect(laid.findings.filter(({ about }) => about === 'letters')).toEqual([]);
        const { frame, page } = laid;
        const svg = renderSvg(drawPiece(laid));
        if (laid.fits) {
          const ink = inkedOn(svg, page.width, 0, page.height);
          expect(ink.left).toBeGreaterThanOrEqual(frame.x - EDGE);
          expect(ink.right).toBeLessThanOrEqual(frame.x + frame.width + EDGE);
          expect(ink.top).toBeGreaterThanOrEqual(frame.y - EDGE);
          expect(ink.bottom).toBeLessThanOrEqual(frame.y + frame.height + EDGE);
        }
        if (laid.lines.length !== 1) return;
        const { left, right } = inkedOn(svg, page.width, 0, page.height);
        expect(Math.abs((left + right) / 2 - (frame.x + frame.width / 2))).toBeLessThanOrEqual(CENTRED);
      }),
      { numRuns: 18 },
    );
  });

  it('writes every word, each once, in lines that end inside their room', () => {
    fc.assert(
      fc.property(
        fc.array(word(hand), { minLength: 1, maxLength: 25 }),
        fc.constantFrom(
          'left' as const,
          'centre' as const,
          'right' as const,
          'justified' as const,
          'slant' as const,
        ),
        fc.record({
          endings: fc.constantFrom(...ENDINGS),
          letterSpace: fc.constantFrom(0, 0, -0.1, 0.3),
          wordSpace: fc.constantFrom(0, 0.4),
        }),
        (words, align, white) => {
          const plain = card(hand, words.join(' '), { align });
          const blocks = plain.blocks.map((block) => ({
            ...block,
            setting: { ...block.setting, writing: { ...block.setting.writing, ...white } },
          }));
          const laid = layoutPiece({ ...plain, blocks });
          const written = laid.lines.flatMap((line) => line.words.map(({ text }) => text.toLowerCase()));
          expect(written).toEqual(words.map((one) => one.toLowerCase()));
          const wide = laid.findings.filter(({ about }) => about === 'width').length;
          for (const { ink, words: own } of laid.lines) {
            if (own.length > 1 || wide === 0) {
              expect(ink.left).toBeGreaterThanOrEqual(laid.frame.x - 1e-3);
              expect(ink.right).toBeLessThanOrEqual(laid.frame.x + laid.frame.width + 1e-3);
            }
          }
        },
      ),
      { numRuns: 16 },
    );
  });
});

describe('laying out', () => {
  const text = 'When frost has swept the air and every lamp of the valley is out, the winter sky stands open';

  it('comes out the same from the same piece, whatever was laid before', () => {
    for (const { piece } of demoPieces()) {
      const once = layoutPiece(shownPiece(piece));
      const again = layoutPiece(shownPiece(parsePiece(JSON.parse(JSON.stringify(piece)))));
      expect(again.lines.map(({ x, baseline, words }) => ({ x, baseline, words }))).toEqual(
        once.lines.map(({ x, baseline, words }) => ({ x, baseline, words })),
      );
    }
  });

  it('justified, ends every line but the last at both edges', () => {
    const laid = layoutPiece(card('foundational', `${text}, ${text}.`, { align: 'justified' }));
    const { frame, lines } = laid;
    expect(lines.length).toBeGreaterThan(3);
    for (const { ink } of lines.slice(0, -1)) {
      expect(ink.left).toBeCloseTo(frame.x, 3);
      expect(Math.abs(ink.right - frame.x - frame.width)).toBeLessThan(0.05);
    }
  });

  it('keeps what was changed by hand with its word, wherever that comes to stand', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...WORDS), { minLength: 1, maxLength: 8 }), (before) => {
        const at = text.indexOf('valley');
        const block = card('italic', text, {
          touches: [{ at, along: 0.4 }],
          nudges: [{ at, x: 3, y: 0 }],
        }).blocks[0] as Piece['blocks'][number];
        const longer = withText(block, `${before.join(' ')} ${text}`);
        const place = longer.text.indexOf('valley');
        expect(longer.touches).toEqual([{ at: place, along: 0.4 }]);
        const piece = { ...card('italic', ''), blocks: [longer] };
        const bare = { ...piece, blocks: [{ ...longer, touches: [], nudges: [] }] };
        const lineWith = (laid: ReturnType<typeof layoutPiece>) =>
          laid.lines.find(({ words }) => words.some((one) => one.at === place));
        const [moved, still] = [
          lineWith(layoutPiece(piece)),
          lineWith(layoutPiece({ ...bare, blocks: [{ ...longer, nudges: [] }] })),
        ];
        expect((moved?.x ?? 0) - (still?.x ?? 0)).toBeCloseTo(3, 6);
      }),
      { numRuns: 10 },
    );
  });

  it('moves lines apart where ascenders meet descenders, and says so', () => {
    const close = layoutPiece(
      card('italic', 'gypsy quay fly by joy\nhelp ill bluff all tall', { leading: -9, align: 'left' }),
    );
    expect(
      close.findings.filter(({ about, tone }) => about === 'collision' && tone === 'eased'),
    ).toHaveLength(1);
    const open = layoutPiece(
      card('italic', 'gypsy quay fly by joy\nhelp ill bluff all tall', { leading: 0, align: 'left' }),
    );
    expect(open.findings.filter(({ about }) => about === 'collision')).toEqual([]);
  });

  it('gives a large initial its lines and sets the others beside it', () => {
    const laid = layoutPiece(card('foundational', `${text}.`, { initial: 2, align: 'left' }));
    const [initial, first, second, third] = laid.lines;
    expect(initial?.number).toBe(-1);
    expect(initial?.words[0]?.text).toBe('W');
    expect(first?.ink.left).toBeGreaterThan(initial?.ink.right as number);
    expect(second?.ink.left).toBeCloseTo(first?.ink.left as number, 6);
    expect(third?.ink.left).toBeCloseTo(laid.frame.x, 6);
    expect(initial?.baseline).toBeCloseTo(second?.baseline as number, 6);
  });

  it('says what does not fit, names letters a hand lacks, and loses nothing', () => {
    const endless = layoutPiece(card('italic', 'x'.repeat(300)));
    expect(endless.fits).toBe(false);
    expect(endless.findings[0]?.text).toMatch(/mm too wide/);
    const strange = layoutPiece(card('italic', 'sky 🌙 نجم end'));
    expect(strange.findings.find(({ about }) => about === 'letters')?.text).toMatch(/🌙/);
    expect(strange.lines.flatMap(({ words }) => words.map((one) => one.text))).toContain('🌙');
    expect(layoutPiece(card('italic', '\n\n\n')).lines).toEqual([]);
  });

  it('keeps the corner for postage free or says that it is not', () => {
    const piece = {
      ...card('italic', 'aurora bolide comet dusk'),
      postage: { on: true, width: 80, height: 60 },
    };
    const top = layoutPiece({ ...piece, place: 'top' });
    expect(top.findings.some(({ about }) => about === 'postage')).toBe(true);
    expect(layoutPiece({ ...piece, place: 'foot' }).findings.some(({ about }) => about === 'postage')).toBe(
      false,
    );
  });

  it('refuses margins that leave nothing to write in', () => {
    const piece = card('italic', 'dusk');
    const margins = { top: 80, right: 90, bottom: 80, left: 90 };
    expect(() => layoutPiece({ ...piece, paper: { ...piece.paper, margins } })).toThrow(/smaller margins/);
  });
});

describe('the demo pieces', () => {
  it.each(demoPieces().map(({ name, piece }) => [name, piece] as const))(
    '%s is a piece, fits, and is drawn for every purpose',
    (_, piece) => {
      expect(parsePiece(JSON.parse(JSON.stringify(piece)))).toEqual(piece);
      const laid = layoutPiece(shownPiece(piece));
      expect(laid.findings.filter(({ tone }) => tone === 'wrong')).toEqual([]);
      for (const print of PRINTS) expect(drawPiece(laid, print).nodes.length).toBeGreaterThan(0);
    },
  );

  it('has a guide whose marks stand where its words are inked', () => {
    const laid = layoutPiece(
      shownPiece(demoPieces().find(({ id }) => id === 'demo-caption')?.piece as Piece),
    );
    for (const line of laid.lines) {
      const starts = wordStarts(line);
      expect(starts).toHaveLength(line.words.length);
      expect([...starts].sort((a, b) => a - b)).toEqual(starts);
      expect(lettersOf(line.set).length).toBeGreaterThan(0);
    }
  });
});

describe('which nib', () => {
  const drawer = [0.5, 1, 1.5, 2, 3, 5].map((width) => ({
    id: `nib-${width}`,
    kind: 'broad' as const,
    label: `${width} mm`,
    width,
    edge: 0.1,
    uncertainty: null,
    measuredAt: null,
  }));
  const text = 'An eye of glass, two feet across, that gathers the light of stars too faint to be seen.';
  const piece = card('italic', text, { align: 'left' });

  it('is answered by trying all: the largest that fits first, and none larger does', () => {
    const trials = nibTrials(piece, '1', drawer);
    expect(trials).toHaveLength(drawer.length);
    const [best] = trials;
    expect(best?.laid.fits).toBe(true);
    for (const { nib, laid, wrong } of trials) {
      if (nib.width > (best?.nib.width as number))
        expect([laid.fits, wrong]).toEqual([false, expect.any(String)]);
      const alone = layoutPiece(withBlock(piece, '1', (block) => withBlockNib(block, nib)));
      expect(alone.fits).toBe(laid.fits);
    }
  });

  it('remedies for what does not fit are tried: each of them fits', () => {
    const large = layoutPiece(
      withBlock(piece, '1', (block) => withBlockNib(block, drawer[3] as (typeof drawer)[0])),
    );
    expect(large.fits).toBe(false);
    const found = [...remedies(large, drawer)];
    expect(found.map(({ label }) => label)).toContain('The 1.5 mm nib');
    for (const { piece: helped } of found) expect(layoutPiece(helped).fits).toBe(true);
    expect([...remedies(layoutPiece(piece), drawer)]).toEqual(
      layoutPiece(piece).fits ? [] : expect.any(Array),
    );
  });
});

describe('a list of names', () => {
  const envelopes = demoPieces().find(({ id }) => id === 'demo-envelopes')?.piece as Piece;

  it('fills the places it names, and leaves no braces', () => {
    expect(fieldsOf(envelopes)).toEqual(['name', 'street', 'town']);
    const texts = filledIn(envelopes, { values: { name: 'Orla', town: '' } }).blocks.map(({ text }) => text);
    expect(texts).toEqual(['Orla', '\n']);
  });

  it('is laid row by row, each written or its remedy or trouble said', () => {
    const rows = [
      ...envelopes.rows,
      {
        values: { name: 'Maximiliana Featherstonehaugh-Cholmondeley of Merrowdown', street: '1', town: 'x' },
        state: 'to write' as const,
      },
    ];
    const laid = rows.map((_, i) => layRow({ ...envelopes, rows }, i, []));
    for (const [i, { laid: one, remedy, wrong }] of laid.entries()) {
      expect(one.fits || wrong !== undefined).toBe(true);
      const written = one.lines.flatMap(({ words }) => words.map(({ text }) => text)).join(' ');
      expect(written).toContain(rows[i]?.values.name?.split(' ')[0]);
      if (i < envelopes.rows.length) expect([remedy, wrong]).toEqual([undefined, undefined]);
    }
  });

  it('is read from a table whatever its headings’ case, and empty rows are left out', () => {
    const rows = rowsOf(
      [' Name', 'STREET', 'City', ''],
      [['Orla ', '3 Lane', 'Merrowdown', 'x'], ['', '', '', ''], ['Tobin']],
    );
    expect(rows.map(({ values }) => values)).toEqual([
      { name: 'Orla', street: '3 Lane', town: 'Merrowdown' },
      { name: 'Tobin', street: '', town: '' },
    ]);
  });

  it('prints what is still to be written, and what was spoiled again', () => {
    const states = ['written', 'to write', 'spoiled'] as const;
    expect(openRows({ rows: states.map((state) => ({ values: {}, state })) })).toEqual([1, 2]);
  });
});

describe('changing a piece', () => {
  it('gives a block another hand with that hand’s heights, and drops shapes of the old one', () => {
    const [block] = card('italic', 'sky', { touches: [{ at: 0, shape: 'plain' }] }).blocks as [
      Piece['blocks'][number],
    ];
    const changed = withHand(block, 'uncial');
    expect(changed.setting.zones.body).toBe(4);
    expect(changed.touches).toEqual([]);
    expect(withHand(block, 'italic').touches).toHaveLength(1);
  });

  it('adds blocks under names of their own, and keeps the last', () => {
    let piece = card('italic', 'sky');
    for (let i = 0; i < 3; i++) piece = withNewBlock(piece, 'body').piece;
    expect(new Set(piece.blocks.map(({ id }) => id)).size).toBe(4);
    for (const { id } of piece.blocks) piece = withoutBlock(piece, id);
    expect(piece.blocks).toHaveLength(1);
  });

  it('refuses what is no piece in words', () => {
    const piece = card('italic', 'sky');
    expect(() => parsePiece({})).toThrow(/not an Elvane piece/);
    expect(() => parsePiece({ ...piece, version: 9 })).toThrow(/version 9/);
    expect(() => parsePiece({ ...piece, blocks: [] })).toThrow(/at least one block/);
    const long = { ...piece, blocks: [{ ...piece.blocks[0], text: 'x'.repeat(100_000) }] };
    expect(() => parsePiece(long)).toThrow(/100000 characters; a block holds 20000/);
  });
});
