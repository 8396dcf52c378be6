'use client';

import { changeHand, changeSchool } from '@/core/document/edit';
import type { Recipe } from '@/core/document/recipe';
import { countsByPen, isPressed } from '@/core/hand/hand';
import { heightInWords, heightUnit } from '@/core/hand/heightUnit';
import { HANDS, handById } from '@/core/hands/registry';
import type { Nib } from '@/core/kit/nib';
import { paperFormat } from '@/core/measure/paper';
import { plain } from '@/core/measure/units';
import { counted } from '@/core/measure/words';
import { LIMITS } from '@/core/problem/limits';
import { bodyHeight } from '@/core/setting/bodyHeight';
import { handOf } from '@/core/setting/handOf';
import { linesEach } from '@/core/sheet/readings';
import { pin, pinHere, roomForLines, settle, unpin } from '@/core/sheet/solve';
import { Choices, Toggle } from '../fields/Choices';
import { NumberField } from '../fields/NumberField';
import { PaperFields } from '../fields/PaperFields';
import { Phrase } from '../fields/Phrase';
import { NibPhrase, type Part } from './NibPhrase';

/** What is on the paper, in one sentence; each underlined part is the control that changes it. */
export function Sentence({ recipe, edit, drawer }: Part & { drawer: readonly Nib[] }) {
  const hand = handOf(recipe);
  const part = { recipe, edit };
  return (
    <p className="font-serif text-[1.35rem] leading-relaxed">
      <HandPhrase {...part} />
      {hand.schools.length > 1 && (
        <>
          , <SchoolPhrase {...part} />
        </>
      )}
      , <WeightPhrase {...part} />, with <NibPhrase {...part} drawer={drawer} />
      {hand.penAngle && (
        <>
          {' '}
          held at <AnglePhrase {...part} />
        </>
      )}
      , <SlopePhrase {...part} />, <SlopeLinesPhrase {...part} />, <LinesPhrase {...part} /> on{' '}
      <PaperPhrase {...part} />, ruled <TintPhrase {...part} />.
    </p>
  );
}

const FAMILY_NAMES = {
  broad: 'broad edge',
  pointed: 'pointed pen',
  brush: 'brush',
  monoline: 'any point',
} as const;

function HandPhrase({ recipe, edit }: Part) {
  return (
    <Phrase label="Hand" text={handById(recipe.hand).name}>
      <Choices
        legend="Which hand do you write?"
        value={recipe.hand}
        choices={HANDS.map((hand) => ({ value: hand.id, name: hand.name, remark: FAMILY_NAMES[hand.tool] }))}
        onChoose={(id) => edit((r) => changeHand(r, id))}
      />
    </Phrase>
  );
}

function SchoolPhrase({ recipe, edit }: Part) {
  const { schools } = handById(recipe.hand);
  const current = schools.find(({ id }) => id === recipe.school);
  return (
    <Phrase label="School" text={current?.name ?? recipe.school}>
      <Choices
        legend="Schools differ; which way do you follow?"
        value={recipe.school}
        choices={schools.map(({ id, name, remark }) => ({ value: id, name, remark }))}
        onChoose={(school) => edit((r) => changeSchool(r, school))}
      />
    </Phrase>
  );
}

function WeightPhrase({ recipe, edit }: Part) {
  const hand = handOf(recipe);
  const byNib = countsByPen(hand);
  const body = bodyHeight(recipe);
  const text = byNib ? `${heightInWords(hand, recipe.zones.body)} tall` : `body ${plain(body)} mm`;
  return (
    <Phrase label="Height" text={text}>
      {byNib && (
        <NumberField
          limit={LIMITS.body}
          label={hand.capitalsOnly ? 'Capitals, in nib widths' : `Body, in ${heightUnit(hand)}`}
          unit={heightUnit(hand)}
          value={recipe.zones.body}
          onCommit={(value) => edit((r) => pin(r, 'body', value))}
        />
      )}
      <NumberField
        limit={LIMITS.bodyMm}
        label="Body height on paper"
        value={body}
        onCommit={(value) => edit((r) => pin(r, 'bodyMm', value))}
      />
      <p className="max-w-64 text-sm opacity-80">
        {byNib
          ? `${hand.name} is usually ${plain(hand.weight.low)}${hand.weight.high === hand.weight.low ? '' : `–${plain(hand.weight.high)}`} ${heightUnit(hand)} tall. A height in mm lets the nib follow.`
          : `Ascender, body and descender keep their proportion of ${plain(recipe.zones.ascender)} : ${plain(recipe.zones.body)} : ${plain(recipe.zones.descender)}.`}
      </p>
    </Phrase>
  );
}

function AnglePhrase({ recipe, edit }: Part) {
  const taught = Object.values(handOf(recipe).turns).filter(({ where }) => where !== undefined);
  return (
    <Phrase label="Pen angle" text={`${plain(recipe.penAngle)}°`}>
      <NumberField
        limit={LIMITS.penAngle}
        label="Pen angle, from the writing line"
        value={recipe.penAngle}
        onCommit={(value) => edit((r) => settle({ ...r, penAngle: value }))}
      />
      {taught.length > 0 && (
        <div className="max-w-64 text-sm">
          <p>Its letters turn the pen for some strokes:</p>
          <ul className="list-inside list-disc">
            {taught.map(({ angle, where }) => (
              <li key={where}>
                {angle}°: {where}
              </li>
            ))}
          </ul>
        </div>
      )}
    </Phrase>
  );
}

function SlopePhrase({ recipe, edit }: Part) {
  const pointed = isPressed(handOf(recipe));
  const text = pointed
    ? `on a slant of ${plain(90 - recipe.slope)}°`
    : recipe.slope === 0
      ? 'upright'
      : `sloping ${plain(recipe.slope)}°`;
  return (
    <Phrase label={pointed ? 'Slant' : 'Slope'} text={text}>
      {pointed ? (
        <NumberField
          limit={{
            ...LIMITS.slope,
            label: 'Slant',
            low: 90 - LIMITS.slope.high,
            high: 90 - LIMITS.slope.low,
          }}
          label="Slant, from the writing line"
          value={90 - recipe.slope}
          onCommit={(value) => edit((r) => ({ ...r, slope: 90 - value }))}
        />
      ) : (
        <NumberField
          limit={LIMITS.slope}
          label="Slope, off the vertical"
          value={recipe.slope}
          onCommit={(value) => edit((r) => ({ ...r, slope: value }))}
        />
      )}
    </Phrase>
  );
}

function SlopeLinesPhrase({ recipe, edit }: Part) {
  const { spacing } = recipe.slopeLines;
  const text = recipe.show.slope ? `slope lines every ${plain(spacing)} mm` : 'no slope lines';
  const show = (slope: boolean) => edit((r) => ({ ...r, show: { ...r.show, slope } }));
  return (
    <Phrase label="Slope lines" text={text}>
      <Toggle name="Rule slope lines" on={recipe.show.slope} onSwitch={show} />
      {recipe.show.slope && (
        <>
          <NumberField
            limit={LIMITS.slopeSpacing}
            label="Along the baseline, every"
            value={spacing}
            onCommit={(value) => edit((r) => ({ ...r, slopeLines: { ...r.slopeLines, spacing: value } }))}
          />
          <Choices
            legend="How far they run"
            value={recipe.slopeLines.extent}
            choices={[
              { value: 'zones', name: 'over the zones of each line' },
              { value: 'block', name: 'through the whole block' },
            ]}
            onChoose={(extent) => edit((r) => ({ ...r, slopeLines: { ...r.slopeLines, extent } }))}
          />
        </>
      )}
    </Phrase>
  );
}

function LinesPhrase({ recipe, edit }: Part) {
  const { lines } = recipe.given;
  const compared = recipe.nibs.length > 0;
  const each = compared ? ' for each nib' : '';
  const fitting = compared ? counted(linesEach(recipe), 'line') : 'as many lines as fit';
  const text = `${lines === undefined ? fitting : counted(compared ? linesEach(recipe) : lines, 'line')}${each}`;
  return (
    <Phrase label="Lines" text={text}>
      <Toggle
        name="As many as fit"
        on={lines === undefined}
        onSwitch={(fill) => edit((r) => (fill ? unpin(r, 'lines') : pinHere(r, 'lines')))}
      />
      <NumberField
        limit={LIMITS.lines}
        label="Or exactly"
        unit="lines"
        value={lines ?? (compared ? linesEach(recipe) : roomForLines(recipe))}
        onCommit={(value) => edit((r) => pin(r, 'lines', value))}
      />
      <p className="max-w-64 text-sm opacity-80">
        A number of lines lets the nib follow; pin the nib to keep it.
      </p>
    </Phrase>
  );
}

function PaperPhrase({ recipe, edit }: Part) {
  const { paper } = recipe;
  const format = paperFormat(paper.format);
  const name = format?.name ?? `${plain(paper.width)} × ${plain(paper.height)} mm`;
  const change = (next: Partial<Recipe['paper']>) =>
    edit((r) => settle({ ...r, paper: { ...r.paper, ...next } }));
  return (
    <Phrase label="Paper" text={`${name} ${paper.sideways ? 'sideways' : 'upright'}`}>
      <PaperFields
        paper={paper}
        groups={['sheets', 'north american', 'envelopes', 'cards']}
        custom="Custom size"
        onChange={change}
      />
      <NumberField limit={LIMITS.columns} value={paper.columns} onCommit={(columns) => change({ columns })} />
      <Toggle
        name="Laid out for the left hand"
        on={paper.mirrored}
        onSwitch={(mirrored) => change({ mirrored })}
      />
    </Phrase>
  );
}

const TINT_NAMES = {
  faint: 'faintly, to write on',
  strong: 'strongly, as a master',
  'drop-out': 'in drop-out colour',
} as const;

function TintPhrase({ recipe, edit }: Part) {
  return (
    <Phrase label="Ruling" text={TINT_NAMES[recipe.tint]}>
      <Choices
        legend="How the lines are printed"
        value={recipe.tint}
        choices={[
          { value: 'faint', name: 'faint', remark: 'to write on; gone from sight once inked' },
          { value: 'strong', name: 'strong', remark: 'a master to lie under layout paper' },
          {
            value: 'drop-out',
            name: 'drop-out colour',
            remark: 'pale cyan that copiers and scanners leave out',
          },
        ]}
        onChoose={(tint) => edit((r) => ({ ...r, tint }))}
      />
    </Phrase>
  );
}
