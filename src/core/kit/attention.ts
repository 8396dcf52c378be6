import { plain } from '../measure/units';
import { cleaning } from './clean';
import { inkOf } from './inks/registry';
import type { Item } from './item';
import { toolOf } from './kinds/registry';

/** Something on the bench that wants looking after, with the thing it is about. */
export interface Attention {
  readonly id: string;
  readonly item: string;
  readonly say: string;
  readonly do: string;
}

/** Less than this is soon gone: about two hours of writing with a dip pen (see use.ts). */
const LOW_ML = 4;

/** What was written with last. */
export interface LastWritten {
  readonly tool: string | undefined;
  readonly ink: string | undefined;
  /** Whether it was marked as clean since then. */
  readonly cleaned: boolean;
}

/** What on the bench needs attention: the pen that was not cleaned first, then what runs out, then what wears. */
export function attentionTo(bench: readonly Item[], last?: LastWritten): Attention[] {
  const at = (id: string | undefined) => bench.find((item) => item.id === id);
  const [tool, ink] = [at(last?.tool), at(last?.ink)];
  const dirty: Attention[] =
    last && !last.cleaned && tool && ink && inkOf(ink.inkKind)?.mustNotDry
      ? [
          {
            id: 'clean',
            item: tool.id,
            say: `“${tool.label}” was written with ${ink.inkKind} ink and not marked as clean.`,
            do: cleaning({ tool, ink })[0]?.what ?? 'Rinse it.',
          },
        ]
      : [];
  const there = bench.filter(({ archived }) => !archived);
  const low = there.flatMap((item): Attention[] =>
    item.kind === 'ink' && item.millilitres !== null && item.millilitres < LOW_ML
      ? [
          {
            id: 'low',
            item: item.id,
            say: `“${item.label}” has ${plain(item.millilitres, 1)} ml left.`,
            do: 'Mix or buy more before a piece depends on it.',
          },
        ]
      : [],
  );
  const worn = there.flatMap((item): Attention[] => {
    const due = toolOf(item.kind)?.hoursDue;
    if (due === undefined || (item.hours < due && item.wear !== 'worn out')) return [];
    return [
      {
        id: 'worn out',
        item: item.id,
        say: `“${item.label}” has written ${plain(item.hours, 0)} hours${item.wear === 'worn out' ? ' and is worn' : ''}.`,
        do: 'Look at its edge under a lens, measure it again, and lay a new one ready.',
      },
    ];
  });
  const beading = there.flatMap((item): Attention[] =>
    item.drop === 'beads'
      ? [
          {
            id: 'coated',
            item: item.id,
            say: `A drop of water beads on “${item.label}”: its coating is still on.`,
            do: 'Clean it again with soap and a soft brush, then alcohol, and try another drop.',
          },
        ]
      : [],
  );
  return [...dirty, ...low, ...worn, ...beading];
}
