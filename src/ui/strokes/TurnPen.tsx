import type { Recipe } from '@/core/document/recipe';
import { isPressed } from '@/core/hand/hand';
import { plain } from '@/core/measure/units';
import { amount } from '@/core/measure/words';
import type { WritingPen } from '@/core/pen/pen';
import { LIMITS } from '@/core/problem/limits';
import { bodyHeight } from '@/core/setting/bodyHeight';
import { handOf } from '@/core/setting/handOf';
import { pin } from '@/core/sheet/solve';
import type { Cut } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import { measureLetter } from '@/core/type/letterMeasures';
import { Toggle } from '../fields/Choices';
import { Slider } from '../fields/Slider';
import { EndingsChoice } from '../sheet/EndingsChoice';
import { WhiteSliders } from '../sheet/WhiteSliders';
import { inUnit, type LetterUnit, onPaper } from './letterUnit';
import { strokeRemarks } from './strokeRemarks';

type Change = (recipe: Recipe) => Recipe;

/** Ranges to try things out in: wider than usual, so that what is wrong can be seen, and always drawable. */
const TRY = { width: { low: 0.5, high: 8 }, body: { low: 3, high: 8 }, bodyMm: { low: 3, high: 18 } };
const TRY_SHADE = {
  pointed: { low: 0.2, high: 2.4 },
  brush: { low: 0.6, high: 4 },
  monoline: { low: 0.2, high: 2.4 },
};
/** Distance, in degrees, beyond the usual range within which slants can be tried. */
const BEYOND = 5;

/** Sliders that change the pen and the hand, and what they do to this letter. */
export function TurnPen({
  recipe,
  face,
  pen,
  cut,
  held,
  heldAngle,
  onHold,
  onHoldAngle,
  preview,
  commit,
  unit,
}: {
  recipe: Recipe;
  face: Typeface;
  pen: WritingPen;
  cut: Cut;
  held: boolean;
  heldAngle: number;
  onHold: (held: boolean) => void;
  onHoldAngle: (angle: number) => void;
  preview: (change: Change) => void;
  commit: (change: Change) => void;
  unit: LetterUnit;
}) {
  const hand = handOf(recipe);
  const edge = hand.tool === 'broad';
  const pressed = isPressed(hand);
  const { low: leastSlope, high: mostSlope } = hand.slope.range;
  const slider = (
    name: string,
    value: number,
    range: { low: number; high: number },
    step: number,
    shown: (value: number) => string,
    change: (value: number) => Change,
  ) => (
    <Slider
      key={name}
      name={name}
      value={value}
      {...range}
      step={step}
      shown={shown}
      onDrag={(next) => preview(change(next))}
      onLetGo={(next) => commit(change(next))}
    />
  );
  const measures = measureLetter(face, pen, cut);
  const mm = (value: number) => `${inUnit(unit, value)} (${onPaper(unit, value)})`;
  return (
    <section aria-labelledby="turn" className="space-y-3">
      <h2 id="turn" className="margin-heading">
        Turn the pen
      </h2>
      {edge && (
        <>
          <Toggle name="Hold one angle throughout" on={held} onSwitch={onHold} />
          <Slider
            name="Held pen angle"
            value={heldAngle}
            low={0}
            high={90}
            step={1}
            shown={(value) => `${value}°`}
            onDrag={onHoldAngle}
            onLetGo={onHoldAngle}
          />
          {slider(
            'Pen angle of the hand',
            recipe.penAngle,
            { low: 15, high: 75 },
            1,
            (value) => `${value}°`,
            (penAngle) => (r) => ({ ...r, penAngle }),
          )}
        </>
      )}
      {slider(
        edge ? 'Nib width' : pressed ? 'Full shade' : 'Line',
        recipe.width,
        edge ? TRY.width : TRY_SHADE[hand.tool],
        edge ? 0.1 : 0.05,
        (value) => `${plain(value)} mm`,
        (width) => (r) => pin(r, 'width', width),
      )}
      {pressed &&
        slider(
          'Contrast',
          recipe.writing.contrast,
          { low: 3, high: 12 },
          1,
          (value) => `1 : ${plain(value, 1)}`,
          (contrast) => (r) => ({ ...r, writing: { ...r.writing, contrast } }),
        )}
      {slider(
        pressed ? 'Slant' : 'Slope',
        pressed ? 90 - recipe.slope : recipe.slope,
        pressed
          ? { low: 90 - mostSlope - BEYOND, high: 90 - leastSlope + BEYOND }
          : { low: -5, high: Math.max(20, mostSlope) },
        1,
        (value) => `${plain(value, 1)}°`,
        (value) => (r) => ({ ...r, slope: pressed ? 90 - value : value }),
      )}
      <WhiteSliders recipe={recipe} preview={preview} commit={commit} />
      <EndingsChoice
        face={face}
        value={recipe.writing.endings}
        onChoose={(endings) => commit((r) => ({ ...r, writing: { ...r.writing, endings } }))}
      />
      {face.script.bounce &&
        slider(
          'Bounce',
          recipe.writing.bounce,
          { low: 0, high: 1 },
          0.1,
          (value) => (value === 0 ? 'on the line' : plain(value, 1)),
          (bounce) => (r) => ({ ...r, writing: { ...r.writing, bounce } }),
        )}
      {face.script.ornament && (
        <>
          {slider(
            'Rise of the line',
            recipe.writing.rising,
            LIMITS.rising,
            LIMITS.rising.step,
            (value) => (value === 0 ? 'level' : `${value}°`),
            (rising) => (r) => ({ ...r, writing: { ...r.writing, rising } }),
          )}
          <Toggle
            name="Small letters with the third pen"
            on={recipe.writing.signs}
            onSwitch={(signs) => commit((r) => ({ ...r, writing: { ...r.writing, signs } }))}
          />
          <Toggle
            name="Small dots round the line"
            on={recipe.writing.fillers}
            onSwitch={(fillers) => commit((r) => ({ ...r, writing: { ...r.writing, fillers } }))}
          />
        </>
      )}
      {!edge
        ? slider(
            'Body',
            bodyHeight(recipe),
            TRY.bodyMm,
            0.5,
            (value) => `${plain(value)} mm`,
            (body) => (r) => pin(r, 'bodyMm', body),
          )
        : slider(
            'Body',
            recipe.zones.body,
            TRY.body,
            0.25,
            (value) => amount(value, 'nib width'),
            (body) => (r) => pin(r, 'body', body),
          )}
      <dl className="grid grid-cols-[auto_1fr] gap-x-2 text-sm">
        <Reading name={edge ? 'Stem' : 'Shade'}>{mm(measures.stem)}</Reading>
        <Reading name={edge ? 'Bar' : 'Hairline'}>{mm(measures.bar)}</Reading>
        <Reading name="Thin : thick, in this letter">
          1 : {plain(measures.thickest / Math.max(measures.thinnest, 1e-6), 1)}
        </Reading>
        {measures.counter !== undefined && (
          <Reading name="Counter : stem">{plain(measures.counter / measures.stem, 1)} : 1</Reading>
        )}
        <Reading name="Blackness of the letter">{plain(100 * measures.ink, 0)} %</Reading>
      </dl>
      {held &&
        strokeRemarks(cut, face.pen, pen).map((text) => (
          <p key={text} className="remark remark-caution text-sm">
            {text}
          </p>
        ))}
      {(recipe.slope < hand.slope.range.low || recipe.slope > hand.slope.range.high) && (
        <p className="remark text-sm">
          {hand.name} is usually written {pressed ? 'at a slant of' : 'with a slope of'}{' '}
          {pressed
            ? `${90 - hand.slope.range.high}–${90 - hand.slope.range.low}`
            : `${hand.slope.range.low}–${hand.slope.range.high}`}
          °.
        </p>
      )}
      {edge && (recipe.zones.body < hand.weight.low || recipe.zones.body > hand.weight.high) && (
        <p className="remark text-sm">
          A body of {plain(recipe.zones.body)} nib widths is{' '}
          {recipe.zones.body < hand.weight.low ? 'heavier' : 'lighter'} than the usual {hand.weight.low}–
          {hand.weight.high}.
        </p>
      )}
    </section>
  );
}

const Reading = ({ name, children }: { name: string; children: React.ReactNode }) => (
  <>
    <dt>{name}</dt>
    <dd className="text-right tabular-nums">{children}</dd>
  </>
);
