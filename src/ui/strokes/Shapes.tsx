'use client';

import { Download, Upload } from 'lucide-react';
import { useRef } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { type Context, USUAL } from '@/core/hand/letter';
import { handById } from '@/core/hands/registry';
import { lookUp } from '@/core/measure/lookUp';
import { Problem } from '@/core/problem/problem';
import type { LetterSet } from '@/core/setting/letterSet';
import { LETTER_SET_LIMITS } from '@/core/setting/letterSetFormat';
import { asOwn } from '@/core/setting/ownLetters';
import type { Cut } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import { Toggle } from '../fields/Choices';
import { useLetterSet } from '../frame/LetterSets';
import { useNotice } from '../frame/notices';
import { askServer, downloadJson } from '../lib/api';
import { LetterKey } from './LetterView';

type Change = (recipe: Recipe) => Recipe;

/** Where only a shape stands; nothing of one that may stand anywhere. */
function place(context: Context | undefined): string | undefined {
  if (context === undefined || context === 'anywhere') return undefined;
  if (typeof context === 'object' && 'form' in context) return `in ${context.form} place`;
  if (typeof context === 'object')
    return 'before' in context ? `before ${context.before}` : `after ${[...context.after].join(', ')}`;
  return {
    'word-start': 'at the start of a word',
    'word-end': 'at the end of a word',
    'line-end': 'at the end of a line',
  }[context];
}

/** The shapes of a letter to choose from; the scribe's own default set, in and out; letters of one's own. */
export function Shapes({
  recipe,
  edit,
  face,
  cut,
}: {
  recipe: Recipe;
  edit: (change: Change) => void;
  face: Typeface;
  cut: Cut;
}) {
  const { set, keep } = useLetterSet(recipe.hand);
  const notice = useNotice();
  const file = useRef<HTMLInputElement>(null);
  const { writing } = recipe;
  const { text } = cut.letter;
  const shapes = face.shapesOf(text);
  const hasLigatures = [...face.shapes.keys()].some((key) => [...key].length > 1);

  const choose = (variant: string) =>
    edit((r) => {
      const { [text]: _, ...others } = r.writing.variants;
      const variants = variant === USUAL ? others : { ...others, [text]: variant };
      return { ...r, writing: { ...r.writing, variants } };
    });
  const store = async (next: LetterSet, done: string) => {
    const before = set;
    try {
      const put = async (made: LetterSet, was: LetterSet) => {
        keep(await askServer('PUT /api/letters/{}', { id: made.hand, json: { set: made, was } }));
      };
      await put(next, before);
      notice({
        tone: 'done',
        text: done,
        undo: () => put(before, next),
      });
    } catch (error) {
      notice.failed(error);
    }
  };
  const save = (saved: LetterSet, name: string) => downloadJson(saved, name);
  const read = async (chosen: File) => {
    try {
      if (chosen.size > LETTER_SET_LIMITS.bytes) {
        throw new Problem(
          'file',
          `“${chosen.name}” is larger than ${LETTER_SET_LIMITS.bytes / 1024} kB, the most a letter set may be.`,
        );
      }
      const { readLetterSet } = await import('@/core/setting/letterSet');
      const next = readLetterSet(await chosen.text());
      if (next.hand !== recipe.hand) {
        throw new Problem(
          'hand',
          `This set is for ${handById(next.hand).name}. Choose that hand in the sentence above, then open it again.`,
        );
      }
      // Shapes chosen already stay, but where the set chooses otherwise.
      const variants = { ...writing.variants, ...next.variants };
      await store({ ...next, variants }, `Opened a set with ${count(next)}.`);
      edit((r) => ({ ...r, writing: { ...r.writing, variants } }));
    } catch (error) {
      notice.failed(error);
    }
  };
  const exported = (): LetterSet => ({ ...set, variants: writing.variants });

  return (
    <section aria-labelledby="shapes" className="space-y-3">
      <h2 id="shapes" className="margin-heading">
        Shapes of {text}
      </h2>
      <fieldset>
        <legend className="sr-only">Shape of {text} to write</legend>
        {shapes.map((shape) => (
          <label
            key={shape.letter.variant}
            className="flex cursor-pointer items-center gap-2 rounded px-1 hover:bg-base-200"
          >
            <input
              type="radio"
              name="shape"
              className="radio radio-xs"
              checked={shape.letter.variant === (lookUp(writing.variants, text) ?? USUAL)}
              onChange={() => choose(shape.letter.variant)}
            />
            <LetterKey face={face} cut={shape} />
            <span className="text-sm">
              {shape.letter.variant === USUAL ? 'the usual shape' : shape.letter.variant}
              <span className="block opacity-80">{place(shape.letter.context)}</span>
            </span>
          </label>
        ))}
      </fieldset>
      <Toggle
        name={hasLigatures ? 'Joined, with ligatures' : 'Joined'}
        on={writing.joined}
        onSwitch={(joined) => edit((r) => ({ ...r, writing: { ...r.writing, joined } }))}
      />
      <Toggle
        name="Let shapes take turns"
        on={writing.mixed}
        onSwitch={(mixed) => edit((r) => ({ ...r, writing: { ...r.writing, mixed } }))}
      />
      <h3 className="font-bold text-sm">Your set for {handById(recipe.hand).name}</h3>
      <p className="text-sm">
        {count(set)}. New sheets in this hand begin with it; this sheet has {chosenIn(writing.variants)}.
      </p>
      <div className="flex flex-wrap gap-1">
        <button
          type="button"
          className="btn btn-xs"
          onClick={() => void store(exported(), 'These shapes are now your default.')}
        >
          Make these shapes my default
        </button>
        <button
          type="button"
          className="btn btn-xs"
          onClick={() => edit((r) => ({ ...r, writing: { ...r.writing, variants: set.variants } }))}
        >
          Use my default here
        </button>
        <button
          type="button"
          className="btn btn-xs"
          onClick={() => save(exported(), `${recipe.hand}-letters.json`)}
        >
          <Download size={13} aria-hidden /> Save set as JSON
        </button>
        <button type="button" className="btn btn-xs" onClick={() => file.current?.click()}>
          <Upload size={13} aria-hidden /> Open set
        </button>
        <input
          ref={file}
          type="file"
          accept="application/json,.json"
          className="sr-only"
          tabIndex={-1}
          aria-label="Letter set to open"
          onChange={(event) => {
            const chosen = event.target.files?.[0];
            event.target.value = '';
            if (chosen) void read(chosen);
          }}
        />
        <button
          type="button"
          className="btn btn-xs"
          onClick={() =>
            save(
              { ...set, variants: {}, letters: [asOwn(cut.letter, 'mine', face.measures)] },
              `my-${/^[a-z0-9]+$/i.test(text) ? text : 'letter'}.json`,
            )
          }
        >
          <Download size={13} aria-hidden /> This letter as a start for my own
        </button>
        {set.letters.length > 0 && (
          <button
            type="button"
            className="btn btn-xs"
            onClick={() => void store({ ...set, letters: [] }, 'Your own letters are put away.')}
          >
            Put my own letters away
          </button>
        )}
      </div>
    </section>
  );
}

const plural = (n: number, what: string) => `${n} ${what}${n === 1 ? '' : 's'}`;
const chosenIn = (variants: Readonly<Record<string, string>>) =>
  `${plural(Object.keys(variants).length, 'chosen shape')}`;
const count = (set: LetterSet) =>
  `${chosenIn(set.variants)} and ${plural(set.letters.length, 'letter')} of your own`;
