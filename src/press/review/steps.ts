import { drawKept, isPiece } from '@/core/document/keptPage';
import { lettersNow } from '@/core/document/prints';
import { ringCentres } from '@/core/page/marks';
import type { PageCode } from '@/core/page/pageCode';
import { Problem } from '@/core/problem/problem';
import { codeOnPage } from '@/core/register/codeOnPage';
import { homographyOf, mapped, type Point } from '@/core/register/homography';
import { isOnPage, type MarkedPage, markedPageIn, UNIT_MARKS } from '@/core/register/markedPage';
import { pageMapOf, straightened } from '@/core/register/pageMap';
import { type RingSeen, ringsIn } from '@/core/register/rings';
import { evenlyLit, lightOn } from '@/core/review/light';
import { reviewPage } from '@/core/review/reviewPage';
import type { LookJob, ReviewJob } from '../job';
import type { Step } from '../step';
import { decode } from './decode';
import { straightPicture } from './straightPicture';

/** A page that is seen in a picture, before anything is measured. */
export interface LookedPage {
  /** What its code says; undefined where none could be read. */
  readonly code: PageCode | undefined;
  /** Its marks, upright where the code was read. */
  readonly marks: MarkedPage;
}

/** What is seen in a picture. */
export interface Looked {
  /** The largest first. */
  readonly pages: readonly LookedPage[];
  /** Rings that were seen, of whatever page. */
  readonly rings: number;
}

/** Maximum number of pages in one picture. */
const MOST_PAGES = 4;

const bytesOf = (data: unknown): Uint8Array => Buffer.from(JSON.stringify(data));
const report = (stage: Step['stage'], done: number, of: number): Step => ({ stage, done, of, bytes: [] });
/** Progress is counted in hundredths. */
const WHOLE = 100;

/** The page whose corners the user marked, clockwise from the upper left; its rings are searched near their expected places. */
function fromCorners(
  corners: readonly Point[],
  size: { width: number; height: number },
  seen: readonly RingSeen[],
): MarkedPage {
  const sheet: Point[] = [
    [0, 0],
    [size.width, 0],
    [size.width, size.height],
    [0, size.height],
  ];
  const marks = ringCentres(size) as readonly Point[];
  const page = homographyOf(sheet, corners);
  if (!page)
    throw new Problem('photo', 'Three of the four corners lie on one line; mark the corners of the page.');
  const places = marks.map((mark) => mapped(page, mark));
  const side = Math.hypot(
    (places[1] as Point)[0] - (places[0] as Point)[0],
    (places[1] as Point)[1] - (places[0] as Point)[1],
  );
  const rings = places.map(([x, y]) =>
    seen.find((ring) => Math.hypot(ring.at[0] - x, ring.at[1] - y) < 0.04 * side),
  );
  const best = places.slice(0, 4).map((place, i) => rings[i]?.at ?? place);
  const map = homographyOf(UNIT_MARKS.slice(0, 4), best);
  if (!map)
    throw new Problem('photo', 'Three of the four corners lie on one line; mark the corners of the page.');
  return { map, rings };
}

/** Finds the pages in a picture and reads their codes. */
export async function* lookSteps({ picture }: LookJob): AsyncGenerator<Step, void> {
  const green = await decode(picture, 'green');
  yield report('looking', 1, 2);
  const seen = ringsIn(green);
  const pages: LookedPage[] = [];
  let rest = seen;
  for (let marks = markedPageIn(rest); marks && pages.length < MOST_PAGES; marks = markedPageIn(rest)) {
    const page = marks;
    rest = rest.filter((ring) => !page.rings.includes(ring) && !isOnPage(page, ring.at));
    const read = codeOnPage(green, marks);
    pages.push(read && 'code' in read ? { code: read.code, marks: read.page } : { code: undefined, marks });
  }
  const looked: Looked = { pages, rings: seen.length };
  yield { ...report('looking', 2, 2), bytes: [bytesOf(looked)] };
}

/** Straightens a page and measures it: progress in hundredths, then JSON `{measured, rings, bent, letters}` and the picture, one step each. */
export async function* reviewSteps({
  picture,
  page,
  code,
  marks,
  corners,
}: ReviewJob): AsyncGenerator<Step, void> {
  const channel = await decode(picture, !isPiece(page) && page.sheet.tint === 'drop-out' ? 'blue' : 'light');
  const drawing = drawKept(page, code);
  yield report('straightening', 5, WHOLE);
  const shown = corners?.map(([x, y]): Point => [x * channel.width, y * channel.height]);
  const found = shown ? fromCorners(shown, drawing, ringsIn(channel)) : marks;
  if (!found) throw new Problem('photo', 'No page was found in the picture.');
  const map = pageMapOf(found, drawing);
  const straightening = straightened(channel, map, drawing);
  let strip = straightening.next();
  for (let told = 0; !strip.done; strip = straightening.next()) {
    if (strip.value - told > 0.2) {
      told = strip.value;
      yield report('straightening', 10 + Math.round(25 * told), WHOLE);
    }
  }
  const straight = strip.value;
  const light = lightOn(straight);
  const measuring = reviewPage(straight, light, page, drawing);
  let row = measuring.next();
  for (; !row.done; row = measuring.next()) yield report('measuring', 35 + Math.round(55 * row.value), WHOLE);
  const image = await straightPicture(evenlyLit(straight, light));
  const result = {
    measured: row.value.map((one) => ({ ...one, width: drawing.width, height: drawing.height })),
    rings: map.rings,
    bent: Math.round(map.bent * 1000) / 1000,
    letters: lettersNow(page),
  };
  yield { ...report('measuring', 95, WHOLE), bytes: [bytesOf(result)] };
  yield { ...report('measuring', WHOLE, WHOLE), bytes: [image] };
}
