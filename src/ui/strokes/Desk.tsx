'use client';

import dynamic from 'next/dynamic';
import { useCallback, useDeferredValue, useEffect, useMemo, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { lookUp } from '@/core/measure/lookUp';
import { plain, tanDeg } from '@/core/measure/units';
import type { WritingPen } from '@/core/pen/pen';
import { handOf } from '@/core/setting/handOf';
import { letterUnit, recipeTypeface } from '@/core/setting/settingFace';
import type { Cut } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import { measureLetter } from '@/core/type/letterMeasures';
import { diagonalBalance } from '@/core/type/letterReadings';
import { Toggle } from '../fields/Choices';
import { Tabs } from '../fields/Tabs';
import { useLetterSet } from '../frame/LetterSets';
import { useKeys } from '../sheet/keys';
import { SidePanel } from '../sheet/SidePanel';
import { Alphabet } from './Alphabet';
import { compared, comparisons } from './compare';
import { BLEND, describe, LetterView, VIEWS, type View } from './LetterView';
import { keepLetter, lastLetter } from './lastLetter';
import type { LetterUnit } from './letterUnit';
import { BalanceMarks, DimensionMarks } from './Marks';
import { PlayBar } from './PlayBar';
import { isBalanced, Proportions } from './Proportions';
import { SeriesView } from './SeriesView';
import { Shapes } from './Shapes';
import { StrokeList } from './StrokeList';
import { SERIES, seriesFor, seriesOf } from './series';
import { TurnPen } from './TurnPen';
import { useDraft } from './useDraft';
import { usePlay } from './usePlay';
import { Weight } from './Weight';
import { WriteAnything } from './WriteAnything';

/** Asks the bench, whose schemas nothing else on the desk needs. */
const BlendColours = dynamic(() => import('./BlendColours').then(({ BlendColours }) => BlendColours));

const TABS = ['Strokes', 'Pen', 'Weight', 'Measures', 'Shapes'] as const;
type Tab = (typeof TABS)[number];

const GROUPS = { angle: 'Angle', shape: 'Shape', school: 'School', letter: 'Letter' } as const;

/** The letter at hand: the shape chosen for it, else the one the face writes. */
const shapeOf = (face: Typeface, text: string): Cut => {
  const choice = lookUp(face.chosen, text);
  return (
    face.shapes.get(text)?.find(({ letter }) => letter.variant === choice) ??
    face.letters.get(text) ??
    (face.letters.values().next().value as Cut)
  );
};

/** One letter at a time: alphabet, letter, and the margin with all there is to say about it. */
export function Desk({
  recipe,
  edit,
}: {
  recipe: Recipe;
  edit: (change: (recipe: Recipe) => Recipe) => void;
}) {
  const { set } = useLetterSet(recipe.hand);
  const { shown, preview, commit } = useDraft(recipe, edit);
  const face = useMemo(() => recipeTypeface(shown, { own: set.letters }), [shown, set]) as Typeface;
  const [character, setCharacter] = useState('a');
  // Whoever comes back finds the letter they were at.
  useEffect(() => {
    const last = lastLetter(recipe.hand);
    if (last) setCharacter(last);
  }, [recipe.hand]);
  const [view, setView] = useState<View>('ductus');
  const [tab, setTab] = useState<Tab>('Strokes');
  const [held, setHeld] = useState(false);
  const [heldAngle, setHeldAngle] = useState(recipe.penAngle || 45);
  const [other, setOther] = useState('');
  const [over, setOver] = useState(true);
  const cut = shapeOf(face, character);
  const pen: WritingPen = useMemo(
    () => (held && face.pen.kind === 'broad' ? { ...face.pen, angle: heldAngle, held: true } : face.pen),
    [face, held, heldAngle],
  );
  const play = usePlay(cut.strokes);
  useKeys([
    { shown: 'Space', does: 'play the letter', actions: { ' ': play.play } },
    {
      shown: 'N  B',
      does: 'the next stroke, the one before',
      actions: { n: () => play.step(1), b: () => play.step(-1) },
    },
  ]);
  const { reset } = play;
  const choose = useCallback(
    (next: string) => {
      setCharacter(next);
      keepLetter(recipe.hand, next);
      reset();
    },
    [reset, recipe.hand],
  );
  const [blend, setBlend] = useState(BLEND);
  const hand = handOf(recipe);
  const unit: LetterUnit = { mm: letterUnit(shown), said: hand.unit };
  const options = comparisons(shown, face, cut, heldAngle);
  const second = other ? compared(other, shown, face, cut, heldAngle, set.letters) : undefined;
  const series = useMemo(
    () => seriesOf(other, shown, character, set.letters),
    [other, shown, character, set],
  );
  const label = describe(cut, pen, recipe.slope);
  const resting = useDeferredValue(face);
  return (
    <div className="flex min-h-0 min-w-0 flex-1 flex-col lg:flex-row">
      <Alphabet face={resting} chosen={character} onChoose={choose} />
      <div className="flex min-h-0 min-w-0 flex-1 max-sm:flex-col">
        <div className="flex min-h-0 min-w-0 flex-1 flex-col max-sm:overflow-y-auto">
          <div className="flex min-h-0 flex-1 bg-white p-2 max-sm:h-[42dvh] max-sm:flex-none">
            {series.length > 1 && (
              <div className="min-w-0 flex-1">
                <SeriesView letters={series} over={over} />
              </div>
            )}
            <div className={series.length > 1 ? 'hidden' : 'min-w-0 flex-1'}>
              <LetterView
                face={face}
                cut={cut}
                pen={pen}
                view={view}
                moment={play.moment}
                label={label}
                overlay={over ? second : undefined}
                blend={blend}
              >
                {tab === 'Measures' && (
                  <>
                    <DimensionMarks
                      measures={measureLetter(face, pen, cut)}
                      body={face.zones.body}
                      lean={tanDeg(face.slope)}
                      unit={unit}
                    />
                    {isBalanced(face, cut.letter.text) && (
                      <BalanceMarks
                        pairs={diagonalBalance(cut.strokes, face.slope, face.zones.body)}
                        slope={face.slope}
                        body={face.zones.body}
                      />
                    )}
                  </>
                )}
              </LetterView>
            </div>
            {second && !over && (
              <div className="min-w-0 flex-1">
                <LetterView
                  face={second.face}
                  cut={second.cut}
                  pen={second.pen}
                  view={view}
                  label={`Compared with: ${second.name}. ${describe(second.cut, second.pen, recipe.slope)}`}
                />
              </div>
            )}
          </div>
          <WriteAnything face={face} pen={pen} recipe={shown} edit={edit} unit={unit} own={set.letters} />
          <PlayBar
            play={play}
            view={view}
            views={VIEWS.filter(
              (name) =>
                (name !== 'two points' || hand.tool === 'broad') &&
                (name !== 'in dots' || hand.basis === 'dots') &&
                (name !== 'two colours' || hand.tool === 'brush'),
            )}
            onView={setView}
          >
            {view === 'two colours' && <BlendColours blend={blend} onChange={setBlend} />}
            <label className="flex items-center gap-1">
              Beside
              <select
                className="select select-xs w-28"
                value={second || series.length > 1 ? other : ''}
                onChange={(event) => setOther(event.target.value)}
              >
                <option value="">nothing</option>
                {seriesFor(shown).map((id) => (
                  <option key={id} value={id}>
                    {SERIES[id]}
                  </option>
                ))}
                {Object.entries(GROUPS).map(([group, name]) => {
                  const members = options.filter((option) => option.group === group);
                  return members.length === 0 ? null : (
                    <optgroup key={group} label={name}>
                      {members.map((option) => (
                        <option key={option.id} value={option.id}>
                          {option.name}
                        </option>
                      ))}
                    </optgroup>
                  );
                })}
              </select>
            </label>
            {(second || series.length > 1) && <Toggle name="overlaid" on={over} onSwitch={setOver} />}
          </PlayBar>
        </div>
        <SidePanel holds="Strokes, pen, weight, shapes" className="sm:w-60 lg:w-76" scrolls={false}>
          <Tabs
            name="About this letter"
            tabs={TABS}
            value={tab}
            onChoose={setTab}
            className="px-2 text-sm"
            panelClassName="min-h-0 flex-1 space-y-4 overflow-y-auto px-4 py-3"
          >
            {tab === 'Strokes' && <StrokeList cut={cut} pen={pen} unit={unit} current={play.moment.stroke} />}
            {tab === 'Pen' && (
              <TurnPen
                recipe={recipe}
                face={face}
                pen={pen}
                cut={cut}
                held={held}
                heldAngle={heldAngle}
                onHold={setHeld}
                onHoldAngle={(angle) => {
                  setHeldAngle(angle);
                  setHeld(true);
                }}
                preview={preview}
                commit={commit}
                unit={unit}
              />
            )}
            {tab === 'Weight' && <Weight cut={cut} pen={pen} unit={unit} slope={face.slope} />}
            {tab === 'Measures' && <Proportions cut={cut} face={face} pen={pen} unit={unit} />}
            {tab === 'Shapes' && <Shapes recipe={recipe} edit={edit} face={face} cut={cut} />}
            {held && tab === 'Strokes' && face.pen.kind === 'broad' && (
              <p className="remark text-sm">
                Held at {plain(heldAngle, 0)}° throughout; the hand’s own turns are left out.
              </p>
            )}
          </Tabs>
        </SidePanel>
      </div>
    </div>
  );
}
