import { readdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Feather } from 'lucide-react';
import { expect, it } from 'vitest';
import { ALL_STATIONS, isOnSheet, OTHER_PAGES, type Station, wayThrough } from './stations';

const MADE_UP: Station = {
  href: '/gild',
  name: 'Gild',
  icon: Feather,
  steps: [{ name: 'Gild', next: 'lay the gold' }],
};

it('a made-up station stands on the way and takes the sheet along by its entry alone', () => {
  const [first, ...others] = ALL_STATIONS;
  if (!first) throw new Error('There are stations.');
  const stations = [first, MADE_UP, ...others];
  expect(isOnSheet('/gild')).toBe(false);
  expect(isOnSheet('/gild', stations)).toBe(true);
  expect(wayThrough(stations).map(({ name }) => name)).toEqual([
    'Gild',
    'Kit',
    'Prepare',
    'Rule',
    'Strokes',
    'Practise',
  ]);
  expect(wayThrough(stations)[0]).toEqual({ name: 'Gild', next: 'lay the gold', href: '/gild' });
});

it('stations without steps leave the sheet behind', () => {
  expect(ALL_STATIONS.filter(({ href }) => isOnSheet(href)).map(({ href }) => href)).toEqual([
    '/kit',
    '/rule',
    '/strokes',
    '/practise',
  ]);
});

it('every page of the application stands in a list, and every entry has a page', () => {
  const pages = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('/page.tsx'))
    .map((file) => `/${dirname(file)}`);
  const listed = [...ALL_STATIONS, ...Object.values(OTHER_PAGES)].map(({ href }) => href);
  expect(listed.toSorted()).toEqual(pages.toSorted());
});
