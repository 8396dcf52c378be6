import { expect, it } from 'vitest';
import { ALL_TITLES } from '../stations/stations';
import { writtenTitle } from './writtenTitle';

it('every title is written by the opening hand, as a picture of its own that says what it is', async () => {
  const versions = new Set<string>();
  for (const text of ALL_TITLES) {
    const title = await writtenTitle(text);
    // A picture holds a path for each letter at least; spaces leave no ink.
    const letters = text.replaceAll(' ', '').length;
    expect(title?.svg.match(/<path /g)?.length, text).toBeGreaterThanOrEqual(letters);
    const [, width = 0, height = 1] =
      /viewBox="\S+ \S+ (\S+) (\S+)"/.exec(title?.svg ?? '')?.map(Number) ?? [];
    expect(title?.proportion, text).toBeCloseTo(width / height, 9);
    versions.add(title?.version ?? '');
  }
  expect(versions.size).toBe(ALL_TITLES.size);
});

it('what the hand has no letters for stays plain text', async () => {
  expect(await writtenTitle('月')).toBeUndefined();
});
