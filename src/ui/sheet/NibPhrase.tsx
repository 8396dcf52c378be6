'use client';

import { withAnyNib, withNib } from '@/core/document/chosenNib';
import type { Recipe } from '@/core/document/recipe';
import { countsByPen } from '@/core/hand/hand';
import type { Nib } from '@/core/kit/nib';
import { nibsFor } from '@/core/kit/nib';
import { plain } from '@/core/measure/units';
import { LIMITS } from '@/core/problem/limits';
import { handOf } from '@/core/setting/handOf';
import { Choices, Toggle } from '../fields/Choices';
import { NumberField } from '../fields/NumberField';
import { Phrase } from '../fields/Phrase';

/** What a phrase of the sentence says and changes. */
type Edit = (change: (recipe: Recipe) => Recipe) => void;
export interface Part {
  readonly recipe: Recipe;
  readonly edit: Edit;
}

/** Tolerance, in mm, within which a nib of the drawer counts as the recipe's. */
const SAME_WIDTH = 0.005;

/** The nib, or the shade of a pointed pen: from the drawer or by its width; several are compared line by line. */
export function NibPhrase({ recipe, edit, drawer }: Part & { drawer: readonly Nib[] }) {
  const hand = handOf(recipe);
  const fitting = nibsFor(hand.tool, drawer);
  const compared = recipe.nibs.length > 0;
  const sameWidth = fitting.filter(({ width }) => Math.abs(width - recipe.width) < SAME_WIDTH);
  const owned = sameWidth.find(({ id }) => id === recipe.nib) ?? sameWidth[0];
  const what = { broad: 'nib', pointed: 'mm pointed pen', brush: 'mm brush', monoline: 'mm point' }[
    hand.tool
  ];
  const text = compared
    ? `the ${recipe.nibs.map((width) => plain(width)).join(', ')} mm nibs in bands`
    : owned && owned.kind !== 'broad'
      ? `the ${owned.label}`
      : hand.tool === 'broad'
        ? `the ${plain(recipe.width)} mm ${what}`
        : `a ${plain(recipe.width)} ${what}`;
  const canCompare = countsByPen(hand);
  return (
    <Phrase label="Nib" text={text}>
      {fitting.length > 0 && !compared && (
        <Choices
          legend="From your drawer"
          value={owned?.id ?? null}
          choices={fitting.map(({ id, label, width }) => ({
            value: id,
            name: label,
            remark: label.startsWith(plain(width)) ? undefined : `${plain(width)} mm`,
          }))}
          onChoose={(id) => {
            const nib = fitting.find((candidate) => candidate.id === id);
            if (nib) edit((r) => withNib(r, nib));
          }}
        />
      )}
      {!compared && (
        <NumberField
          limit={LIMITS.width}
          label={
            hand.tool === 'broad'
              ? 'Or any width'
              : hand.tool === 'monoline'
                ? 'Line width'
                : 'Or any full shade, across the stroke'
          }
          value={recipe.width}
          onCommit={(value) => edit((r) => withAnyNib(r, value))}
        />
      )}
      {canCompare && <CompareNibs recipe={recipe} edit={edit} fitting={fitting} />}
    </Phrase>
  );
}

const MOST_NIBS = 4;

function CompareNibs({ recipe, edit, fitting }: Part & { fitting: readonly Nib[] }) {
  const { nibs } = recipe;
  const begin = () => {
    const wider = fitting.find(({ width }) => width > recipe.width)?.width;
    edit((r) => ({ ...r, nibs: [r.width, wider ?? r.width * 1.5].sort((a, b) => a - b) }));
  };
  if (nibs.length === 0) {
    return (
      <button type="button" className="btn btn-sm" onClick={begin}>
        Compare nibs on one sheet
      </button>
    );
  }
  const widths = [...new Set([...fitting.map(({ width }) => width), ...nibs])].sort((a, b) => a - b);
  return (
    <fieldset>
      <legend className="mb-1 text-sm">Two to four nibs, a band each</legend>
      <div className="grid grid-cols-2">
        {widths.map((width) => (
          <Toggle
            key={width}
            name={`${plain(width)} mm`}
            on={nibs.includes(width)}
            onSwitch={(on) =>
              edit((r) => {
                const next = on
                  ? [...r.nibs, width].sort((a, b) => a - b)
                  : r.nibs.filter((w) => w !== width);
                return next.length < 2 ? r : { ...r, nibs: next.slice(0, MOST_NIBS) };
              })
            }
          />
        ))}
      </div>
      <button type="button" className="btn btn-sm mt-2" onClick={() => edit((r) => ({ ...r, nibs: [] }))}>
        Back to one nib
      </button>
    </fieldset>
  );
}
