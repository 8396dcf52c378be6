import type { Habits } from '@/core/camera/habits';
import { STEADY } from '@/core/camera/habits';
import type { Shot } from '@/core/camera/photograph';
import { freshRecipe } from '@/core/document/defaults';
import { codeOf, type KeptPage, type KeptSheet, keptFrom } from '@/core/document/keptPage';
import type { FaultMaker } from '@/core/faults/misshapen';
import type { HandId } from '@/core/hands/registry';
import { loadScript } from '@/core/hands/scripts';
import { numbersFrom } from '@/core/measure/seeded';
import type { PageCode } from '@/core/page/pageCode';
import { bandOf } from '@/core/practice/bands/bandOf';
import { compose } from '@/core/practice/compose';
import { groundOf } from '@/core/practice/ground';
import { lessonsOf } from '@/core/practice/lessons';
import type { Measuring } from '@/core/review/review';
import { type Taken, take } from '@/press/review/cameraSteps';
import { type Looked, type LookedPage, lookSteps, reviewSteps } from '@/press/review/steps';
import type { Step } from '@/press/step';

/** The hands error tables are made for: edges with and without slope, a formal one, a heavy one, a point, a brush. */
export const MEASURED_HANDS = [
  'italic',
  'foundational',
  'uncial',
  'textura',
  'copperplate',
  'brush',
] as const satisfies readonly HandId[];

export interface PrintedForTest<Page extends KeptPage = KeptSheet> {
  readonly page: Page;
  readonly code: PageCode;
}

/** A page of rows of one letter each, free from end to end; and a word where the hand has one to spare. */
export async function pageOfRows(
  hand: HandId,
  letters: readonly string[],
  {
    id = 'ABCDEFGH12',
    tint = 'faint' as const,
    word = '',
    width,
    small = false,
  }: {
    id?: string;
    tint?: 'faint' | 'strong' | 'drop-out';
    word?: string;
    width?: number;
    /** On A5: half the picture to make and to measure. */
    small?: boolean;
  } = {},
): Promise<PrintedForTest> {
  await loadScript(hand);
  const usual = freshRecipe(hand);
  const fresh = { ...usual, tint, paper: { ...usual.paper, ...(small && { format: 'a5' as const }) } };
  const recipe = width === undefined ? fresh : { ...fresh, width };
  const empty = { guided: false, trace: 0, fading: 0, free: 0, lines: 1 };
  const bands = letters.map((letter, i) => bandOf(`b${i}`, 'letter', letter, empty));
  if (word) bands.push(bandOf('w', 'word', word, { guided: false, trace: 0, fading: 0, free: 1, lines: 1 }));
  const composed = compose(recipe, { bands });
  const page = keptFrom(composed, 0);
  return { page, code: codeOf(id, page) };
}

/** The first small letters of a hand, in the order they are taught; capitals where it has nothing else. */
export async function firstLetters(hand: HandId, most: number): Promise<string[]> {
  await loadScript(hand);
  const lessons = lessonsOf(groundOf(freshRecipe(hand), { size: 1, held: false }));
  const small = lessons.filter((lesson) => lesson.case === 'small');
  return (small.length > 0 ? small : lessons).flatMap(({ letters }) => letters).slice(0, most);
}

/** A scan, or a photo of twelve million pixels, somewhat different every time. */
export function someShot(seed: number, view: 'scan' | 'photo'): Shot {
  const chance = numbersFrom(seed * 7919 + 1);
  const between = (low: number, high: number) => low + (high - low) * chance();
  if (view === 'scan') {
    const perMm = 300 / 25.4;
    return {
      seed,
      width: Math.round(216 * perMm),
      height: Math.round(303 * perMm),
      perMm,
      tilt: 0,
      towards: 0,
      turn: between(-2, 2),
      off: [between(-1, 1), between(-1, 1)],
      lens: 0,
      curl: 0,
      blur: between(0.4, 0.8),
      noise: between(0.5, 2),
      light: 1,
      lightFrom: 0,
      desk: 235,
    };
  }
  return {
    seed,
    width: 3000,
    height: 4000,
    perMm: between(11.2, 12.2),
    tilt: between(3, 13),
    towards: between(0, 360),
    turn: between(-8, 8),
    off: [between(-3, 3), between(-3, 3)],
    lens: between(-0.006, 0.006),
    curl: between(-0.5, 0.5),
    blur: between(0.7, 1.5),
    noise: between(2, 5),
    light: between(0.4, 0.9),
    lightFrom: between(0, 360),
    desk: between(50, 110),
  };
}

/** Share of the pixels a side that is enough for most tests. */
const SMALLER = 0.58;
/** Sides of A5 over those of A4. */
const TO_A5 = 0.71;

/** The same shot of a page of A5. */
export const ofA5 = (shot: Shot): Shot => ({
  ...shot,
  width: Math.round(shot.width * TO_A5),
  height: Math.round(shot.height * TO_A5),
});

/** The same shot with fewer pixels a side: what is promised holds for it too, in a third of the time. */
export const smaller = (shot: Shot): Shot => ({
  ...shot,
  width: Math.round(shot.width * SMALLER),
  height: Math.round(shot.height * SMALLER),
  perMm: shot.perMm * SMALLER,
  blur: shot.blur * SMALLER,
});

/** A hand of its own for every seed. */
export function someHabits(seed: number): Habits {
  const chance = numbersFrom(seed * 104729 + 3);
  const between = (low: number, high: number) => low + (high - low) * chance();
  return {
    ...STEADY,
    seed,
    angle: between(-8, 8),
    angleSpread: between(0.3, 3.5),
    slope: between(-4, 4),
    slopeSpread: between(0.3, 2.5),
    nib: between(0.92, 1.08),
    body: between(0.93, 1.07),
    place: between(0, 0.25),
    sinking: between(-0.6, 0.6),
    wobble: between(0, 0.06),
    ragged: between(0, 0.03),
    pools: between(0, 0.04),
    paling: between(0, 0.2),
    ink: between(0.8, 0.95),
  };
}

/** All of a job's bytes, the steps walked to their end. */
async function brought(steps: AsyncGenerator<Step, void>): Promise<Uint8Array[]> {
  const parts: Uint8Array[] = [];
  for await (const { bytes } of steps) parts.push(...bytes);
  return parts;
}

/** What is seen in a picture, and of its largest page. */
export interface LookedForTest extends Looked, Partial<LookedPage> {}

export const lookedAt = async (picture: Uint8Array): Promise<LookedForTest> => {
  const bytes = (await brought(lookSteps({ kind: 'look', picture }))).at(-1);
  const looked: Looked = JSON.parse(Buffer.from(bytes ?? []).toString());
  return { ...looked, ...looked.pages[0] };
};

export interface ReviewedForTest {
  /** What the pen that wrote most wrote; and what each did. */
  readonly measuring: Measuring;
  readonly measured: readonly Measuring[];
  readonly rings: number;
  readonly bent: number;
  readonly picture: Uint8Array;
}

/** Looks for the page and measures it, as the application does. */
export async function reviewedFrom(
  picture: Uint8Array,
  { page, code }: PrintedForTest<KeptPage>,
  looked?: LookedForTest,
): Promise<ReviewedForTest> {
  const { marks } = looked ?? (await lookedAt(picture));
  const [json, image] = await brought(
    reviewSteps({ kind: 'review', picture, page, code, marks, corners: undefined }),
  );
  const found = JSON.parse(Buffer.from(json ?? []).toString());
  return { ...found, measuring: found.measured[0], picture: image ?? new Uint8Array() };
}

export const taken = (
  { page, code }: PrintedForTest<KeptPage>,
  habits: Habits,
  shot: Shot,
  maker?: FaultMaker,
): Promise<Taken> => take(page, code, habits, shot, maker);
