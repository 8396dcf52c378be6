'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { asTyped } from '@/core/hand/hand';
import { capital, counted } from '@/core/measure/words';
import type { Ground } from '@/core/practice/ground';
import { lessonsOf } from '@/core/practice/lessons';
import { alikeInWords, lookAlikesOf } from '@/core/practice/words/select';
import { THEME_IDS, THEMES, type ThemeId } from '@/core/practice/words/themes';
import { handOf } from '@/core/setting/handOf';
import { Toggle } from '../fields/Choices';
import { OneOf } from '../fields/OneOf';
import { useNotice } from '../frame/notices';
import { Select } from './BandForm';
import { KnownLetters } from './KnownLetters';
import { OwnList } from './OwnList';
import type { Known } from './useKnown';
import { type PractiseWorker, Stopped } from './usePractiseWorker';
import { Working } from './Working';

/** Words found, and what they are good for. */
interface Found {
  readonly title: string;
  readonly remark: string;
  /** Each becomes a band of its own. */
  readonly texts: readonly string[];
  readonly as: 'word' | 'line';
}

/** Pairs and rich words shown at once. */
const MOST_FOUND = 12;
/** Words of a set have a rhythm from three letters on and stay readable on a line up to ten. */
const SHORTEST = 2;
const LONGEST = 12;

/** Words from what the scribe knows. */
export function WordsPanel({
  ground,
  known,
  onKnown,
  worker: { ask, stop },
  list,
  onList,
  onAdd,
}: {
  ground: Ground;
  known: Known;
  onKnown: (known: Known) => void;
  worker: PractiseWorker;
  /** The list the sheet has its words from. */
  list: string;
  onList: (id: string) => void;
  onAdd: (kind: 'word' | 'line', texts: readonly string[]) => void;
}) {
  const lessons = useMemo(() => lessonsOf(ground), [ground]);
  const [found, setFound] = useState<Found | null>(null);
  const [busy, setBusy] = useState(false);
  const [joins, setJoins] = useState(true);
  const [choice, setChoice] = useState(0);
  const [theme, setTheme] = useState<ThemeId>('sky');
  const [chosen, setChosen] = useState(0);
  const [join, setJoin] = useState('ou');
  const notice = useNotice();
  const hand = handOf(ground.recipe);
  // Letters that are not joined meet as pairs.
  const meeting = ground.recipe.writing.joined ? 'join' : 'pair';
  const alike = lookAlikesOf(hand);
  const letters = useMemo(() => asTyped(hand, known.letters), [hand, known.letters]);
  const stressed = useMemo(() => asTyped(hand, known.stressed), [hand, known.stressed]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: words found for other letters are not shown with these
  useEffect(() => setFound(null), [letters, stressed]);

  const find = async (work: () => Promise<Found>) => {
    setBusy(true);
    try {
      setFound(await work());
    } catch (error) {
      if (!(error instanceof Stopped)) notice.failed(error);
    } finally {
      setBusy(false);
    }
  };
  const cover = () =>
    find(async () => {
      const set = await ask('cover', {
        known: letters,
        stressed,
        joins,
        shortest: SHORTEST,
        longest: LONGEST,
      });
      const lacking =
        set.impossible.length > 0 ? ` No word of the list has ${set.impossible.join(' ')}.` : '';
      const what = joins ? `every letter you know and every ${meeting} of them` : 'every letter you know';
      return {
        title: `${capital(counted(set.words.length, 'word'))} ${set.words.length === 1 ? 'shows' : 'show'} ${what}`,
        remark: `As few words as possible.${lacking}`,
        texts: set.words,
        as: 'word',
      };
    });
  const alphabet = () =>
    find(async () => {
      const { words, lacking } = await ask('alphabet', { theme, known: letters, choice });
      setChoice(choice + 1);
      const none = lacking.length > 0 ? ` None for ${lacking.join(' ')} yet.` : '';
      return {
        title: `An alphabet of ${THEMES[theme].name}`,
        remark: `With the letters you know; ask again for others.${none}`,
        texts: words,
        as: 'word',
      };
    });
  const pangram = () =>
    find(async () => {
      const { text, whole, lacking } = await ask('pangram', { known: letters, choice });
      setChoice(choice + 1);
      const without = lacking.length > 0 ? ` No word has ${lacking.join(' ')}.` : '';
      return {
        title: whole ? 'A sentence with every letter' : 'Nearly a pangram',
        remark: whole
          ? 'Ask again for another.'
          : `The fewest words with all letters you know; no sentence has only these.${without}`,
        texts: text ? [text] : [],
        as: 'line',
      };
    });
  const minimal = () =>
    find(async () => {
      const pair = alike[chosen] ?? alike[0];
      const pairs = pair ? await ask('minimal', { known: letters, pair, most: MOST_FOUND }) : [];
      return {
        title: `One letter apart: ${pair ? alikeInWords(hand, pair) : ''}`,
        remark: 'Written carelessly, one reads as the other.',
        texts: pairs.map((words) => words.join(' ')),
        as: 'line',
      };
    });
  const rich = () =>
    find(async () => ({
      title: `Rich in “${join}”`,
      remark: 'The most frequent first.',
      texts: await ask('rich', { known: letters, join, most: MOST_FOUND }),
      as: 'word',
    }));

  const none = letters.length === 0;
  return (
    <div className="space-y-4">
      <KnownLetters lessons={lessons} known={known} onKnown={onKnown} />
      <section aria-labelledby="find-words" className="space-y-2">
        <h2 id="find-words" className="margin-heading">
          Real words made of these letters
        </h2>
        {none && <p className="text-sm">Mark the letters you know; words are then made of those alone.</p>}
        <fieldset disabled={none} className="space-y-2">
          <legend className="sr-only">Find words</legend>
          <div className="flex flex-wrap items-center gap-2">
            <button type="button" className="btn btn-primary btn-sm" onClick={() => void cover()}>
              A small set that shows all
            </button>
            <Toggle name={`with every ${meeting}`} on={joins} onSwitch={setJoins} />
          </div>
          <div className="flex flex-wrap items-center gap-1">
            <button type="button" className="btn btn-sm" onClick={() => void alphabet()}>
              Words A–Z of
            </button>
            <OneOf
              className="select select-sm w-40"
              label="Theme of the alphabet"
              value={theme}
              choices={THEME_IDS}
              nameOf={(id) => THEMES[id].name}
              onChoose={setTheme}
            />
            <button type="button" className="btn btn-sm" onClick={() => void pangram()}>
              Pangram
            </button>
          </div>
          {alike.length > 0 && (
            <div className="flex items-end gap-1">
              <Select
                name="Look-alikes"
                value={String(chosen)}
                options={alike.map((pair, i) => ({ value: String(i), name: alikeInWords(hand, pair) }))}
                onChoose={(at) => setChosen(Number(at))}
              />
              <button type="button" className="btn btn-sm" onClick={() => void minimal()}>
                Find pairs
              </button>
            </div>
          )}
          <form
            className="flex items-end gap-1"
            onSubmit={(event) => {
              event.preventDefault();
              if (join) void rich();
            }}
          >
            <label className="block text-sm">
              {capital(meeting)}, or any letters
              <input
                className="input input-sm block w-full"
                value={join}
                maxLength={6}
                onChange={(event) => setJoin(event.target.value.trim())}
              />
            </label>
            <button type="submit" className="btn btn-sm">
              Find words
            </button>
          </form>
        </fieldset>
        {busy && <Working what="Choosing words" onCancel={stop} />}
        {found && !busy && <FoundWords found={found} onAdd={onAdd} />}
      </section>
      <OwnList ground={ground} known={letters} list={list} ask={ask} onList={onList} />
    </div>
  );
}

function FoundWords({
  found: { title, remark, texts, as },
  onAdd,
}: {
  found: Found;
  onAdd: (kind: 'word' | 'line', texts: readonly string[]) => void;
}) {
  const section = useRef<HTMLElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: whatever is found next comes into sight as well
  useEffect(() => {
    section.current?.scrollIntoView({ block: 'nearest' });
  }, [title, texts]);
  return (
    <section
      ref={section}
      aria-live="polite"
      className="rounded border border-base-300 p-2"
      data-testid="found-words"
    >
      <h3 className="font-bold">{texts.length > 0 ? title : 'Nothing found'}</h3>
      <p className="text-sm opacity-80">
        {texts.length > 0 ? remark : 'The list has no such words of the letters you know.'}
      </p>
      <ul className="my-1 flex flex-wrap gap-1">
        {texts.map((text) => (
          <li key={text}>
            <button
              type="button"
              className="btn btn-xs h-auto py-0.5"
              title="Put it on the page"
              aria-label={`Put “${text}” on the page`}
              onClick={() => onAdd(as, [text])}
            >
              {text}
            </button>
          </li>
        ))}
      </ul>
      {texts.length > 1 && (
        <div className="flex flex-wrap gap-1">
          <button type="button" className="btn btn-sm" onClick={() => onAdd(as, texts)}>
            Put all on the page
          </button>
          {as === 'word' && (
            <button type="button" className="btn btn-sm" onClick={() => onAdd('line', inLines(texts))}>
              All as lines to copy
            </button>
          )}
        </div>
      )}
    </section>
  );
}

/** Longest text of a line band made from words: it is broken to the line, and must stay within a band. */
const LINE_TEXT = 150;

/** Words gathered into texts. */
function inLines(words: readonly string[]): string[] {
  const lines: string[] = [];
  for (const word of words) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + word.length < LINE_TEXT)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
