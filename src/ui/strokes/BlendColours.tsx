import type { Item } from '@/core/kit/item';
import { toolOf } from '@/core/kit/kinds/registry';
import type { Blend } from '@/core/type/blend';
import { isLighter } from '@/core/type/blend';
import { useBench } from '../bench/useBench';
import { OneOrNone } from '../fields/OneOf';

/** The two inks of a brush, the one taken up first: touched tips fade from one to the other. */
const COLOURS_OF = [
  { key: 'touched', name: 'Tip touched to', bench: 'Bench ink for the tip' },
  { key: 'own', name: 'Pen’s own', bench: 'Bench ink for the pen' },
] as const;

const coloured = ({ kind, colour, archived }: Item) =>
  !archived && colour !== null && (kind === 'ink' || toolOf(kind)?.asks?.includes('colour') === true);

/** The colours of a blend: any, or those of the inks and brush pens on the bench. */
export function BlendColours({ blend, onChange }: { blend: Blend; onChange: (blend: Blend) => void }) {
  const { items } = useBench();
  const known = (items ?? []).filter(coloured);
  return (
    <>
      {COLOURS_OF.map(({ key, name, bench }) => (
        <span key={key} className="flex items-center gap-1">
          <label className="flex items-center gap-1">
            {name}
            <input
              type="color"
              className="h-6 w-8"
              value={blend[key]}
              onChange={(event) => onChange({ ...blend, [key]: event.target.value })}
            />
          </label>
          {known.length > 0 && (
            <OneOrNone
              className="select select-xs w-28"
              label={bench}
              none="from the bench"
              choices={known.map(({ id }) => id)}
              nameOf={(id) => known.find((ink) => ink.id === id)?.label ?? id}
              value={known.find(({ colour }) => colour === blend[key])?.id ?? ''}
              onChoose={(id) => {
                const { colour } = known.find((ink) => ink.id === id) ?? {};
                if (colour) onChange({ ...blend, [key]: colour });
              }}
            />
          )}
        </span>
      ))}
      {isLighter(blend.touched, blend.own) && (
        <span role="status" className="remark remark-caution">
          A dark pen touched to a lighter ink carries its dark into it: touch the light pen to the dark ink.
        </span>
      )}
    </>
  );
}
