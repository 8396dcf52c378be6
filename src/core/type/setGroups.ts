import type { Script } from '../hand/script';
import type { NibWidths } from '../measure/units';
import { type Dotted, placeDots } from './dots';
import type { Typeface } from './face';
import type { Chosen, Off, Placed, PlacedInk, SetLine } from './placed';
import { type Profile, ROW } from './profile';
import { closeness } from './spacing';

/**
 * White between words over the widest white inside one of them, so that a reader sees where a word ends: two and a half times (common
 * teaching value), and a sixth more because whites are compared by rows of ink, which find them a little wide.
 */
const WORDS_APART = 2.9;

/**
 * Sets words whose letters join at their ports: inside a group the entry of each letter is laid on the exit of the one
 * before, across and up (offᵢ₊₁ = offᵢ + exitᵢ − entryᵢ₊₁), and the last of the group stands on the line. Groups
 * follow each other by rows of ink, tucked into each other as far as the hand allows, and moved where their first letter
 * was by hand; dots come last, clear of all ink.
 */
export function setGroups(
  face: Typeface,
  { groupGap, wordGap, overlap, wordOverlap = overlap }: NonNullable<Script['byPorts']>,
  words: readonly (readonly Chosen[])[],
): SetLine {
  const line: Group[] = [];
  const missing = new Set(words.flat().flatMap((one) => (one.cut ? [] : [one.text])));
  const grouped = words.map(groupsOf);
  const inside = { gap: groupGap, overlap };
  const widest = grouped.flatMap((groups) =>
    groups.slice(1).map((group, i) => whiteBetween([groups[i] as Group], group, inside, face.rightToLeft)),
  );
  // What was asked for beyond the hand's own word space.
  const more = face.wordSpace - face.script.spacing.wordSpace * face.zones.body;
  const between = {
    gap: more + Math.max(wordGap, WORDS_APART * Math.max(0, ...widest)),
    overlap: wordOverlap - more,
  };
  for (const groups of grouped) {
    for (const [i, group] of groups.entries()) {
      line.push(placedAfter(line, group, i === 0 ? between : inside, face.rightToLeft));
    }
  }
  const ink = line.flatMap(({ letters }) => letters);
  const dotted: Dotted[] = ink.flatMap(({ cut, x, y }) =>
    (cut.letter.dots ?? []).map((dots) => ({ ...dots, x: dots.x + x, y: dots.y + y })),
  );
  const placed: readonly PlacedInk[] = [...ink, ...placeDots(face, ink, dotted)];
  const left = Math.min(...placed.map(({ cut, x }) => x + cut.profile.minimum));
  const right = Math.max(...placed.map(({ cut, x }) => x + cut.profile.maximum));
  const atLeft: Placed[] = placed.map((item) => ({ ...item, x: item.x - left }));
  return { placed: atLeft, width: placed.length > 0 ? right - left : 0, left: 0, missing: [...missing] };
}

/** Joined letters in their places, and the sides of all of them together. */
interface Group {
  readonly off: Off;
  readonly letters: readonly PlacedInk[];
  readonly profile: Profile;
}

/** The joined groups of a word, each with its last letter on the line, its first at the origin. */
function groupsOf(word: readonly Chosen[]): Group[] {
  const groups: { readonly off: Off; readonly letters: PlacedInk[] }[] = [];
  for (const chosen of word) {
    if (!chosen.cut) continue;
    const { cut, off, at } = chosen;
    const last = groups.at(-1)?.letters.at(-1);
    const { exit } = last?.cut.letter ?? {};
    const { entry } = cut.letter;
    if (last && exit && entry) {
      groups.at(-1)?.letters.push({
        kind: 'letter',
        cut,
        at,
        x: last.x + exit.x - entry.x,
        y: last.y + exit.y - entry.y,
      });
    } else groups.push({ off, letters: [{ kind: 'letter', cut, at, x: 0, y: 0 }] });
  }
  return groups.map(({ off, letters }) => {
    const foot = (letters.at(-1)?.y ?? 0) - off.rise;
    const onLine = letters.map((letter) => ({ ...letter, y: letter.y - foot }));
    return { off, letters: onLine, profile: united(onLine) };
  });
}

/** What groups keep apart, and how far one may reach over the other. */
interface Apart {
  readonly gap: NibWidths;
  readonly overlap: NibWidths;
}

/** The sides of what stands left and of what stands right, and the distance at which they stand. */
function standing(line: readonly Group[], { profile }: Group, { gap, overlap }: Apart, rightToLeft: boolean) {
  const all = united(line.flatMap(({ letters }) => letters));
  const [left, right] = rightToLeft ? [profile, all] : [all, profile];
  return {
    left,
    right,
    apart: Math.max(gap - closeness(left, right), left.maximum - right.minimum - overlap),
  };
}

/** White between groups where they come nearest to each other. */
function whiteBetween(line: readonly Group[], group: Group, wanted: Apart, rightToLeft: boolean): NibWidths {
  const { left, right, apart } = standing(line, group, wanted, rightToLeft);
  return apart + closeness(left, right);
}

/** Moves a group to its place after the groups before it. */
function placedAfter(line: readonly Group[], group: Group, wanted: Apart, rightToLeft: boolean): Group {
  if (line.length === 0) return group;
  const { apart } = standing(line, group, wanted, rightToLeft);
  const { off } = group;
  const dx = rightToLeft ? -apart - off.along : apart + off.along;
  const letters = group.letters.map((letter) => ({ ...letter, x: letter.x + dx }));
  return { off, letters, profile: united(letters) };
}

/** The sides of several letters in their places. */
function united(letters: readonly PlacedInk[]): Profile {
  const [first] = letters;
  const base = (first as PlacedInk).cut.profile;
  const left = base.left.map(() => Number.NaN);
  const right = base.right.map(() => Number.NaN);
  for (const { cut, x, y } of letters) {
    const up = Math.round(y / ROW);
    for (let row = 0; row < left.length; row++) {
      const [l, r] = [cut.profile.left[row - up], cut.profile.right[row - up]];
      if (l === undefined || r === undefined || Number.isNaN(l)) continue;
      if (!((left[row] as number) <= l + x)) left[row] = l + x;
      if (!((right[row] as number) >= r + x)) right[row] = r + x;
    }
  }
  return {
    foot: base.foot,
    left,
    right,
    minimum: Math.min(...letters.map(({ cut, x }) => x + cut.profile.minimum)),
    maximum: Math.max(...letters.map(({ cut, x }) => x + cut.profile.maximum)),
  };
}
