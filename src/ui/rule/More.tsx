'use client';

import { changeExemplar } from '@/core/document/edit';
import type { Recipe } from '@/core/document/recipe';
import { countsByPen } from '@/core/hand/hand';
import { heightUnit } from '@/core/hand/heightUnit';
import { hasLetters } from '@/core/hands/scripts';
import { plain } from '@/core/measure/units';
import { capital } from '@/core/measure/words';
import { grownMargins, pageSize } from '@/core/page/boxes';
import { LEAST_MARKED } from '@/core/page/marks';
import { LIMITS } from '@/core/problem/limits';
import { handOf } from '@/core/setting/handOf';
import { settle } from '@/core/sheet/solve';
import { Choices, Toggle } from '../fields/Choices';
import { NumberField } from '../fields/NumberField';

type Edit = (change: (recipe: Recipe) => Recipe) => void;
type Zones = Recipe['zones'];

/** Settings that are rarely changed: zones, ruled lines, aids, margins, and the header's text. */
export function More({ recipe, edit }: { recipe: Recipe; edit: Edit }) {
  const { paper, aids, zones, show } = recipe;
  const hand = handOf(recipe);
  const unit = heightUnit(hand);
  const setZones = (next: Partial<Zones>) => edit((r) => settle({ ...r, zones: { ...r.zones, ...next } }));
  const setPaper = (next: Partial<Recipe['paper']>) =>
    edit((r) => settle({ ...r, paper: { ...r.paper, ...next } }));
  const setAids = (next: Partial<Recipe['aids']>) =>
    edit((r) => settle({ ...r, aids: { ...r.aids, ...next } }));
  const setShow = (next: Partial<Recipe['show']>) => edit((r) => ({ ...r, show: { ...r.show, ...next } }));
  const hasLadder = countsByPen(hand);
  return (
    <details className="border-base-300 border-t pt-2">
      <summary className="margin-heading cursor-pointer">More</summary>
      <div className="mt-2 space-y-4">
        <fieldset className="space-y-1">
          <legend className="font-bold text-sm">Zones</legend>
          {!recipe.capitalsOnly && (
            <>
              <NumberField
                limit={LIMITS.ascender}
                label="Ascender, beyond the body"
                unit={unit}
                value={zones.ascender}
                onCommit={(ascender) => setZones({ ascender })}
              />
              <NumberField
                limit={LIMITS.descender}
                label="Descender, below the baseline"
                unit={unit}
                value={zones.descender}
                onCommit={(descender) => setZones({ descender })}
              />
            </>
          )}
          {hand.capitals && !hand.capitalsOnly && (
            <NumberField
              limit={LIMITS.capital}
              label="Capitals, from the baseline"
              unit={unit}
              value={zones.capital}
              onCommit={(capital) => setZones({ capital })}
            />
          )}
          <NumberField
            limit={LIMITS.gap}
            unit={unit}
            value={zones.gap}
            onCommit={(gap) => setZones({ gap })}
          />
          <OptionalLine
            name="Branch line or midline"
            limit={LIMITS.branch}
            unit={unit}
            value={zones.branch}
            usual={zones.body / 2}
            onChange={(branch) => setZones({ branch })}
          />
          <OptionalLine
            name="Small-capital line"
            limit={LIMITS.smallCapital}
            unit={unit}
            value={zones.smallCapital}
            usual={zones.body * (hand.capitalsOnly ? 0.625 : 1)}
            onChange={(smallCapital) => setZones({ smallCapital })}
          />
          {!recipe.capitalsOnly && (
            <Toggle
              name="Neighbouring lines share ascender and descender space"
              on={recipe.shareZones}
              onSwitch={(shareZones) => edit((r) => settle({ ...r, shareZones }))}
            />
          )}
          {hand.capitals && !hand.capitalsOnly && (
            <Toggle
              name="For capitals only (no body line)"
              on={recipe.capitalsOnly}
              onSwitch={(capitalsOnly) => edit((r) => settle({ ...r, capitalsOnly }))}
            />
          )}
        </fieldset>
        {recipe.nibs.length === 0 && (
          <Choices
            legend="Free height of the page"
            value={recipe.standing}
            choices={[
              { value: 'top', name: 'Left under the last line' },
              { value: 'even', name: 'Spread evenly between the lines' },
              { value: 'centre', name: 'Half above, half below' },
            ]}
            onChoose={(standing) => edit((r) => ({ ...r, standing }))}
          />
        )}
        <fieldset>
          <legend className="font-bold text-sm">Lines on the sheet</legend>
          <Toggle name="Baseline" on={show.baseline} onSwitch={(baseline) => setShow({ baseline })} />
          {!recipe.capitalsOnly && (
            <>
              <Toggle name="Waistline" on={show.waistline} onSwitch={(waistline) => setShow({ waistline })} />
              <Toggle name="Ascender" on={show.ascender} onSwitch={(ascender) => setShow({ ascender })} />
              <Toggle name="Descender" on={show.descender} onSwitch={(descender) => setShow({ descender })} />
            </>
          )}
          {hand.capitals && (
            <Toggle name="Capitals" on={show.capital} onSwitch={(capital) => setShow({ capital })} />
          )}
          {hand.capitals && show.capital && !recipe.capitalsOnly && (
            <Toggle
              name="Capital line all along"
              on={recipe.capitalLine === 'full'}
              onSwitch={(full) => edit((r) => ({ ...r, capitalLine: full ? 'full' : 'ticks' }))}
            />
          )}
          {hand.basis === 'dots' && (
            <Toggle name="Half dots" on={show.halfDots} onSwitch={(halfDots) => setShow({ halfDots })} />
          )}
        </fieldset>
        <fieldset>
          <legend className="font-bold text-sm">Aids</legend>
          {hasLadder && (
            <Choices
              legend={hand.basis === 'dots' ? 'Dot ladder' : 'Nib ladder'}
              value={aids.ladder}
              choices={[
                { value: 'line', name: 'at the head of each line' },
                { value: 'page', name: 'at the head of the page' },
                { value: 'none', name: 'none' },
              ]}
              onChoose={(ladder) => setAids({ ladder })}
            />
          )}
          {hand.penAngle && (
            <Toggle name="Pen-angle gauge" on={aids.gauge} onSwitch={(gauge) => setAids({ gauge })} />
          )}
          <Toggle
            name="Letters a, x, d beside the lines"
            on={aids.letters}
            onSwitch={(letters) => setAids({ letters })}
          />
          <Toggle name="Check bars" on={aids.bars} onSwitch={(bars) => setAids({ bars })} />
          <Toggle name="Header" on={aids.header} onSwitch={(header) => setAids({ header })} />
          <Choices
            legend="Review marks (rings and a code, by which a photo of the page is read)"
            value={aids.marks}
            choices={[
              { value: 'practice', name: 'on practice pages' },
              { value: 'every', name: 'on every sheet' },
              { value: 'none', name: 'none' },
            ]}
            onChoose={(marks) => setAids({ marks })}
          />
          {aids.marks !== 'none' && Math.min(...Object.values(pageSize(paper))) < LEAST_MARKED && (
            <p className="text-sm opacity-80">
              This sheet is too small for marks: they need {LEAST_MARKED} mm a side.
            </p>
          )}
        </fieldset>
        {hasLetters(recipe.hand) && (
          <fieldset>
            <legend className="font-bold text-sm">Text to follow</legend>
            <HeaderText
              name="Text written on the sheet"
              longest={120}
              value={recipe.exemplar}
              onCommit={(exemplar) => edit((r) => changeExemplar(r, exemplar))}
            />
          </fieldset>
        )}
        {aids.header && (
          <fieldset className="space-y-1">
            <legend className="font-bold text-sm">Header</legend>
            <HeaderText
              name="Title"
              longest={80}
              value={recipe.title}
              onCommit={(title) => edit((r) => ({ ...r, title }))}
            />
            <HeaderText
              name="Date"
              longest={40}
              value={recipe.date}
              onCommit={(date) => edit((r) => ({ ...r, date }))}
            />
            <HeaderText
              name="Note"
              longest={120}
              value={recipe.note}
              onCommit={(note) => edit((r) => ({ ...r, note }))}
            />
            <p className="text-sm opacity-80">Left empty, date and note are blanks to write in.</p>
          </fieldset>
        )}
        <fieldset className="space-y-1">
          <legend className="font-bold text-sm">Margins</legend>
          {(['top', 'right', 'bottom', 'left'] as const).map((side) => (
            <NumberField
              key={side}
              limit={LIMITS.margin}
              label={side[0]?.toUpperCase() + side.slice(1)}
              value={paper.margins[side]}
              onCommit={(value) => setPaper({ margins: { ...paper.margins, [side]: value } })}
            />
          ))}
          {paper.columns > 1 && (
            <NumberField
              limit={LIMITS.gutter}
              value={paper.gutter}
              onCommit={(gutter) => setPaper({ gutter })}
            />
          )}
          {Object.entries(grownMargins(recipe)).map(([side, { mm, by }]) => (
            <p key={side} className="text-sm opacity-80">
              {capital(side)}: {plain(mm, 1)} mm on the sheet, because {by} the room.
            </p>
          ))}
        </fieldset>
      </div>
    </details>
  );
}

function OptionalLine({
  name,
  limit,
  unit,
  value,
  usual,
  onChange,
}: {
  name: string;
  limit: (typeof LIMITS)['branch' | 'smallCapital'];
  unit: string;
  value: number | null;
  usual: number;
  onChange: (value: number | null) => void;
}) {
  return (
    <>
      <Toggle name={name} on={value !== null} onSwitch={(on) => onChange(on ? usual : null)} />
      {value !== null && (
        <NumberField
          limit={limit}
          label={`${name}, from the baseline`}
          unit={unit}
          value={value}
          onCommit={onChange}
        />
      )}
    </>
  );
}

const HeaderText = ({
  name,
  value,
  longest,
  onCommit,
}: {
  name: string;
  value: string;
  longest: number;
  onCommit: (value: string) => void;
}) => (
  <label className="block text-sm">
    {name}
    <input
      dir="auto"
      key={value}
      className="input input-sm block w-full"
      defaultValue={value}
      maxLength={longest}
      onBlur={(event) => event.target.value !== value && onCommit(event.target.value)}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
    />
  </label>
);
