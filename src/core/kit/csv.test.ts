import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { CSV_COLUMNS, decodeText, fateOf, readHeadings, readRow, rowOf } from './csv';
import { DEMO_BENCH } from './demoBench';
import { ALL_FACTS, type AnyFact } from './facts';
import { blankItem, type Item } from './item';
import { itemKinds } from './itemKinds';

/** Out to text and in again, as the files go. */
function roundTrip(items: readonly Item[]): Item[] {
  const text = Papa.unparse({ fields: [...CSV_COLUMNS], data: items.map(rowOf) });
  const [headings, ...rows] = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' }).data as [
    string[],
    ...string[][],
  ];
  const columns = readHeadings(headings);
  return rows.map((cells) =>
    readRow(Object.fromEntries(columns.map((column, i) => [column, cells[i] ?? ''])), 'new'),
  );
}

/** Any value a fact can have, from its declaration. */
function known(asked: AnyFact['asked']): fc.Arbitrary<unknown> {
  switch (asked.kind) {
    case 'number':
      return fc.double({ min: asked.low, max: asked.high, noNaN: true });
    case 'choice':
      return fc.constantFrom(...asked.choices);
    case 'text':
      return fc.constantFrom('long', 'short, wide');
    case 'flag':
      return fc.boolean();
    case 'colour':
      return fc.constantFrom('#1f3a6e', '#000000');
    case 'time':
      return fc.constant('2026-11-02T10:00:00.000Z');
    case 'day':
      return fc.constant('2026-11-02');
  }
}

describe('CSV', () => {
  it('loses nothing of the demo drawer', () => {
    expect(roundTrip(DEMO_BENCH)).toEqual(DEMO_BENCH);
  });

  it('loses nothing of any bench, whatever the names say', () => {
    // Ends are trimmed on reading, as people expect of cells.
    const name = fc
      .string({ minLength: 1, maxLength: 60, unit: 'grapheme' })
      .map((text) => text.trim())
      .filter((text) => text.length > 0 && text.length <= 80);
    const label = fc.oneof(
      name,
      fc.constantFrom('=1+1', '+44', "'quoted'", '@name', '-3 mm', 'a,b;"c"', 'two\nlines'),
    );
    const anItem = fc
      .record({
        id: fc.uuid(),
        kind: fc.constantFrom(...itemKinds()),
        label,
        note: fc.oneof(name, fc.constant('')),
        archived: fc.boolean(),
        facts: fc.record(
          Object.fromEntries(
            ALL_FACTS.map(({ key, asked, blank }) => [key, fc.oneof(fc.constant(blank), known(asked))]),
          ),
        ),
      })
      // Facts that contradict each other are refused, and are another test's.
      .map(
        ({ facts, kind, id, ...more }) =>
          ({
            ...blankItem(id, kind, 'x'),
            ...facts,
            ...more,
            cut: 'left-oblique',
            fitsRadiusFrom: null,
            width: null,
          }) as Item,
      );
    fc.assert(
      fc.property(fc.array(anItem, { maxLength: 8 }), (items) => {
        expect(roundTrip(items)).toEqual(items);
      }),
      { numRuns: 100 },
    );
  });

  it('writes nothing a spreadsheet would run', () => {
    const cells = rowOf({ ...blankItem('a', 'ink', '=HYPERLINK("x")'), note: '@sum' });
    expect(cells.some((cell) => /^[=+\-@]/.test(cell))).toBe(false);
    expect(cells).toContain('\'=HYPERLINK("x")');
  });

  it('knows headings however they are written, and names the nearest for one it does not', () => {
    expect(readHeadings(['Kind', 'label', 'Shank Radius', 'ink_kind'])).toEqual([
      'kind',
      'label',
      'shankRadius',
      'inkKind',
    ]);
    expect(() => readHeadings(['kind', 'label', 'widht'])).toThrow(
      /“widht” is not one of the bench’s; the nearest is “width”/,
    );
    expect(() => readHeadings(['label', 'width'])).toThrow(/“kind” is missing/);
  });

  it('names what is wrong in a row', () => {
    const row = (facts: Record<string, string>) => () =>
      readRow({ kind: 'pointed-nib', label: 'x', ...facts }, 'new');
    expect(row({ width: 'wide' })).toThrow(/“width” is “wide”, not a number/);
    expect(row({ width: '5' })).toThrow(/nearest that works is 3 mm/);
    expect(row({ coated: 'maybe' })).toThrow(/write yes or no/);
    expect(row({ kind: 'nibble' })).toThrow(/Kind must be one of/);
    expect(row({ width: '0,8', coated: 'Yes' })()).toMatchObject({ width: 0.8, coated: true, id: 'new' });
  });

  it('tells the fate of a row beside what is there', () => {
    const [nib] = DEMO_BENCH as [Item, ...Item[]];
    const photo = 'a'.repeat(40);
    expect(fateOf(nib, undefined).fate).toBe('new');
    expect(fateOf(nib, { ...nib, photo })).toEqual({ fate: 'same', item: { ...nib, photo } });
    expect(fateOf({ ...nib, hours: 3 }, nib).fate).toBe('changed');
  });

  it('reads odd encodings', () => {
    const utf16 = new Uint8Array([0xff, 0xfe, 0x6b, 0, 0xe9, 0]);
    expect(decodeText(utf16)).toBe('ké');
    expect(decodeText(new Uint8Array([0x6b, 0xe9]))).toBe('ké');
    expect(decodeText(new TextEncoder().encode('ké “ж”'))).toBe('ké “ж”');
  });
});
