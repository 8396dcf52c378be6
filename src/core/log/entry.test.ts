import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_SCHOOLS } from '../kit/need';
import { Problem } from '../problem/problem';
import { entriesOf } from './entriesOf';
import { ENTRIES, ENTRY_KINDS, readEntries, readEntry } from './entry';

const GOOD = {
  mix: {
    id: 'm',
    label: 'dusk grey',
    base: 'gouache',
    baseMl: 1,
    waterMl: 2,
    gumDrops: 1,
    consistency: 'cream',
    madeAt: '2026-11-24T12:00:00.000Z',
    note: '',
  },
  remedy: { complaint: 'too thin', addition: 'base', helped: true },
  cure: { seen: 'two rails', cause: 'dry', tool: 'nib' },
  prepared: { done: ['coating'] },
  seat: { tool: 'nib', holder: 'straight', how: 'true' },
  drop: { ml: 0.04 },
  kit: { need: { hand: 'italic' }, parts: { tool: 'nib' } },
  about: { side: 'left', units: 'inch', paper: 'letter', experience: 'beginner', schools: USUAL_SCHOOLS },
  class: {
    students: [{ name: 'A pupil', side: 'left', hand: 'italic', letters: ['n'], paper: 'a4' }],
  },
  printed: { hand: 'italic', letters: ['n', 'm'], at: '2026-11-27T08:00:00.000Z' },
  session: {
    hand: 'italic',
    began: '2026-11-26T23:50:00+01:00',
    ended: '2026-11-27T00:02:00+01:00',
    minutes: 11.5,
    units: ['stroke:arches', 'letter:n'],
    checks: [{ criterion: 'feet', rating: 'near' }],
    wobbled: ['letter:n'],
    note: 'cold fingers',
    kit: { tool: { id: 'nib', label: '2.4 mm square-cut nib' } },
    trouble: 'two rails',
  },
  sitting: {
    hand: 'italic',
    began: '2026-11-27T18:00:00+01:00',
    steps: [{ unit: 'letter:n', minutes: 2, reason: 'due', text: 'n' }],
    at: 0,
    seconds: 12,
  },
  cleaned: { tool: 'nib' },
  eye: { judgement: 'slope', threshold: 1.4, trials: 41 },
  due: { sheet: 'cards', at: '2026-12-12T16:00', minutes: 204, next: 'Rule 12 sheets.' },
  goal: {
    hand: 'italic',
    name: 'the open night',
    aim: 'small',
    by: '2026-12-12',
    minutes: 20,
    weekdays: [1, 3, 5],
  },
  model: {
    hand: 'italic',
    text: 'n',
    picture: 'f'.repeat(40),
    width: 210,
    height: 297,
    box: [300, 384, 110, 111],
  },
  known: { letters: ['n', 'm'], stressed: ['n'] },
  review: {
    hand: 'italic',
    print: 'ABCDEFGH12',
    page: 1,
    title: 'Italic practice',
    width: 210,
    height: 297,
    picture: 'f'.repeat(40),
    rings: 8,
    bent: 0.1,
    nib: 2.4,
    figures: [{ id: 'angle', value: 39, asked: 45, error: 1.1, count: 24 }],
    rows: [
      {
        text: 'n',
        baseline: 800,
        body: 120,
        from: 300,
        to: 1900,
        letters: [{ box: [310, 680, 90, 125], off: 1.2, angle: -6, slope: null }],
        faults: [{ fault: 'narrow', score: 1.6, value: -0.14, letters: 9 }],
      },
    ],
    refused: [],
    remarks: [{ text: 'Your n are narrower than the model.', cure: 'Leave room.', go: 'page' }],
    checks: [{ criterion: 'angle', rating: 'off' }],
    wobbled: ['letter:n'],
    changed: false,
  },
} as const;

describe('what the desk remembers', () => {
  it.each(ENTRY_KINDS)('%s: a good entry is read, and read again as it was kept', (kind) => {
    const kept = readEntry(kind, GOOD[kind]);
    expect(readEntry(kind, JSON.parse(JSON.stringify(kept)))).toEqual(kept);
  });

  it('refuses what is of no kind, and names the field that is wrong', () => {
    expect(() => readEntry('dream', {})).toThrow(/remembers no “dream”; it remembers: mix, /);
    expect(() => readEntry('prepared', { done: 5 })).toThrow(/The steps done must be a list/);
    expect(() => readEntry('drop', { ml: -1 })).toThrow(/more than 0 ml/);
    expect(() => readEntry('drop', { ml: 0.05, colour: 'red' })).toThrow(/does not know: “colour”/);
    expect(() => readEntry('toString', {})).toThrow(Problem);
  });

  it('never lets through what its own schema would refuse, whatever comes', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ENTRY_KINDS), fc.jsonValue(), (kind, data) => {
        try {
          const kept = readEntry(kind, data);
          expect(ENTRIES[kind].safeParse(kept).success).toBe(true);
        } catch (error) {
          expect(error).toBeInstanceOf(Problem);
        }
      }),
    );
  });

  it('passes over entries that cannot be read, and shows the others', () => {
    const at = '2026-11-24T12:00:00.000Z';
    const entries = [
      { id: 'a', kind: 'prepared', data: '{"done":5}' },
      { id: 'b', kind: 'prepared', data: 'not json' },
      { id: 'c', kind: 'prepared', data: JSON.stringify(GOOD.prepared) },
      { id: 'd', kind: 'drop', data: JSON.stringify(GOOD.drop) },
    ].map((row) => ({ ...row, at }));
    expect(entriesOf('prepared', readEntries(entries))).toEqual([{ ...GOOD.prepared, entryId: 'c' }]);
  });
});
