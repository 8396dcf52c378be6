import { describe, expect, it } from 'vitest';
import type { Entry } from './entry';
import { holds } from './search';

const session = {
  hand: 'roman',
  began: '2026-11-02T18:00:00+01:00',
  ended: '2026-11-02T18:20:00+01:00',
  minutes: 20,
  units: ['letter:n'],
  checks: [],
  wobbled: [],
  note: 'Écoute: the Œ leans',
  kit: { tool: { id: 'x', label: '2.4 mm square-cut nib' } },
} as unknown as Entry['data'];

describe('a search of the logbook', () => {
  it('finds what was written, in any case, with accents or without', () => {
    for (const text of ['écoute', 'ECOUTE', 'ecoute', 'leans', 'Œ', 'œ', 'square-cut', 'Roman capitals']) {
      expect(holds({ data: session }, text), text).toBe(true);
    }
  });

  it('finds no names of fields, which nobody wrote', () => {
    for (const text of ['note', 'minutes', 'wobbled', 'checks', 'began']) {
      expect(holds({ data: session }, text), text).toBe(false);
    }
  });
});
