import { expect, it } from 'vitest';
import { NOBODY } from '../about/about';
import { DEMO_BENCH } from './demoBench';
import { goesWith } from './goesWith';
import { inkTable } from './inkTable';
import type { Item } from './item';
import { needFor } from './need';

const { experience, side, schools } = NOBODY;
const about = { experience, side, schools };

/** How the ink of this id goes into the pen of this id, and why. */
function cell(pen: string, ink: string, bench: readonly Item[] = DEMO_BENCH) {
  const { inks, rows } = inkTable(bench, about);
  const row = rows.find(({ pens }) => pens.some(({ id }) => id === pen));
  return row?.cells[inks.findIndex(({ id }) => id === ink)];
}

it('lets no shellac, soot or pigment into a pen that cannot be opened, and dye into all of them', () => {
  for (const pen of ['cartridge-2', 'plate-4', 'fountain-round', 'fountain-flexible']) {
    expect(cell(pen, 'ink-india'), pen).toMatchObject({ how: 'not', why: expect.stringMatching(/shellac/) });
    expect(cell(pen, 'ink-carbon')?.how, pen).toBe('not');
    expect(cell(pen, 'ink-dye')?.how, pen).toBe('well');
  }
  expect(cell('square-3', 'ink-india')?.how).toBe('well');
  expect(cell('reed', 'ink-gall')?.how).toBe('well');
});

it('says that nothing is dipped into a cartridge, and which cartridge fits', () => {
  expect(cell('glass', 'ink-cartridge')).toMatchObject({
    how: 'with care',
    why: expect.stringMatching(/small pot/),
  });
  expect(cell('cartridge-1-5', 'ink-cartridge')?.how).toBe('not');
});

it('is the same from either side: a row says of an ink what the ink says of the pen', () => {
  const { inks, rows } = inkTable(DEMO_BENCH, about);
  for (const { pens, cells } of rows) {
    for (const [i, ink] of inks.entries()) {
      const found = goesWith(needFor('italic', about), ink, DEMO_BENCH).get('tool') ?? [];
      const out = found.find(({ item }) => item.id === pens[0]?.id);
      // What cannot go in by this table goes nowhere else either.
      if (cells[i]?.how === 'not') expect(out?.how, `${ink.label} in ${pens[0]?.label}`).toBe('not');
    }
  }
});

it('has every pen that takes ink in one row, and no pencil or marker', () => {
  const pens = inkTable(DEMO_BENCH, about).rows.flatMap((row) => row.pens.map(({ id }) => id));
  expect(new Set(pens).size).toBe(pens.length);
  expect(pens).toEqual(expect.arrayContaining(['square-1', 'glass', 'reed', 'plate-4', 'pointed-stiff']));
  expect(pens).not.toEqual(expect.arrayContaining(['felt-2']));
  expect(pens).not.toEqual(expect.arrayContaining(['pencil-soft']));
  expect(inkTable([], about)).toEqual({ inks: [], rows: [] });
});
