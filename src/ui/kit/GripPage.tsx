'use client';

import { useEffect, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { adviseEdge, advisePulled, adviseSlant, edgeLies, tinesLie, USUAL_POINTING } from '@/core/kit/grip';
import type { Kit } from '@/core/kit/judgeKit';
import { cosDeg, plain, sinDeg } from '@/core/measure/units';
import { handOf } from '@/core/setting/handOf';
import { Slider } from '../fields/Slider';

/** The picture, in its own units: a page, and a pen lying on it. */
const SIZE = 200;
const PEN = 85;
const EDGE = 22;

/** Greatest turn of the page that is shown. */
const TURN = 90;
const turnedBy = (degrees: number): string =>
  degrees === 0
    ? 'not at all'
    : `${plain(Math.abs(degrees), 0)}° ${degrees > 0 ? 'anticlockwise' : 'clockwise'}`;

const CUT_SIGN = { square: 0, 'left-oblique': 1, 'right-oblique': -1 } as const;

/** The direction the pen points in on the desk, and the page turn that follows. */
export function GripPage({
  recipe,
  side,
  kit,
}: {
  recipe: Recipe;
  side: 'right' | 'left';
  kit: Kit | undefined;
}) {
  const [pointing, setPointing] = useState(USUAL_POINTING[side]);
  /** How the page lies now; null while it is turned as advised. */
  const [lying, setLying] = useState<number | null>(null);
  useEffect(() => setPointing(USUAL_POINTING[side]), [side]);
  const { tool } = handOf(recipe);
  const pointed = tool === 'pointed';
  /** An edge or tines lie in a direction of their own; a round point does not. */
  const directed = pointed || tool === 'broad';
  const cut = kit?.tool.cut ? CUT_SIGN[kit.tool.cut] * (kit.tool.cutDegrees ?? 0) : 0;
  const flange = kit?.holder?.holderType === 'straight' ? 0 : (kit?.holder?.flangeTurn ?? 0);
  const slant = 90 - recipe.slope;
  const advice = !directed
    ? advisePulled(slant)
    : pointed
      ? adviseSlant(pointing, slant, flange)
      : adviseEdge(pointing, recipe.penAngle, cut);
  const page = lying ?? advice.page;
  const lie = pointed
    ? tinesLie(pointing, slant, flange, page)
    : edgeLies(pointing, recipe.penAngle, cut, page);
  const dir = pointed ? pointing - flange : pointing - 90 + cut;
  const middle = SIZE / 2;
  const at = (angle: number, length: number): [number, number] => [
    middle + length * cosDeg(angle),
    middle - length * sinDeg(angle),
  ];
  const tip: [number, number] = [middle, middle];
  const butt = at(pointing + 180, PEN);
  const [from, to] = pointed ? [tip, at(dir, EDGE)] : [at(dir + 180, EDGE / 2), at(dir, EDGE / 2)];
  return (
    <section aria-labelledby="grip" className="space-y-2">
      <h2 id="grip" className="margin-heading">
        Grip and page
      </h2>
      {directed && (
        <p className="text-sm">
          Lay your pen on the desk as you write and see where the nib points: 90° is straight away from you,
          more is to the left.
        </p>
      )}
      <svg
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        className="mx-auto h-52 w-52"
        role="img"
        aria-label={advice.sentence}
      >
        <g transform={`rotate(${-page} ${middle} ${middle})`}>
          <rect x="42" y="20" width="116" height="160" fill="#ffffff" stroke="#8c8fa3" />
          {[-48, -24, 0, 24, 48].map((y) => (
            <line
              key={y}
              x1="50"
              x2="150"
              y1={middle + y}
              y2={middle + y}
              stroke="#8c8fa3"
              strokeWidth={y === 0 ? 1.4 : 0.6}
            />
          ))}
        </g>
        <line
          x1={tip[0]}
          y1={tip[1]}
          x2={butt[0]}
          y2={butt[1]}
          stroke="#1F2430"
          strokeWidth="5"
          strokeLinecap="round"
          opacity="0.8"
        />
        {directed && (
          <line
            x1={from[0]}
            y1={from[1]}
            x2={to[0]}
            y2={to[1]}
            stroke="#A33327"
            strokeWidth="3"
            strokeLinecap="round"
          />
        )}
      </svg>
      {directed && (
        <Slider
          name="The nib points to"
          value={pointing}
          low={20}
          high={160}
          step={1}
          shown={(value) => `${plain(value, 0)}°`}
          onDrag={setPointing}
          onLetGo={setPointing}
        />
      )}
      {directed && (
        <>
          <Slider
            name="The page is turned"
            value={Math.round(page)}
            low={-TURN}
            high={TURN}
            step={1}
            shown={turnedBy}
            onDrag={setLying}
            onLetGo={setLying}
          />
          {lying !== null && (
            <p className="text-sm" data-testid="lie">
              {lie.sentence}{' '}
              <button type="button" className="link" onClick={() => setLying(null)}>
                Turn it as advised
              </button>
            </p>
          )}
        </>
      )}
      <p className={`remark text-sm ${advice.uncomfortable ? 'remark-caution' : ''}`} role="status">
        {advice.sentence}{' '}
        {advice.uncomfortable &&
          `Turned this far, the page is hardly in front of you: ${pointed ? 'write from the side of the page, or hold the pen so that it points more along the slant. ' : 'bring the paper to your writing side, or let the pen point farther from you. '}`}
        {/* Oblique holders for a left hand are hardly made. */}
        {!(pointed && side === 'left') && advice.instead}
      </p>
      <p className="text-sm opacity-80">
        {directed
          ? 'Uneven pressure on the tines, or only a corner touching, gives one ragged edge: turning the page is the cure.'
          : 'A point has no edge that must lie in a direction: turn the page further if your wrist asks for it.'}
      </p>
    </section>
  );
}
