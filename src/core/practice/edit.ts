import { Problem } from '../problem/problem';
import { type Band, type How, MOST_BANDS, type WithBands } from './band';
import { bandOf } from './bands/bandOf';
import { type BandKindId, kindOf } from './bands/registry';

/** Changes of a page's bands: each takes a recipe and answers another. */

/** @throws Problem when the page would hold more than `MOST_BANDS`. */
export function withBands<R extends WithBands>(recipe: R, bands: readonly Band[]): R {
  if (bands.length > MOST_BANDS) {
    throw new Problem('practice', `A practice page holds at most ${MOST_BANDS} bands; take some away first.`);
  }
  return { ...recipe, practice: { bands: [...bands] } };
}

/** Ids no band of the page has yet. */
export function freeIds(bands: readonly Band[]): () => string {
  const taken = new Set(bands.map(({ id }) => id));
  let next = bands.length;
  return () => {
    do next += 1;
    while (taken.has(`b${next}`));
    taken.add(`b${next}`);
    return `b${next}`;
  };
}

/** Inserts the band after the one named, or at the end. */
export function addBand<R extends WithBands>(recipe: R, band: Band, after?: string): R {
  const { bands } = recipe.practice;
  const place = bands.findIndex(({ id }) => id === after);
  const at = place < 0 ? bands.length : place + 1;
  return withBands(recipe, [...bands.slice(0, at), band, ...bands.slice(at)]);
}

export function duplicateBand<R extends WithBands>(recipe: R, id: string): R {
  const band = recipe.practice.bands.find((one) => one.id === id);
  return band ? addBand(recipe, { ...band, id: freeIds(recipe.practice.bands)() }, id) : recipe;
}

export const removeBand = <R extends WithBands>(recipe: R, id: string): R =>
  withBands(
    recipe,
    recipe.practice.bands.filter((band) => band.id !== id),
  );

/** Moves the band `id` to the place of the band `to`; the bands between shift by one. */
export function moveBand<R extends WithBands>(recipe: R, id: string, to: string): R {
  const { bands } = recipe.practice;
  const [from, place] = [bands.findIndex((b) => b.id === id), bands.findIndex((b) => b.id === to)];
  const band = bands[from];
  if (!band || place < 0) return recipe;
  const others = bands.filter((one) => one !== band);
  return withBands(recipe, [...others.slice(0, place), band, ...others.slice(place)]);
}

export const changeHow = <R extends WithBands>(recipe: R, id: string, how: Partial<How>): R =>
  withBands(
    recipe,
    recipe.practice.bands.map((band) => (band.id === id ? { ...band, how: { ...band.how, ...how } } : band)),
  );

/** Another drill, letter or text for the band. */
export const changeText = <R extends WithBands>(recipe: R, id: string, of: string): R =>
  withBands(
    recipe,
    recipe.practice.bands.map((band) => (band.id === id ? { ...band, what: { ...band.what, of } } : band)),
  );

/** Changes the kind of a band: practised as the new kind is by default, with the band's size and ink kept. */
export const changeKind = <R extends WithBands>(recipe: R, id: string, kind: string, of: string): R =>
  withBands(
    recipe,
    recipe.practice.bands.map((band) => {
      const { size, held, ink, tint } = band.how;
      return band.id === id
        ? { ...band, what: { kind, of }, how: { ...kindOf(kind).how, size, held, ink, tint } }
        : band;
    }),
  );

/** A new band with the defaults of its kind. */
export const newBand = (kind: BandKindId, of: string, bands: readonly Band[], how: Partial<How> = {}): Band =>
  bandOf(freeIds(bands)(), kind, of, { ...kindOf(kind).whenNew, ...how });
