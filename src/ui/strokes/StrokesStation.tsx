'use client';

import { ChevronLeft, ChevronRight, Pause, Play } from 'lucide-react';
import { useMemo, useState } from 'react';
import { handById } from '@/core/hands/registry';
import { SCRIPTS } from '@/core/hands/scripts';
import type { Nib } from '@/core/kit/nib';
import { plain } from '@/core/measure/units';
import { anglesForThickness } from '@/core/pen/thickness';
import { recipeTypeface } from '@/core/sheet/draw/exemplar';
import { changeHand } from '@/core/sheet/edit';
import type { Recipe } from '@/core/sheet/recipe';
import { diagonalBalance, readStroke } from '@/core/type/letterReadings';
import { setLine } from '@/core/type/setLine';
import type { Cut, Typeface } from '@/core/type/typeface';
import { Toggle } from '../fields/Choices';
import { useNotice } from '../frame/notices';
import { call, download, sentenceOf } from '../lib/api';
import { useKeys } from '../rule/keys';
import { RefusedEdit } from '../rule/RefusedEdit';
import { Sentence } from '../rule/Sentence';
import { useSheet } from '../rule/useSheet';
import { describe, LetterKey, LetterView, VIEWS, type View, WrittenLine } from './LetterView';
import { strokeRemarks } from './strokeRemarks';
import { usePlay } from './usePlay';

/** Strokes: letters as strokes under a pen. */
export function StrokesStation({
  id,
  name,
  recipe: initial,
  drawer,
}: {
  id: string;
  name: string;
  recipe: Recipe;
  drawer: readonly Nib[];
}) {
  const sheet = useSheet(id, name, initial);
  const { recipe, edit } = sheet;
  const face = useMemo(() => recipeTypeface(recipe), [recipe]);
  return (
    <div className="flex h-full min-h-0 flex-col">
      <header className="border-base-300 border-b bg-base-100 px-6 pt-3 pb-2">
        <h1 className="sr-only">Strokes</h1>
        <Sentence recipe={recipe} edit={edit} drawer={drawer} />
        {sheet.refused && <RefusedEdit sheet={sheet} />}
      </header>
      {face ? (
        <Desk face={face} recipe={recipe} edit={edit} />
      ) : (
        <div className="m-auto max-w-md p-6 text-center">
          <p className="mb-3 text-lg">
            The letters of {handById(recipe.hand).name} are not drawn yet; its sheets can be ruled. Drawn so
            far:{' '}
            {Object.keys(SCRIPTS)
              .map((hand) => handById(hand as Recipe['hand']).name)
              .join(', ')}
            .
          </p>
          <button
            type="button"
            className="btn btn-primary"
            onClick={() => edit((r) => changeHand(r, 'italic'))}
          >
            Study Italic
          </button>
        </div>
      )}
    </div>
  );
}

const HALF = 0.5;

function Desk({
  face,
  recipe,
  edit,
}: {
  face: Typeface;
  recipe: Recipe;
  edit: (change: (recipe: Recipe) => Recipe) => void;
}) {
  const [character, setCharacter] = useState('a');
  const [view, setView] = useState<View>('ductus');
  const [held, setHeld] = useState(false);
  const [heldAngle, setHeldAngle] = useState(recipe.penAngle);
  const cut = (face.letters.get(character) ?? face.letters.values().next().value) as Cut;
  const pen = useMemo(
    () => (held ? { ...face.pen, angle: heldAngle, held: true } : face.pen),
    [face, held, heldAngle],
  );
  const play = usePlay(cut.strokes);
  useKeys({
    ' ': play.play,
    n: () => play.step(1),
    b: () => play.step(-1),
  });
  const choose = (next: string) => {
    setCharacter(next);
    play.reset();
  };
  return (
    <div className="flex min-h-0 flex-1 flex-col lg:flex-row">
      <Alphabet face={face} chosen={character} onChoose={choose} />
      <div className="flex min-h-0 min-w-0 flex-1">
        <div className="flex min-h-0 min-w-0 flex-1 flex-col">
          <div className="min-h-0 flex-1 bg-white p-2">
            <LetterView
              face={face}
              cut={cut}
              pen={pen}
              view={view}
              moment={play.moment}
              label={describe(cut, pen)}
            />
          </div>
          <Written face={face} pen={pen} recipe={recipe} edit={edit} />
          <div className="flex flex-wrap items-center gap-2 border-base-300 border-t bg-base-100 px-3 py-1 text-sm">
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              aria-label="Stroke before"
              aria-keyshortcuts="b"
              title="Stroke before (B)"
              onClick={() => play.step(-1)}
            >
              <ChevronLeft size={16} aria-hidden />
            </button>
            <button
              type="button"
              className="btn btn-primary btn-xs"
              aria-keyshortcuts="Space"
              title="Space"
              onClick={play.play}
            >
              {play.playing ? <Pause size={14} aria-hidden /> : <Play size={14} aria-hidden />}
              {play.playing ? 'Hold' : 'Play'}
            </button>
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              aria-label="Next stroke"
              aria-keyshortcuts="n"
              title="Next stroke (N)"
              onClick={() => play.step(1)}
            >
              <ChevronRight size={16} aria-hidden />
            </button>
            <input
              type="range"
              className="range range-xs w-28"
              aria-label="Along the letter"
              min={0}
              max={1}
              step={0.005}
              value={play.share}
              onChange={(event) => play.scrub(Number(event.target.value))}
            />
            <label className="flex items-center gap-1">
              Speed
              <select
                className="select select-xs w-auto"
                value={play.speed}
                onChange={(event) => play.setSpeed(Number(event.target.value))}
              >
                {[0.5, 1, 2].map((speed) => (
                  <option key={speed} value={speed}>
                    ×{speed}
                  </option>
                ))}
              </select>
            </label>
            <fieldset className="ml-auto flex gap-1">
              <legend className="sr-only">View</legend>
              {VIEWS.map((candidate) => (
                <button
                  key={candidate}
                  type="button"
                  aria-pressed={view === candidate}
                  className={`btn btn-xs ${view === candidate ? '' : 'btn-ghost'}`}
                  onClick={() => setView(candidate)}
                >
                  {candidate}
                </button>
              ))}
            </fieldset>
          </div>
        </div>
        <aside
          aria-label="Margin"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must be reachable by keyboard
          tabIndex={0}
          className="w-60 shrink-0 space-y-4 overflow-y-auto border-base-300 border-l bg-base-100 px-4 py-3 lg:w-72"
        >
          <StrokeList cut={cut} pen={pen} nib={recipe.width} />
          <section aria-labelledby="turn">
            <h2 id="turn" className="margin-heading">
              Turn the pen
            </h2>
            <Toggle name="Hold one angle throughout" on={held} onSwitch={setHeld} />
            <label className="block text-sm">
              At {plain(heldAngle)}°
              <input
                type="range"
                className="range range-xs block w-full"
                aria-label="Held pen angle"
                min={0}
                max={90}
                step={1}
                value={heldAngle}
                onChange={(event) => {
                  setHeldAngle(Number(event.target.value));
                  setHeld(true);
                }}
              />
            </label>
            {held &&
              strokeRemarks(cut, face.pen, pen).map((text) => (
                <p key={text} className="remark remark-caution mt-2 text-sm">
                  {text}
                </p>
              ))}
          </section>
          <Balance cut={cut} face={face} />
        </aside>
      </div>
    </div>
  );
}

function Alphabet({
  face,
  chosen,
  onChoose,
}: {
  face: Typeface;
  chosen: string;
  onChoose: (character: string) => void;
}) {
  const families = new Map<string, Cut[]>();
  for (const cut of face.letters.values()) {
    families.set(cut.letter.family, [...(families.get(cut.letter.family) ?? []), cut]);
  }
  return (
    <nav
      aria-label="Alphabet"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must be reachable by keyboard
      tabIndex={0}
      className="flex shrink-0 gap-3 overflow-x-auto border-base-300 border-b bg-base-100 p-2 lg:block lg:w-44 lg:overflow-x-visible lg:overflow-y-auto lg:border-r lg:border-b-0"
    >
      {[...families].map(([family, cuts]) => (
        <div key={family} className="shrink-0 lg:mb-2">
          <h2 className="text-sm">{family}</h2>
          <div className="flex lg:flex-wrap">
            {cuts.map((cut) => {
              const { text } = cut.letter;
              return (
                <button
                  key={text}
                  type="button"
                  aria-label={`Letter ${text}`}
                  aria-pressed={text === chosen}
                  className={`rounded ${text === chosen ? 'bg-base-300' : 'hover:bg-base-200'}`}
                  onClick={() => onChoose(text)}
                >
                  <LetterKey face={face} cut={cut} />
                </button>
              );
            })}
          </div>
        </div>
      ))}
    </nav>
  );
}

/** The strokes as a teacher would say them, with what the edge makes of each. */
function StrokeList({ cut, pen, nib }: { cut: Cut; pen: Typeface['pen']; nib: number }) {
  const [asked, setAsked] = useState<string | null>(null);
  return (
    <section aria-labelledby="strokes">
      <h2 id="strokes" className="margin-heading">
        {cut.letter.text}, stroke by stroke
      </h2>
      <ol className="mt-1 space-y-2 text-sm">
        {cut.strokes.map((stroke, i) => {
          const reading = readStroke(pen, stroke);
          const [from, to] = reading.angles.map((angle) => plain(angle, 0));
          const key = `${cut.letter.text} ${i}`;
          const [flatter, steeper] = anglesForThickness(reading.direction, reading.middle * HALF);
          const nearest = [flatter, steeper].reduce((a, b) =>
            Math.abs(a - reading.angles[0]) <= Math.abs(b - reading.angles[0]) ? a : b,
          );
          return (
            <li key={key}>
              <strong>
                {i + 1}. {stroke.name}
              </strong>{' '}
              <span className="tabular-nums">
                at {from}°{from === to ? '' : ` turning to ${to}°`}, {plain(reading.middle)} nw (
                {plain(reading.middle * nib)} mm)
              </span>
              {stroke.remark && <span className="block">{stroke.remark}</span>}
              <button
                type="button"
                className="btn btn-ghost btn-xs -ml-2"
                aria-expanded={asked === key}
                onClick={() => setAsked(asked === key ? null : key)}
              >
                Half as heavy?
              </button>
              {asked === key && (
                <span className="remark block" role="status">
                  Hold the pen at {plain(nearest, 0)}° for it: {plain(reading.middle * HALF)} nw.
                </span>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

/** For letters without a stroke on the slope: whether their diagonals lean evenly about it. */
function Balance({ cut, face }: { cut: Cut; face: Typeface }) {
  const pairs = diagonalBalance(cut.strokes, face.slope, face.zones.body);
  if (pairs.length === 0 || !/^[vwxyAVWMNXY]$/.test(cut.letter.text)) return null;
  return (
    <section aria-labelledby="balance">
      <h2 id="balance" className="margin-heading">
        Diagonal balance
      </h2>
      {pairs.map(({ first, second, deviation }) => (
        <p key={`${first} ${second}`} className="text-sm tabular-nums">
          {plain(first, 1)}° and {plain(second, 1)}°: their bisector is {plain(Math.abs(deviation), 1)}° off
          the slope
          {Math.abs(deviation) < 1 ? ': it stands on it.' : '.'}
        </p>
      ))}
    </section>
  );
}

const FORMATS = ['pdf', 'svg', 'png'] as const;

/** Any text in the hand, on the sheet's own ruling. */
function Written({
  face,
  pen,
  recipe,
  edit,
}: {
  face: Typeface;
  pen: Typeface['pen'];
  recipe: Recipe;
  edit: (change: (recipe: Recipe) => Recipe) => void;
}) {
  const [text, setText] = useState(recipe.exemplar || 'aurora over the dome');
  const set = useMemo(() => setLine(face, text), [face, text]);
  const letters = set.placed.filter((item) => item.kind === 'letter');
  const notice = useNotice();
  const save = async (format: (typeof FORMATS)[number]) => {
    try {
      const written = { ...recipe, exemplar: text };
      const response = await call(`/api/render?format=${format}&dpi=300`, { method: 'POST', json: written });
      download(await response.blob(), `written.${format}`);
    } catch (error) {
      notice({ tone: 'problem', text: sentenceOf(error) });
    }
  };
  return (
    <section aria-label="Write anything" className="border-base-300 border-t bg-base-100">
      <div className="h-28 bg-white px-2">
        <WrittenLine face={face} pen={pen} placed={letters} width={set.width} left={set.left} />
      </div>
      <div className="flex flex-wrap items-center gap-2 px-3 py-1 text-sm">
        <input
          className="input input-sm w-56 max-w-full"
          aria-label="Text to write"
          value={text}
          maxLength={120}
          onChange={(event) => setText(event.target.value)}
        />
        <span className="tabular-nums">{plain(set.width * recipe.width, 1)} mm long</span>
        {set.missing.length > 0 && (
          <span role="status" className="remark remark-caution">
            No letter yet for {set.missing.join(' ')}
          </span>
        )}
        <span className="ml-auto flex gap-1">
          {FORMATS.map((format) => (
            <button key={format} type="button" className="btn btn-xs" onClick={() => void save(format)}>
              {format.toUpperCase()}
            </button>
          ))}
          <button
            type="button"
            className="btn btn-xs"
            disabled={text === recipe.exemplar}
            onClick={() => edit((r) => ({ ...r, exemplar: text }))}
          >
            Keep on the sheet
          </button>
        </span>
      </div>
    </section>
  );
}
