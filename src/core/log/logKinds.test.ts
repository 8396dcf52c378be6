import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { ENTRY_KINDS } from './entry';
import { LOG_KINDS, logKindName } from './logKinds';

it('the logbook shows what was done on a day, and neither settings nor what is under way', () => {
  expect(LOG_KINDS.map(logKindName)).toEqual([
    'sessions',
    'inks mixed',
    'inks corrected',
    'troubles cured',
    'tools cleaned',
    'eye training',
    'pages reviewed',
    'tools prepared',
    'pages printed',
  ]);
});

it('every kind of record stands in docs/formats.md', () => {
  const formats = readFileSync('docs/formats.md', 'utf8');
  expect(ENTRY_KINDS.filter((kind) => !formats.includes(`\`${kind}\``))).toEqual([]);
});
