import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { LIST, listOf, shipped } from '../../scripts/licences';

it('the list of licences names everything that ships', () => {
  expect(readFileSync(LIST, 'utf8')).toBe(listOf(shipped()));
});

it('everything that ships may be passed on, as it names itself', () => {
  const free =
    /MIT|ISC|BSD|Apache-2\.0|MPL-2\.0|LGPL|OFL-1\.1|CC0-1\.0|CC-BY-4\.0|Unlicense|Zlib|BlueOak|0BSD/;
  expect([...shipped().keys()].filter((licence) => !free.test(licence))).toEqual([]);
});
