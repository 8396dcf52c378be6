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

  it('has the paper’s tone on the screen', () => {
    expect(paperColour(undefined)).toBe('#ffffff');
    expect(contrastOf(paperColour({ tone: 'dark' }), '#ffffff')).toBeGreaterThan(7);
    expect(contrastOf(paperColour({ tone: 'tinted' }), '#000000')).toBeGreaterThan(7);
  });
});
