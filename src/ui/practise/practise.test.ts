import { describe, expect, it } from 'vitest';
import { bandOf } from '@/core/practice/bands/bandOf';
import type { Zoom } from '../paper/zoom';
import { type StationKeys, undoKeys, zoomKeys } from '../sheet/keys';
import { howOf, whatOf } from './bandWords';

describe('a band in words', () => {
  it('says what is practised as a teacher would', () => {
    expect(whatOf(bandOf('b', 'drill', 'under-turns'))).toBe('Under-turns');
    expect(whatOf(bandOf('b', 'picture', 'comet'))).toBe('Comet');
    expect(whatOf(bandOf('b', 'doubled', 'l'))).toBe('double ll');
    expect(whatOf(bandOf('b', 'word', 'moon'))).toBe('Word moon');
    expect(whatOf(bandOf('b', 'word', ''))).toBe('Word …');
    expect(whatOf(bandOf('b', 'ruling', ''))).toBe('Ruled lines to write on');
  });

  it('says how, and only what is not a matter of course', () => {
    expect(howOf(bandOf('b', 'letter', 'n'))).toBe('guided, 3 to trace, 3 fading, 3 free');
    expect(howOf(bandOf('b', 'ruling', '', { fill: true }))).toBe('to the foot of the page');
    expect(howOf(bandOf('b', 'ruling', '', { lines: 1 }))).toBe('1 line');
    expect(
      howOf(
        bandOf('b', 'letter', 'n', {
          guided: false,
          trace: 1,
          fading: 0,
          free: 0,
          size: 1.5,
          held: true,
          ink: 'outline',
        }),
      ),
    ).toBe('1 to trace, 1.5 × the size, one held angle, outlines');
  });
});

/** What a key runs. */
const pressed = (keys: readonly StationKeys[], key: string) =>
  keys.find(({ actions }) => actions[key])?.actions[key]?.();

describe('keys of a sheet', () => {
  it('zoom by steps, to fit and to life size', () => {
    let zoom: Zoom = 'fit';
    const keys = zoomKeys((change) => {
      zoom = change(zoom);
    });
    const press = (key: string) => {
      pressed(keys, key);
      return zoom;
    };
    const larger = press('+');
    expect(larger).toBeGreaterThan(1);
    expect(press('-')).toBeLessThan(larger as number);
    expect(press('1')).toBe(1);
    expect(press('0')).toBe('fit');
  });

  it('undo and redo', () => {
    const done: string[] = [];
    const keys = undoKeys({ undo: () => done.push('undo'), redo: () => done.push('redo') });
    for (const key of ['ctrl+z', 'ctrl+shift+z', 'ctrl+y']) pressed(keys, key);
    expect(done).toEqual(['undo', 'redo', 'redo']);
  });
});
