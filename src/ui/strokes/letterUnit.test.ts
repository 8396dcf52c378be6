import { describe, expect, it } from 'vitest';
import { inUnit, onPaper } from './letterUnit';

describe('lengths of a letter', () => {
  it('are said in what a scribe measures in: nib widths, dots, or shares of the body', () => {
    expect(inUnit({ said: 'nib' }, 2.104)).toBe('2.1 nib widths');
    expect(inUnit({ said: 'dot' }, 3)).toBe('3 dots');
    expect(inUnit({ said: 'fifth' }, 0.9)).toBe('0.18 of the body');
    expect(inUnit({ said: 'fifth' }, 5)).toBe('1 of the body');
  });

  it('and on paper in mm', () => {
    expect(onPaper({ mm: 2.4 }, 2.1)).toBe('5.04 mm');
  });
});
