'use client';

import { useMemo, useState } from 'react';
import { withNib } from '@/core/document/chosenNib';
import type { Nib } from '@/core/kit/nib';
import { nibsFor } from '@/core/kit/nib';
import { clamp } from '@/core/measure/units';
import { LIMITS } from '@/core/problem/limits';
import { handOf } from '@/core/setting/handOf';
import { letterMark } from '@/core/setting/letterMark';
import { settle } from '@/core/sheet/solve';
import { useLetterSet } from '../frame/LetterSets';
import { useNotice } from '../frame/notices';
import { call, downloadJson, fileNameOf } from '../lib/api';
import { FormatButtons, printerWords } from '../paper/FormatButtons';
import { OnLarge } from '../paper/OnLarge';
import { Paper } from '../paper/Paper';
import { formatFor, type Out, useHandOver } from '../paper/useHandOver';
import type { Zoom } from '../paper/zoom';
import { type StationKeys, zoomKeys } from '../sheet/keys';
import { SheetShell } from '../sheet/SheetShell';
import { SidePanel } from '../sheet/SidePanel';
import { type Opened, useSheet } from '../sheet/useSheet';
import { Distances } from './Distances';
import { EXEMPLAR_LETTERS, previewOf } from './exemplarLetters';
import { GivenAndFollowing, NearestInDrawer, Readings, Remarks } from './Margin';
import { More } from './More';

export interface RuleStationProps {
  readonly opened: Opened;
  readonly drawer: readonly Nib[];
  /** The printer PDFs are corrected for. */
  readonly printer: string | null;
}

/** Rule: from a hand and a nib to a sheet that prints true. */
export function RuleStation({ opened, drawer, printer }: RuleStationProps) {
  const sheet = useSheet(opened, EXEMPLAR_LETTERS);
  const { recipe, edit } = sheet;
  const { letters } = useLetterSet(recipe.hand).set;
  const drawing = useMemo(() => previewOf(recipe, letters), [recipe, letters]);
  const [zoom, setZoom] = useState<Zoom>('fit');
  const [onA4, setOnA4] = useState(false);
  const notice = useNotice();

  const handOver = useHandOver();
  const saveFile = async (out: Out) => {
    try {
      const query = `format=${formatFor(out)}&dpi=300&letters=${letterMark(letters)}&on=${onA4 ? 'a4' : 'own'}`;
      const response = await call(`/api/render?${query}`, { method: 'POST', json: recipe });
      await handOver(await response.blob(), fileNameOf(response, `sheet.${formatFor(out)}`), out);
    } catch (error) {
      notice.failed(error);
    }
  };
  const stepNib = (direction: 1 | -1) =>
    edit((r) => {
      const hand = handOf(r);
      const sorted = [...nibsFor(hand.tool, drawer)].sort((a, b) => a.width - b.width);
      const next =
        direction === 1
          ? sorted.find(({ width }) => width > r.width + 1e-6)
          : sorted.findLast(({ width }) => width < r.width - 1e-6);
      return next ? withNib(r, next) : r;
    });
  const stepAngle = (by: number) =>
    edit((r) =>
      handOf(r).penAngle
        ? settle({ ...r, penAngle: clamp(r.penAngle + by, LIMITS.penAngle.low, LIMITS.penAngle.high) })
        : r,
    );
  const keys: StationKeys[] = [
    {
      shown: '[  ]',
      does: 'next smaller or larger nib of the drawer',
      actions: { '[': () => stepNib(-1), ']': () => stepNib(1) },
    },
    {
      shown: ',  .',
      does: 'pen angle one degree flatter or steeper',
      actions: { ',': () => stepAngle(-1), '.': () => stepAngle(1) },
    },
    ...zoomKeys(setZoom),
    { shown: 'P', does: 'print the sheet', actions: { p: () => void saveFile('paper') } },
  ];

  return (
    <SheetShell title="Rule" sheet={sheet} drawer={drawer} keys={keys}>
      <Paper drawing={drawing} label={`Preview: ${drawing.title}`} zoom={zoom} onZoom={setZoom} />
      <SidePanel holds="Readings, remarks, more" className="sm:w-72">
        <GivenAndFollowing recipe={recipe} edit={edit} />
        <NearestInDrawer recipe={recipe} edit={edit} drawer={drawer} />
        <Remarks recipe={recipe} />
        <Readings recipe={recipe} />
        <section aria-labelledby="files">
          <h2 id="files" className="margin-heading">
            Print or save
          </h2>
          <div className="mt-1 flex flex-wrap gap-1">
            <FormatButtons onSave={(out) => void saveFile(out)} />
            <button type="button" className="btn btn-sm" onClick={() => downloadJson(recipe, 'recipe.json')}>
              Sheet file
            </button>
          </div>
          <OnLarge sheet={recipe.paper} on={onA4} onSwitch={setOnA4} />
          <p className="mt-1 text-sm opacity-80">{printerWords(printer)}</p>
        </section>
        <Distances recipe={recipe} />
        <More recipe={recipe} edit={edit} />
      </SidePanel>
    </SheetShell>
  );
}
