import { describe, expect, it } from 'vitest';
import { type Circumstances, suggestHands, type Wish } from '@/core/hand/choose';
import type { ToolFamily } from '@/core/hand/hand';
import { LOOKS, PURPOSES } from '@/core/hand/portrait';
import { HANDS, handById } from '@/core/hands/registry';
import { hasLetters } from '@/core/hands/scripts';

const withTools = (...tools: ToolFamily[]): Circumstances => ({
  owned: new Set(tools),
  drawn: ({ id }) => hasLetters(id),
});
const idsFor = (wish: Wish, circumstances = withTools()) =>
  suggestHands(HANDS, wish, circumstances).map(({ hand }) => hand.id);

describe('which hand for me', () => {
  it('names two or three hands, each with a reason, for every pair of wishes', () => {
    for (const purpose of PURPOSES) {
      for (const look of LOOKS) {
        const found = suggestHands(HANDS, { purpose, look }, withTools('broad'));
        expect(found.length, `${purpose}, ${look}`).toBeGreaterThanOrEqual(2);
        expect(found.length).toBeLessThanOrEqual(3);
        expect(found.every(({ reasons }) => reasons.length > 0)).toBe(true);
        expect(new Set(found.map(({ hand }) => hand.id)).size).toBe(found.length);
      }
    }
  });

  it('tells them apart: no two for the same reasons, and each but the first has something against it or less for it', () => {
    const alike: string[] = [];
    for (const purpose of PURPOSES) {
      for (const look of LOOKS) {
        for (const tool of ['broad', 'pointed', 'brush', 'monoline'] as const) {
          const found = suggestHands(HANDS, { purpose, look, tool, beginner: true }, withTools(tool));
          const said = found.map(({ reasons, but }) => JSON.stringify([reasons, but]));
          if (new Set(said).size < found.length) alike.push(`${purpose}, ${look}, ${tool}`);
          if (found.every(({ but }) => but.length === 0))
            alike.push(`${purpose}, ${look}, ${tool}: no “but”`);
        }
      }
    }
    expect(alike).toEqual([]);
  });

  it('sends a beginner with a broad pen to a first hand of the broad edge', () => {
    const [first] = idsFor({ tool: 'broad', beginner: true }, withTools('broad'));
    expect(handById(first as string).tool).toBe('broad');
    expect(handById(first as string).portrait.stage).toBe('first');
  });

  it('never puts a hand first that the wanted tool cannot write', () => {
    for (const tool of ['broad', 'pointed', 'brush'] as const) {
      for (const look of LOOKS) {
        const [first] = idsFor({ tool, look });
        expect([tool, 'monoline'], `${tool} ${look}`).toContain(handById(first as string).tool);
      }
    }
  });

  it('gives broken letters to who asks for them, and hairlines to a pointed pen', () => {
    expect(idsFor({ look: 'broken', purpose: 'certificate' })[0]).toBe('textura');
    expect(idsFor({ look: 'hairlines', tool: 'pointed' })[0]).toBe('copperplate');
  });

  it('says what speaks against a hand all the same', () => {
    const found = suggestHands(HANDS, { look: 'broken', tool: 'pointed', beginner: true }, withTools());
    const all = found.flatMap(({ but }) => but);
    expect(found.length).toBeGreaterThan(0);
    expect(all.every((sentence) => sentence.endsWith('.'))).toBe(true);
    const bare = { ...withTools('brush'), drawn: () => false };
    const undrawn = suggestHands(HANDS, { tool: 'brush' }, bare);
    expect(undrawn[0]?.but.join(' ')).toContain('not drawn here yet');
  });

  it('counts a pen in the drawer as a reason', () => {
    const [first] = suggestHands(HANDS, { purpose: 'envelope' }, withTools('pointed'));
    expect(first?.hand.tool).toBe('pointed');
    expect(first?.reasons).toContain('Your drawer has a pen for it.');
  });
});

it('every hand of the registry tells where it comes from, what it is for, and how long it takes', () => {
  for (const { id, portrait } of HANDS) {
    expect(portrait.history.length, id).toBeGreaterThan(40);
    expect(portrait.purposes.length, id).toBeGreaterThan(0);
    expect(portrait.looks.length, id).toBeGreaterThan(0);
    expect(portrait.hours.low).toBeGreaterThan(0);
    expect(portrait.hours.high).toBeGreaterThan(portrait.hours.low);
  }
});
