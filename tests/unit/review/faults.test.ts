import { describe, expect, it } from 'vitest';
import { composedAgain } from '@/core/document/keptPage';
import type { FaultId } from '@/core/faults/faults';
import { heldBy } from '@/core/faults/heldBy';
import { shaped } from '@/core/faults/misshapen';
import type { HandId } from '@/core/hands/registry';
import { dueRows } from '@/core/practice/dueRows';
import { PIXELS_PER_MM } from '@/core/register/pageMap';
import { exemplarOf } from '@/core/review/exemplar';
import { faultsOf, type JudgedRow } from '@/core/review/faults';
import { compare, modelOf } from '@/core/review/letter';
import { shownBy } from '@/core/review/supposed';
import { CALLED, heldOutFaults } from '../../support/review/heldOut';
import { pageOfRows } from '../../support/review/pages';

const rowsOf = async (hand: HandId, letters: readonly string[]) => {
  const composed = composedAgain((await pageOfRows(hand, letters)).page);
  return composed ? dueRows(composed, 0).map((row) => ({ row, model: modelOf(row) })) : [];
};
type Rows = Awaited<ReturnType<typeof rowsOf>>;

/** A row of one letter written three times, with the held-out kind of a fault, by a hand that holds its edge so much flatter. */
function written({ row, model }: Rows[number], fault: FaultId | undefined, flatter = 0): JudgedRow {
  const { figure, ground } = row.due;
  const { recipe, zones, pen, unit } = ground;
  let turned = 0;
  const shapes = figure.shapes.map((shape) => {
    const xs = shape.cut.upright.flatMap(({ path }) => path.flatMap((cubic) => cubic.map(([x]) => x)));
    const { strokes, turn } = shaped(
      shape.cut.upright,
      { left: Math.min(...xs), right: Math.max(...xs), body: zones.body },
      {
        width: 1,
        height: 1,
        slope: recipe.slope,
        up: 0,
        wobble: 0,
        ...(fault && { fault: { fault, size: 1 } }),
      },
      heldOutFaults,
      () => 0,
    );
    turned = turn;
    return { ...shape, cut: { ...shape.cut, strokes } };
  });
  const { left, right, top, bottom } = figure.reach;
  const reach = { left: left - 1, right: right + 4, top: top + 1, bottom: bottom - 1 };
  const inked = exemplarOf(
    heldBy(pen, 1, turned - flatter),
    { ...figure, shapes, reach },
    unit,
    PIXELS_PER_MM,
  );
  const letter = compare({ ...inked, pieces: model.pieces, crumbs: model.pieces }, model, row);
  return { row, model, letters: [letter, letter, letter], places: [0, 20, 40], strange: [] };
}

describe('the fault of a row', () => {
  it.each(['italic', 'foundational'] as const)(
    'is what explains it, in %s, though the whole page is written flat',
    async (hand) => {
      const rows = await rowsOf(hand, ['n', 'a', 'd', 'u', 'b']);
      const sound = rows.map((row) => written(row, undefined, 5));
      expect(faultsOf(sound).flat()).toEqual([]);
      const asked: FaultId[] = [
        'narrow',
        'wide',
        'short',
        'tall',
        'leaning',
        'upright',
        'flat',
        'steep',
        'off the line',
      ];
      const wrong = asked.flatMap((fault) => {
        const said = faultsOf([written(rows[0] as Rows[number], fault, 5), ...sound.slice(1)]);
        // The others stay sound, whatever one row does.
        expect(said.slice(1).flat(), fault).toEqual([]);
        return CALLED[fault].includes(said[0]?.[0]?.fault ?? '') ? [] : [`${fault}: ${said[0]?.[0]?.fault}`];
      });
      expect(wrong).toEqual([]);
    },
  );

  it('is told by what each would show, letter by letter', async () => {
    const [n, i] = await rowsOf('italic', ['n', 'i']);
    if (!n || !i) throw new Error('no rows');
    const narrow = shownBy(n.row, n.model, { fault: 'narrow' });
    expect(narrow.width).toBeLessThan(-0.15);
    expect(Math.abs(narrow.height ?? 1)).toBeLessThan(0.03);
    expect(shownBy(n.row, n.model, { fault: 'tall' }).height).toBeGreaterThan(0.08);
    expect(shownBy(n.row, n.model, { fault: 'off the line' }).rise).toBeGreaterThan(0.04);
    expect(shownBy(n.row, n.model, { fault: 'stroke missing' }).lacking).toBeGreaterThan(0.06);
    // A flatter edge makes a letter lower as well: no reason to call it short.
    const flat = shownBy(n.row, n.model, { fault: 'flat' });
    expect(flat.angle).toBeLessThan(-0.15);
    // What cannot show in a letter does not: an i has no arch.
    expect(shownBy(i.row, i.model, { fault: 'high branch' }).branch ?? 0).toBe(0);
    // Supposed twice, it is worked out once.
    expect(shownBy(n.row, n.model, { fault: 'narrow' })).toBe(narrow);
  });
});
