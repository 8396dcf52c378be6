'use client';

import { X } from 'lucide-react';
import { USUAL } from '@/core/hand/letter';
import { withBlock } from '@/core/piece/edit';
import type { LaidLine } from '@/core/piece/laid';
import type { Block, Piece } from '@/core/piece/piece';
import { LIMITS } from '@/core/problem/limits';
import { lettersOf } from '@/core/type/placed';
import { touched } from '@/core/type/touch';
import { NumberField } from '../fields/NumberField';
import { Pick } from './fields';

/** The selected place: a line, and a letter of it. */
export interface Pointed {
  readonly line: LaidLine;
  /** Where the letter begins in the text of the block. */
  readonly at: number;
}

/** The line and the letter under a place on the page, in mm. */
export function pointedAt(lines: readonly LaidLine[], x: number, y: number): Pointed | undefined {
  const line = lines.find(
    ({ ink, number }) =>
      number >= 0 && x >= ink.left - 1 && x <= ink.right + 1 && y >= ink.top && y <= ink.bottom,
  );
  if (!line) return undefined;
  const first = line.words[0]?.at ?? 0;
  const letters = lettersOf(line.set).filter((letter) => line.x + letter.x * line.pen.unit <= x + 0.5);
  return { line, at: first + (letters.at(-1)?.at ?? 0) };
}

/** Manual changes to one line, one word and one letter; they stay with their letters when the text is broken again. */
export function TouchLine({
  pointed: { line, at },
  edit,
  onClose,
}: {
  pointed: Pointed;
  edit: (change: (piece: Piece) => Piece) => void;
  onClose: () => void;
}) {
  const { block, words, pen } = line;
  const [first] = words;
  if (!first) return null;
  const word = [...words].reverse().find((one) => one.at <= at) ?? first;
  const letter = lettersOf(line.set).find((one) => one.at === at - first.at);
  const text = letter?.cut.letter.text ?? '';
  const shapes = text ? pen.face.shapesOf(text) : [];
  const change = (next: (b: Block) => Block) => edit((p) => withBlock(p, block.id, next));
  const nudge = block.nudges.find((one) => words.some((w) => w.at === one.at)) ?? {
    at: first.at,
    x: 0,
    y: 0,
  };
  const setNudge = (next: Partial<typeof nudge>) =>
    change((b) => ({
      ...b,
      nudges: [...b.nudges.filter((one) => one.at !== nudge.at), { ...nudge, ...next }].filter(
        (one) => one.x !== 0 || one.y !== 0,
      ),
    }));
  const touchOf = (place: number) => block.touches.find((one) => one.at === place);
  return (
    <section aria-label="Changed by hand" className="remark space-y-2">
      <div className="flex items-start gap-2">
        <p className="flex-1 text-sm">“{words.map((one) => one.text).join(' ')}”</p>
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          aria-label="Done with this line"
          onClick={onClose}
        >
          <X size={14} aria-hidden />
        </button>
      </div>
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        <NumberField
          limit={LIMITS.nudge}
          label="Line, to the right"
          value={nudge.x}
          onCommit={(x) => setNudge({ x })}
        />
        <NumberField
          limit={LIMITS.nudge}
          label="Line, down"
          value={nudge.y}
          onCommit={(y) => setNudge({ y })}
        />
        {word !== first && (
          <NumberField
            limit={LIMITS.touchAlong}
            label={`White before “${word.text}”`}
            unit="of the body"
            value={touchOf(word.at)?.along ?? 0}
            onCommit={(along) =>
              change((b) => ({ ...b, touches: touched(b.touches, { at: word.at, along }) }))
            }
          />
        )}
      </div>
      {shapes.length > 1 && (
        <Pick
          name={`Shape of ${text}`}
          value={touchOf(at)?.shape ?? USUAL}
          choices={shapes.map(({ letter: { variant } }) => [variant, variant])}
          onPick={(shape) =>
            change((b) => ({
              ...b,
              touches: touched(b.touches, { at, shape: shape === USUAL ? undefined : shape }),
            }))
          }
        />
      )}
    </section>
  );
}
