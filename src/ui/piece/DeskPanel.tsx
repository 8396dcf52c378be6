'use client';

import { addMinutes, format, parseISO, subMinutes } from 'date-fns';
import { useState } from 'react';
import type { Item } from '@/core/kit/item';
import { volumeFor } from '@/core/kit/mixAmounts';
import { recordId } from '@/core/log/recordId';
import { lookUp } from '@/core/measure/lookUp';
import { plain } from '@/core/measure/units';
import { openRows } from '@/core/piece/batch';
import { calibratedLoad } from '@/core/piece/dips';
import { PRINTS, type Print } from '@/core/piece/drawPiece';
import type { Laid } from '@/core/piece/layout';
import type { Piece } from '@/core/piece/piece';
import { type Supplies, stepsFor, workingPlan } from '@/core/piece/plan';
import { noRoomForMarks } from '@/core/piece/roomForMarks';
import { type PenWork, penWork, strokesIn } from '@/core/piece/written';
import { LIMITS } from '@/core/problem/limits';
import { handOf } from '@/core/setting/handOf';
import { Link } from '@/ui/lib/Link';
import { Toggle } from '../fields/Choices';
import { NumberField } from '../fields/NumberField';
import { useNotice } from '../frame/notices';
import { download } from '../lib/api';
import { callUntilKept } from '../lib/patience';
import { FormatButtons, printerWords } from '../paper/FormatButtons';
import { Pick } from './fields';
import type { PieceFiles } from './usePieceFiles';

const PRINT_WORDS: Readonly<Record<Print, string>> = {
  model: 'the model, at true scale',
  guide: 'a guide to write from',
  'under-sheet': 'a sheet for the light table',
  template: 'the frame, to cut out',
};

/** "1.5 mm, Foundational". */
const penWords = ({ lines }: PenWork): string => {
  const setting = lines[0]?.block.setting;
  return setting ? `${plain(setting.width)} mm, ${handOf(setting).name}` : '';
};

/** Why a guide cannot have review marks. */
const noRoomToMark = (laid: Laid, mirrored: boolean): string | undefined =>
  mirrored ? 'A guide that is turned over is not written on: it has no review marks.' : noRoomForMarks(laid);

/** Minutes as a scribe plans them. */
const lasting = (minutes: number): string =>
  minutes < 60 ? `${plain(Math.max(1, minutes), 0)} min` : `${plain(minutes / 60, 1)} h`;

/** Volume below which ink is given in microlitres. */
const TELLING_ML = 0.1;
const UL_PER_ML = 1000;

/** How much ink a piece takes, in a unit that tells it. */
const inkLaid = (ml: number): string =>
  ml >= TELLING_ML
    ? `Ink laid: ${plain(ml, 2)} ml.`
    : `Ink laid: ${plain(Math.max(1, UL_PER_ML * ml), 0)} µl (a drop is about 50).`;

/** To the desk: what is printed, in what order it is written, how long it takes, and where the pen is dipped. */
export function DeskPanel({
  piece,
  edit,
  laid,
  bench,
  supplies,
  ink,
  onInk,
  paper,
  onPaper,
  printer,
  files,
  dips,
  onDips,
  sheet,
  dueBefore,
}: {
  piece: Piece;
  edit: (change: (piece: Piece) => Piece) => void;
  laid: Laid;
  bench: readonly Item[];
  supplies: Supplies;
  /** Ids of things of the bench; empty where none was said. */
  ink: string;
  onInk: (id: string) => void;
  paper: string;
  onPaper: (id: string) => void;
  printer: string | null;
  files: PieceFiles;
  dips: boolean;
  onDips: (on: boolean) => void;
  /** Under this id the piece lies on the shelf. */
  sheet: string;
  /** When it must be ready, as was said before. */
  dueBefore: string;
}) {
  const [due, setDue] = useState(dueBefore);
  const notice = useNotice();
  const plan = workingPlan(laid, supplies);
  const noRoom = files.print === 'guide' ? noRoomToMark(laid, files.mirrored) : undefined;
  const works = penWork(laid, supplies.tools);
  const ready = due ? parseISO(due) : undefined;
  // All that are left of a list are worked on together.
  const many = Math.max(1, openRows(piece).length);
  const together = stepsFor(plan.steps, many);
  const needed = together.reduce((sum, { minutes }) => sum + minutes, 0);
  const start = ready && !Number.isNaN(ready.getTime()) ? subMinutes(ready, needed) : undefined;
  /** Kept, so that Today says when to begin. */
  const keepDue = async (at: string) => {
    const id = recordId('due', sheet);
    const next = plan.steps[0]?.text ?? 'Write it.';
    try {
      if (at === '') await callUntilKept(`/api/records/${id}`, { method: 'DELETE' });
      else {
        const data = { sheet, at, minutes: needed, next };
        await callUntilKept(`/api/records/${id}`, { method: 'PUT', json: { kind: 'due', data } });
      }
    } catch (error) {
      notice.failed(error);
    }
  };
  const calendar = async () => {
    if (!start) return;
    try {
      const { calendarOf } = await import('../lib/calendar');
      const steps: { title: string; start: Date; end: Date }[] = [];
      let at = start;
      for (const { text, minutes } of together) {
        const end = addMinutes(at, minutes);
        steps.push({ title: `${piece.title || 'Piece'}: ${text}`, start: at, end });
        at = end;
      }
      download(new Blob([calendarOf(steps)], { type: 'text/calendar' }), 'piece.ics');
    } catch (error) {
      notice.failed(error);
    }
  };
  return (
    <div className="space-y-4">
      <section className="space-y-2" aria-labelledby="print">
        <h2 id="print" className="margin-heading">
          Print or save
        </h2>
        <Pick
          name="What"
          value={files.print}
          choices={PRINTS.map((print) => [print, PRINT_WORDS[print]])}
          onPick={files.setPrint}
        />
        <Toggle name="Turned over, for tracing through" on={files.mirrored} onSwitch={files.setMirrored} />
        {files.print === 'guide' &&
          (noRoom ? (
            <p className="text-sm opacity-80">{noRoom}</p>
          ) : (
            <Toggle
              name="With review marks, to be photographed once it is written"
              on={files.marked}
              onSwitch={files.setMarked}
            />
          ))}
        <Toggle name="As many as fit on A4, with cut marks" on={files.onA4} onSwitch={files.setOnA4} />
        <div className="flex flex-wrap gap-1">
          <FormatButtons onSave={(out) => void files.save(out)} disabled={files.busy} />
          <button type="button" className="btn btn-sm" onClick={files.saveFile}>
            Piece file
          </button>
        </div>
        <p className="text-sm opacity-80">{printerWords(printer)}</p>
      </section>
      <section className="space-y-2" aria-labelledby="plan">
        <h2 id="plan" className="margin-heading">
          In this order
        </h2>
        <div className="grid grid-cols-2 gap-2">
          <Pick
            name="Ink"
            value={ink}
            choices={[
              ['', 'any'],
              ...bench.filter(({ kind }) => kind === 'ink').map(({ id, label }) => [id, label] as const),
            ]}
            onPick={onInk}
          />
          <Pick
            name="Paper"
            value={paper}
            choices={[
              ['', 'any'],
              ...bench.filter(({ kind }) => kind === 'paper').map(({ id, label }) => [id, label] as const),
            ]}
            onPick={onPaper}
          />
        </div>
        <ol className="list-decimal space-y-1 pl-5 text-sm">
          {plan.steps.map(({ text, minutes }, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: steps are their order
            <li key={i}>
              {text} <span className="opacity-80">{lasting(minutes)}</span>
            </li>
          ))}
        </ol>
        <p className="text-sm">
          {lasting(plan.minutes)} in all{piece.rows.length > 1 && ' for one'}; set aside{' '}
          {plan.spoiled === 1 ? 'one sheet' : `${plan.spoiled} sheets`} besides for slips. {inkLaid(plan.ink)}{' '}
          Times are estimates.{' '}
          <Link className="link" href={`/kit?ml=${volumeFor(plan.ink * many)}#ink`}>
            Mix {plain(volumeFor(plan.ink * many))} ml for it
          </Link>
        </p>
        <label className="block text-sm">
          To be done by
          <input
            type="datetime-local"
            className="input input-sm mt-1 block w-full"
            value={due}
            onChange={(event) => {
              setDue(event.target.value);
              void keepDue(event.target.value);
            }}
          />
        </label>
        {start && (
          <p className="text-sm">
            Begin by {format(start, 'd MMMM, HH:mm')} at the latest
            {many > 1 && ` for all ${many}`}.{' '}
            <button type="button" className="btn btn-xs" onClick={() => void calendar()}>
              Save as calendar file
            </button>
          </p>
        )}
      </section>
      <section className="space-y-2" aria-labelledby="dips">
        <h2 id="dips" className="margin-heading">
          Where to dip
        </h2>
        <Toggle name="Show on the page" on={dips} onSwitch={onDips} />
        {works.map((work) => (
          <div key={work.key} className="text-sm">
            <p>
              <span
                className="mr-1 inline-block h-3 w-3 rounded-full align-middle"
                style={{ background: work.colour }}
              />
              {penWords(work)}:{' '}
              {work.dips
                ? `${work.dips.dips.length} ${work.dips.dips.length === 1 ? 'dip' : 'dips'}`
                : 'feeds itself'}
              {work.dips && work.dips.tooLong.length > 0 && (
                <span> · {work.dips.tooLong.length} strokes are longer than a dip: write them in two</span>
              )}
            </p>
            {work.dips && <Calibration piece={piece} edit={edit} pen={work.pen} laid={laid} />}
          </div>
        ))}
        <p className="text-sm opacity-80">
          A dip is estimated from what such a tool usually holds. Write a line of the piece until the pen runs
          pale and enter how many letters it wrote: from then on your own pen counts.
        </p>
      </section>
    </div>
  );
}

/** How many letters of this piece one dip wrote, for a pen. */
function Calibration({
  piece,
  edit,
  pen,
  laid,
}: {
  piece: Piece;
  edit: (change: (piece: Piece) => Piece) => void;
  pen: string;
  laid: Laid;
}) {
  const known = lookUp(piece.loads, pen);
  const [letters, setLetters] = useState(10);
  const written = laid.lines.filter(({ block }) => `${block.setting.hand} ${block.setting.width}` === pen);
  const found = () => {
    const strokes = written.flatMap(strokesIn);
    const count = written.reduce(
      (sum, { set }) => sum + set.placed.filter(({ kind }) => kind === 'letter').length,
      0,
    );
    const area = strokes.reduce((sum, stroke) => sum + stroke.area, 0) / Math.max(1, count);
    const { low, high } = LIMITS.load;
    const load = Math.min(high, Math.max(low, calibratedLoad(letters, area)));
    edit((p) => ({ ...p, loads: { ...p.loads, [pen]: Math.round(load * 100) / 100 } }));
  };
  return (
    <div className="mt-1 flex flex-wrap items-end gap-2">
      <NumberField
        limit={{ label: 'Letters one dip wrote', unit: '', low: 1, high: 500, step: 1 }}
        value={letters}
        onCommit={setLetters}
      />
      <button type="button" className="btn btn-xs" onClick={found}>
        Use this number
      </button>
      {known !== undefined && <span>{plain(known, 1)} µl a dip</span>}
    </div>
  );
}
