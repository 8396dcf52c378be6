import { describe, expect, it } from 'vitest';
import { factsOf } from '@/core/kit/facts';
import { blankItem } from '@/core/kit/item';
import { itemKinds } from '@/core/kit/itemKinds';
import { enteredNumber, factName, sideBySide, summary } from './facts';

describe('facts as they are entered', () => {
  it('are nothing, a number, or what was typed: never a number that was not meant', () => {
    expect(enteredNumber('')).toBeNull();
    expect(enteredNumber('2.4')).toBe(2.4);
    expect(enteredNumber('2,4')).toBe(2.4);
    expect(enteredNumber('abc')).toBe('abc');
    expect(enteredNumber('2 mm')).toBe('2 mm');
    expect(enteredNumber('1e999')).toBe('1e999');
  });

  it('are told in words: a colour by its name', () => {
    const ink = { ...blankItem('a', 'ink', 'sea'), colour: '#2f9e8f', inkKind: 'dye' as const };
    expect(summary(ink)).toBe('dye, blue-green');
    const nib = {
      ...blankItem('b', 'broad-nib', 'nib'),
      cut: 'left-oblique' as const,
      cutDegrees: 15,
      shankRadius: 3.6,
    };
    expect(summary(nib)).toBe('left-oblique, 15°, arc 3.6 mm');
    expect(
      itemKinds()
        .flatMap(factsOf)
        .map(({ name }) => name)
        .join(' '),
    ).not.toMatch(/#/);
  });

  it.each(itemKinds())('%s: every fact asked for is one a thing has, and has a name', (kind) => {
    const blank = blankItem('a', kind, 'new');
    for (const { key, name } of factsOf(kind)) {
      expect(Object.hasOwn(blank, key)).toBe(true);
      expect(name).toMatch(/^[A-Z]/);
      expect(factName(key)).not.toBe('A fact');
    }
  });
});

describe('two things beside each other', () => {
  const straight = {
    ...blankItem('s', 'holder', 'straight'),
    holderType: 'straight' as const,
    grip: 9,
    fitsWidthTo: 6,
  };

  it('tell what differs first, in words', () => {
    const oblique = { ...straight, holderType: 'oblique' as const, flangeTurn: 15 };
    const rows = sideBySide(straight, oblique);
    expect(rows.filter(({ same }) => !same).map(({ name, values }) => [name, ...values])).toEqual([
      ['Type of holder', 'straight', 'oblique'],
      ['Turn of the flange', 'not known', '15 °'],
    ]);
    // Once something is the same, everything after it is.
    const first = rows.findIndex(({ same }) => same);
    expect(rows.slice(first).every(({ same }) => same)).toBe(true);
    expect(rows.find(({ name }) => name === 'Diameter of the grip')?.values).toEqual(['9 mm', '9 mm']);
  });

  it('leave open what a thing of that kind has not', () => {
    const rows = sideBySide(straight, { ...blankItem('i', 'ink', 'black'), waterproof: true });
    expect(rows.find(({ name }) => name === 'Waterproof')?.values).toEqual([undefined, 'yes']);
    expect(sideBySide(straight, straight).every(({ same }) => same)).toBe(true);
  });
});
