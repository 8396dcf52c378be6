import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contrastOf, paperColour, unseenOn } from './cover';

describe('what shows on a paper', () => {
  const colour = fc
    .integer({ min: 0, max: 0xffffff })
    .map((value) => `#${value.toString(16).padStart(6, '0')}`);

  it('is told by contrast: 21 of black on white, 1 of a colour on itself, the same either way', () => {
    expect(contrastOf('#000000', '#ffffff')).toBeCloseTo(21, 6);
    // Values of the definition's own examples.
    expect(contrastOf('#767676', '#ffffff')).toBeCloseTo(4.54, 2);
    fc.assert(
      fc.property(colour, colour, (a, b) => {
        expect(contrastOf(a, b)).toBeCloseTo(contrastOf(b, a), 9);
        expect(contrastOf(a, a)).toBeCloseTo(1, 9);
        expect(contrastOf(a, b)).toBeLessThanOrEqual(contrastOf('#000000', '#ffffff'));
      }),
    );
  });

  it('is a light opaque ink on dark, a dark one on white, and anything on what nobody knows', () => {
    const white = { light: true, opacity: 5 };
    const carbon = { light: false, opacity: 4 };
    expect(unseenOn(carbon, { tone: 'dark' })?.instead).toMatch(/opaque light gouache/);
    expect(unseenOn(white, { tone: 'dark' })).toBeUndefined();
    expect(unseenOn({ light: true, opacity: 2 }, { tone: 'dark' })?.says).toMatch(/does not show/);
    expect(unseenOn(undefined, { tone: 'dark' })?.says).toMatch(/own ink/);
    expect(unseenOn(white, { tone: 'white' })?.instead).toMatch(/dark ink/);
    expect(unseenOn(carbon, { tone: 'white' })).toBeUndefined();
    expect(unseenOn(white, { tone: null })).toBeUndefined();
  });

  it('is the colour of a tool with its own opaque ink, by its contrast', () => {
    const gel = (colour: string) => ({ kind: 'gel-pen', colour }) as const;
    expect(unseenOn(undefined, { tone: 'dark' }, gel('#ffffff'))).toBeUndefined();
    expect(unseenOn(undefined, { tone: 'white' }, gel('#ffffff'))?.says).toMatch(/colour of this tool/);
    expect(unseenOn(undefined, { tone: 'white' }, gel('#202020'))).toBeUndefined();
    // Felt does not cover, whatever its colour.
    const brush = { kind: 'brush-pen', colour: '#ffffff' } as const;
    expect(unseenOn(undefined, { tone: 'dark' }, brush)?.says).toMatch(/own ink/);
    expect(unseenOn(undefined, { tone: 'dark' }, { kind: 'pencil', colour: null })?.says).toMatch(/Graphite/);
  });

  it('is what is usual for a kind of ink where nobody has looked at the bottle', () => {
    const unknown = { light: null, opacity: null };
    expect(unseenOn({ ...unknown, inkKind: 'white' }, { tone: 'dark' })).toBeUndefined();
    expect(unseenOn({ ...unknown, inkKind: 'white' }, { tone: 'white' })?.says).toMatch(/light ink/);
    expect(unseenOn({ ...unknown, inkKind: 'carbon' }, { tone: 'dark' })?.says).toMatch(/does not show/);
    // Gouache comes in every colour: nobody can say before it was looked at; Kit asks.
    expect(unseenOn({ ...unknown, inkKind: 'gouache' }, { tone: 'dark' })).toBeUndefined();
    // What is known of a bottle goes before what is usual.
    expect(unseenOn({ light: true, opacity: 5, inkKind: 'carbon' }, { tone: 'dark' })).toBeUndefined();
  });

  it('has the paper’s tone on the screen', () => {
    expect(paperColour(undefined)).toBe('#ffffff');
    expect(contrastOf(paperColour({ tone: 'dark' }), '#ffffff')).toBeGreaterThan(7);
    expect(contrastOf(paperColour({ tone: 'tinted' }), '#000000')).toBeGreaterThan(7);
  });
});
