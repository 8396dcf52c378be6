import { expect, it } from 'vitest';
import { INKS } from './inks/registry';
import { blankItem } from './item';
import type { ItemKind } from './itemKinds';
import { TOOLS } from './kinds/registry';
import { besideKit } from './layOut';
import { needFor } from './need';
import { takesInk } from './rules/traits';

const ink = (inkKind: (typeof INKS)[number]['id']) => ({ ...blankItem('i', 'ink', inkKind), inkKind });
const tool = (kind: ItemKind) => blankItem('t', kind, kind);
const whats = (need: Parameters<typeof besideKit>[0], kit: Parameters<typeof besideKit>[1]) =>
  besideKit(need, kit).map(({ what }) => what);
const drills = needFor('italic');

it('is what the kit’s own facts ask for', () => {
  expect(whats(drills, { tool: tool('broad-nib'), ink: ink('gouache') })).toEqual([
    'two pots of water',
    'a rag that leaves no lint',
    'a small pot and a stirrer',
    'a closed box',
    'scrap of the same paper',
  ]);
  expect(whats(drills, { tool: tool('reed'), ink: ink('carbon') })).toContain(
    'a sharp knife and a cut-proof board',
  );
  expect(whats(drills, { tool: tool('plate-pen'), ink: ink('dye') })).toContain('a dropper or an old brush');
  expect(whats(drills, { tool: tool('broad-nib'), ink: ink('acrylic') })).toContain('dish soap');
  expect(whats(drills, { tool: tool('pencil') })).toEqual([]);
  expect(whats({ ...drills, side: 'left' }, { tool: tool('felt-marker') })).toContain('a guard sheet');
  expect(whats(needFor('italic', { purpose: 'envelope' }), { tool: tool('felt-marker') })).toEqual(
    expect.arrayContaining(['blotting paper', 'a ruler, an HB pencil and a kneaded eraser']),
  );
});

it('has water for every pen that is dipped or filled, for no other, and nothing twice', () => {
  for (const { id } of TOOLS) {
    for (const { id: inkKind } of INKS) {
      const takes = takesInk(id);
      const found = whats(drills, { tool: tool(id), ...(takes && { ink: ink(inkKind) }) });
      expect(
        found.some((what) => /pots? of water/.test(what)),
        id,
      ).toBe(takes);
      expect(new Set(found).size).toBe(found.length);
    }
  }
});
