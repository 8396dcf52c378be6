'use client';

import { Plus, Timer } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import type { HandId } from '@/core/hands/registry';
import type { Nib } from '@/core/kit/nib';
import type { Entry } from '@/core/log/entry';
import { lookUp } from '@/core/measure/lookUp';
import type { Band } from '@/core/practice/band';
import { type BandKindId, kindOf, kindsFor } from '@/core/practice/bands/registry';
import { type Composed, compose } from '@/core/practice/compose';
import { addBand, freeIds, newBand, withBands } from '@/core/practice/edit';
import { type Ground, groundOf } from '@/core/practice/ground';
import { lettersOn } from '@/core/practice/newLetters';
import { samplesFor } from '@/core/practice/words/samples';
import { Problem } from '@/core/problem/problem';
import { handOf } from '@/core/setting/handOf';
import { settle } from '@/core/sheet/solve';
import { LONGEST_TITLE } from '@/core/sheet/title';
import { Link } from '@/ui/lib/Link';
import { Toggle } from '../fields/Choices';
import { Tabs } from '../fields/Tabs';
import { useLetterSet } from '../frame/LetterSets';
import { later } from '../frame/later';
import { useNotice } from '../frame/notices';
import { newId } from '../lib/api';
import { forgetRecord, keepSession, writtenNow } from '../lib/keepSession';
import { Paper } from '../paper/Paper';
import type { Zoom } from '../paper/zoom';
import { EndingsChoice } from '../sheet/EndingsChoice';
import { type StationKeys, zoomKeys } from '../sheet/keys';
import { SheetShell } from '../sheet/SheetShell';
import { SidePanel } from '../sheet/SidePanel';
import { type Opened, useSheet } from '../sheet/useSheet';
import { WhiteSliders } from '../sheet/WhiteSliders';
import { TextField } from './BandForm';
import { BandList } from './BandList';
import { OtherPages } from './OtherPages';
import { PageFiles } from './PageFiles';
import { PageTurner } from './PageTurner';
import { screenPage } from './screenPage';
import { useKnown } from './useKnown';
import { usePageFiles } from './usePageFiles';
import { Stopped, usePractiseWorker } from './usePractiseWorker';
import { usePrinted } from './usePrinted';
import { WroteIt } from './WroteIt';

const WordsPanel = later(() => import('./WordsPanel').then((panel) => panel.WordsPanel));
const ClassPanel = later(() => import('./ClassPanel').then((panel) => panel.ClassPanel));
const CoursePanel = later(() => import('./CoursePanel').then((panel) => panel.CoursePanel));

const TABS = ['Page', 'Words', 'Course', 'Class'] as const;
type Tab = (typeof TABS)[number];

/** The page composed, or why it cannot be. */
function composedOf(
  recipe: Recipe,
  own: Parameters<typeof groundOf>[2],
): { composed?: Composed; problem?: string } {
  try {
    return { composed: compose(recipe, { own }) };
  } catch (error) {
    if (error instanceof Problem) return { problem: error.message };
    throw error;
  }
}

const NOTHING: readonly string[] = [];

/** Practise: the page that should lie on the desk, guided, then faded, then free. */
export function PractiseStation({
  opened,
  drawer,
  printer,
  records,
  learned,
  todays,
}: {
  opened: Opened;
  drawer: readonly Nib[];
  printer: string | null;
  records: readonly Entry[];
  /** Letters the logbook knows, hand by hand. */
  learned: Readonly<Partial<Record<HandId, readonly string[]>>>;
  /** Why Today asks for the page that lies here, where it is today's. */
  todays: string | undefined;
}) {
  const sheet = useSheet(opened);
  const { recipe, edit } = sheet;
  const { bands } = recipe.practice;
  // Callbacks that run later apply to the sheet as it is then, through a ref.
  const latest = useRef(sheet);
  latest.current = sheet;
  const own = useLetterSet(recipe.hand).set.letters;
  const { known, set: setKnown } = useKnown(recipe.hand, records, lookUp(learned, recipe.hand) ?? NOTHING);
  const worker = usePractiseWorker(recipe.wordList);
  const notice = useNotice();
  const { composed, problem } = useMemo(() => composedOf(recipe, own), [recipe, own]);
  const ground = useMemo(() => groundOf(recipe, { size: 1, held: false }, own), [recipe, own]);
  const [page, setPage] = useState(0);
  const [selected, setSelected] = useState<string | null>(null);
  const [tab, setTab] = useState<Tab>('Page');
  const [zoom, setZoom] = useState<Zoom>('fit');
  const pages = composed?.pages.length ?? 1;
  const at = Math.min(page, pages - 1);
  const drawing = useMemo(() => composed && screenPage(composed, at, selected), [composed, at, selected]);
  const printed = usePrinted(recipe.hand, records);
  const files = usePageFiles(recipe, at, own, () => void printed.remember(lettersOn(bands)));

  // A band that is opened comes into sight, and stays so while its page changes under it.
  const sought = useRef<string | null>(null);
  useEffect(() => {
    if (!composed || !sought.current) return;
    const found = composed.pages.findIndex(({ laid }) => laid.some(({ band }) => band === sought.current));
    if (found < 0) return;
    setPage(found);
    sought.current = null;
  }, [composed]);
  const select = (band: string | null) => {
    setSelected(band);
    const found = composed?.pages.findIndex(({ laid }) => laid.some((piece) => piece.band === band)) ?? -1;
    if (found >= 0) setPage(found);
    else sought.current = band;
  };

  /** The band under a place on the page, in mm, is opened. */
  const point = (x: number, y: number) => {
    const under = composed?.pages[at]?.laid.find(
      ({ box }) => x >= box.x && x <= box.x + box.width && y >= box.y && y <= box.y + box.height,
    );
    if (!under) return;
    setTab('Page');
    select(under.band);
  };

  const add = (kind: BandKindId) => {
    const band = newBand(kind, kindOf(kind).usual(ground), bands);
    edit((r) => addBand(r, band, selected ?? undefined));
    select(band.id);
  };
  const addTexts = (kind: 'word' | 'line', texts: readonly string[]) => {
    edit((r) => texts.reduce((done, text) => addBand(done, newBand(kind, text, done.practice.bands)), r));
    notice({
      tone: 'done',
      text: texts.length === 1 ? `“${texts[0]}” is on the page.` : `${texts.length} bands are on the page.`,
      undo: () => void latest.current.undo(),
    });
  };
  const lay = (laid: readonly Band[], title: string) => {
    const id = freeIds([]);
    latest.current.edit((r) => ({
      ...withBands(
        r,
        laid.map((band) => ({ ...band, id: id() })),
      ),
      title,
    }));
    setSelected(null);
    setPage(0);
    if (bands.length === 0) return;
    notice({
      tone: 'done',
      text:
        laid.length === 0 ? 'The page is empty.' : `“${title}” is on the desk, in place of what was there.`,
      undo: () => void latest.current.undo(),
    });
  };
  const tenMinutes = async () => {
    try {
      const laid = await worker.ask('ten', { recipe, known: known.letters, own });
      lay(laid, `${handOf(recipe).name}, ten minutes`);
    } catch (error) {
      if (!(error instanceof Stopped)) notice.failed(error);
    }
  };
  const turn = (by: number) => setPage(Math.max(0, Math.min(pages - 1, at + by)));
  const keys: StationKeys[] = [
    { shown: 'T', does: 'a ten-minute page', actions: { t: () => void tenMinutes() } },
    {
      shown: 'Page Up  Page Down',
      does: 'the sheet before or after',
      actions: { pageup: () => turn(-1), pagedown: () => turn(1) },
    },
    { shown: 'Space on a handle', does: 'pick up a band; arrows move it, Space puts it down', actions: {} },
    { shown: 'P', does: 'print the page', actions: { p: () => void files.save('paper') } },
    ...zoomKeys(setZoom),
  ];

  return (
    <SheetShell title="Practise" sheet={sheet} drawer={drawer} keys={keys}>
      <div className="flex min-h-0 min-w-0 flex-1 flex-col">
        {pages > 1 && <PageTurner page={at} pages={pages} onTurn={turn} />}
        {drawing ? (
          <Paper
            drawing={drawing}
            label={`Page ${at + 1} of ${pages}: ${drawing.title}`}
            zoom={zoom}
            onZoom={setZoom}
            onPoint={point}
          />
        ) : (
          <p role="alert" className="remark remark-warning m-auto max-w-md">
            {problem}
          </p>
        )}
      </div>
      <SidePanel holds="Bands, words, packs, class" className="sm:w-80 lg:w-[22rem]" scrolls={false}>
        <Tabs
          name="Practise"
          tabs={TABS}
          value={tab}
          onChoose={setTab}
          className="mx-4"
          panelClassName="min-h-0 flex-1 space-y-4 overflow-y-auto px-4 py-3"
        >
          {tab === 'Page' && (
            <>
              <div className="flex flex-wrap items-center gap-2">
                <button type="button" className="btn btn-primary btn-sm" onClick={() => void tenMinutes()}>
                  <Timer size={15} aria-hidden /> Ten-minute page
                </button>
                <Toggle
                  name="For a left hand"
                  on={recipe.paper.mirrored}
                  onSwitch={(mirrored) => edit((r) => settle({ ...r, paper: { ...r.paper, mirrored } }))}
                />
              </div>
              <WroteIt
                printed={printed}
                onWrote={(letters) => {
                  const id = `ses-${newId()}`;
                  void setKnown({ ...known, letters: [...new Set([...known.letters, ...letters])] });
                  void keepSession(id, writtenNow(recipe.hand, letters)).catch((error: unknown) =>
                    notice.failed(error),
                  );
                  notice({
                    tone: 'done',
                    text: `${letters.join(', ')}: known now, and logged. The next ten-minute page goes further.`,
                    undo: async () => {
                      void setKnown(known);
                      await forgetRecord(id);
                    },
                  });
                }}
              />
              <OtherPages ground={ground} sample={samplesFor(handOf(recipe)).letter} onLay={lay} />
              {todays !== undefined && bands === opened.recipe.practice.bands && (
                <p className="text-sm" data-testid="todays">
                  <Link href="/today" className="link">
                    Today’s page
                  </Link>
                  . {todays}
                </p>
              )}
              {bands.length === 0 ? (
                <p className="text-sm">
                  Nothing to practise yet. A ten-minute page is made for what comes next after the letters you
                  know (see Words); or add bands one by one.
                </p>
              ) : (
                <BandList
                  bands={bands}
                  ground={ground}
                  edit={edit}
                  remarks={composed?.remarks ?? []}
                  selected={selected}
                  onSelect={select}
                />
              )}
              <AddBand ground={ground} onAdd={add} />
              <TextField
                name="Title at the head of the page"
                value={recipe.title}
                longest={LONGEST_TITLE}
                onChange={(title) => edit((r) => ({ ...r, title }))}
              />
              {ground.face && (
                <details>
                  <summary className="cursor-pointer text-sm">White and endings</summary>
                  <WhiteSliders recipe={recipe} preview={() => undefined} commit={edit} />
                  <EndingsChoice
                    face={ground.face}
                    value={recipe.writing.endings}
                    onChoose={(endings) => edit((r) => ({ ...r, writing: { ...r.writing, endings } }))}
                  />
                </details>
              )}
              <PageFiles files={files} printer={printer} recipe={recipe} onImport={edit} />
            </>
          )}
          {tab === 'Words' &&
            (ground.face ? (
              <WordsPanel
                ground={ground}
                known={known}
                onKnown={(next) => void setKnown(next)}
                worker={worker}
                list={recipe.wordList}
                onList={(wordList) => edit((r) => ({ ...r, wordList }))}
                onAdd={addTexts}
              />
            ) : (
              <NotDrawn recipe={recipe} />
            ))}
          {tab === 'Class' && <ClassPanel records={records} />}
          {tab === 'Course' &&
            (ground.face ? (
              <CoursePanel
                recipe={recipe}
                own={own}
                worker={worker}
                edit={edit}
                onLay={(title, laid) => {
                  lay(laid, title);
                  setTab('Page');
                }}
              />
            ) : (
              <NotDrawn recipe={recipe} />
            ))}
        </Tabs>
      </SidePanel>
    </SheetShell>
  );
}

const NotDrawn = ({ recipe }: { recipe: Recipe }) => (
  <p>
    The letters of {handOf(recipe).name} are not drawn yet. Its drills, pictures and ruling can be practised;
    words and courses need letters.
  </p>
);

/** A button for each kind of band there can be. */
const AddBand = ({ ground, onAdd }: { ground: Ground; onAdd: (kind: BandKindId) => void }) => (
  <fieldset>
    <legend className="margin-heading mb-1">Add a band</legend>
    <div className="flex flex-wrap gap-1">
      {kindsFor(ground.face !== undefined).map((kind) => (
        <button key={kind} type="button" className="btn btn-xs" onClick={() => onAdd(kind)}>
          <Plus size={12} aria-hidden /> {kindOf(kind).name}
        </button>
      ))}
    </div>
  </fieldset>
);
