import type { Lesson } from '../practice/lessons';

/** Smallest unit that is practised and scheduled. */
export const UNIT_KINDS = ['stroke', 'letter', 'join', 'rhythm', 'word'] as const;
export type UnitKind = (typeof UNIT_KINDS)[number];

/** A thing to practise in a hand. */
export interface Unit {
  /** `kind:of`; stable, since the memory is stored under it. */
  readonly key: string;
  readonly kind: UnitKind;
  /** The drill's id, the letter, the two letters, the text; of words the family whose letters they show. */
  readonly of: string;
  /** The family it is taught in. */
  readonly family: string;
  /** Keys of what must be known first. */
  readonly needs: readonly string[];
}

export const keyOf = (kind: UnitKind, of: string): string => `${kind}:${of}`;

/** The kind and the thing of a key. */
export function ofKey(key: string): { readonly kind: UnitKind; readonly of: string } | undefined {
  const [name, ...rest] = key.split(':');
  const kind = UNIT_KINDS.find((one) => one === name);
  return kind && { kind, of: rest.join(':') };
}

/** Letters of a rhythm strip: "nnonnonn" for n and o. */
const strip = (a: string, b: string): string => `${a}${a}${b}${a}${a}${b}${a}${a}`;

/**
 * Everything there is to practise in a hand, in the order it is taught: of each family its strokes, its letters, and, in the
 * letters words are written with, its rhythm, its joins with the families before it, and words that show it.
 */
export function curriculumOf(lessons: readonly Lesson[]): readonly Unit[] {
  const units = new Map<string, Unit>();
  const add = (kind: UnitKind, of: string, family: string, needs: readonly string[]) => {
    const key = keyOf(kind, of);
    if (!units.has(key)) units.set(key, { key, kind, of, family, needs });
  };
  const letter = (of: string) => keyOf('letter', of);
  const running = lessons[0]?.case;
  const before: string[] = [];
  for (const { family, letters, drill, case: of } of lessons) {
    add('stroke', drill, family, []);
    // Capitals and figures come when every family of the letters words are written with has been begun.
    const begun = of === running ? [] : before.map(letter);
    for (const one of letters) add('letter', one, family, [keyOf('stroke', drill), ...begun]);
    const [first, second = before[0]] = letters;
    if (of !== running || first === undefined) continue;
    if (second !== undefined) add('rhythm', strip(first, second), family, [letter(first), letter(second)]);
    for (const other of before) {
      add('join', `${other}${first}`, family, [letter(other), letter(first)]);
      add('join', `${first}${other}`, family, [letter(first), letter(other)]);
    }
    if (second !== undefined) add('word', family, family, [letter(first), letter(second)]);
    before.push(first);
  }
  return [...units.values()];
}
