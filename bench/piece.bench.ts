import { bench, describe } from 'vitest';
import { loadAllScripts } from '@/core/hands/scripts';
import { DEMO_BENCH } from '@/core/kit/demoBench';
import { asNib } from '@/core/kit/item';
import { imposed, placesOn } from '@/core/page/imposition';
import { layRow } from '@/core/piece/batch';
import { demoPieces } from '@/core/piece/demoPieces';
import { drawPiece } from '@/core/piece/drawPiece';
import { freshBlock, freshPiece, settingOf } from '@/core/piece/freshPiece';
import { layoutPiece } from '@/core/piece/layout';
import { nibTrials } from '@/core/piece/nibChoice';
import type { Piece } from '@/core/piece/piece';
import { renderPdfPages } from '@/render/pdf';

await loadAllScripts();

const SENTENCE =
  'When frost has swept the air and every lamp of the valley is out, the winter sky stands open from hill to hill, and we who watch are small.';
const words = (count: number) => {
  const all = SENTENCE.split(' ');
  return Array.from({ length: count }, (_, i) => all[i % all.length]).join(' ');
};
const sheet = (text: string, width: number): Piece => {
  const piece = freshPiece('a4', [freshBlock('1', 'body', text, settingOf('foundational', width))]);
  return { ...piece, paper: { ...piece.paper, sideways: false } };
};
const bounded = DEMO_BENCH.flatMap((item) => asNib(item) ?? []).filter(({ kind }) => kind === 'broad');
const TWENTY = Array.from({ length: 20 }, (_, i) => ({
  ...(bounded[i % bounded.length] as (typeof bounded)[0]),
  id: `nib-${i}`,
  width: 0.6 + 0.2 * i,
}));

const long = sheet(words(300), 0.8);
let edits = 0;
/** Another letter at the end of the text, as somebody types. */
const typed = (): Piece => {
  edits += 1;
  const [block] = long.blocks as [Piece['blocks'][number]];
  return {
    ...long,
    blocks: [{ ...block, text: `${block.text} ${'abcdefghij'.slice(0, 1 + (edits % 10))}` }],
  };
};

const envelopes = demoPieces().find(({ id }) => id === 'demo-envelopes')?.piece as Piece;
const FIVE_HUNDRED: Piece = {
  ...envelopes,
  rows: Array.from(
    { length: 500 },
    (_, i) => envelopes.rows[i % envelopes.rows.length] as Piece['rows'][number],
  ),
};
const A4 = { width: 210, height: 297 };

describe('a piece', () => {
  bench('of 300 words, a letter typed at its end: laid out', () => {
    layoutPiece(typed());
  });
  bench('of 300 words, a letter typed at its end: laid out and drawn', () => {
    drawPiece(layoutPiece(typed()));
  });
  bench('of 120 words in each of twenty nibs', () => {
    nibTrials(sheet(words(120), 1.5), '1', TWENTY);
  });
});

describe('500 envelopes', () => {
  bench(
    'laid out, two on a sheet, as PDF',
    () => {
      const onPage = placesOn(A4, layoutPiece(envelopes).page).length;
      function* pages() {
        for (let from = 0; from < FIVE_HUNDRED.rows.length; from += onPage) {
          const drawings = Array.from({ length: onPage }, (_, i) =>
            drawPiece(layRow(FIVE_HUNDRED, from + i, []).laid, 'guide'),
          );
          yield imposed(A4, drawings, 'Envelopes');
        }
      }
      for (const _ of renderPdfPages('Envelopes', pages()));
    },
    { iterations: 3, time: 0 },
  );
});
