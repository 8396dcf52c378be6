'use client';

import { useMemo, useState } from 'react';
import { type HandId, OPENING_HAND } from '@/core/hands/registry';
import { paperColour } from '@/core/kit/cover';
import type { Item } from '@/core/kit/item';
import type { Nib } from '@/core/kit/nib';
import { lookUp } from '@/core/measure/lookUp';
import { fieldsOf, shownPiece } from '@/core/piece/batch';
import { drawDips } from '@/core/piece/drawDips';
import { drawPiece } from '@/core/piece/drawPiece';
import { layoutPiece } from '@/core/piece/layout';
import type { Piece } from '@/core/piece/piece';
import { noRoomForMarks } from '@/core/piece/roomForMarks';
import { supplyFindings } from '@/core/piece/supplies';
import { penWork } from '@/core/piece/written';
import { Tabs } from '../fields/Tabs';
import { useOwnLetters } from '../frame/LetterSets';
import { later } from '../frame/later';
import { Paper } from '../paper/Paper';
import type { Zoom } from '../paper/zoom';
import { type StationKeys, zoomKeys } from '../sheet/keys';
import { SidePanel } from '../sheet/SidePanel';
import type { OpenedWork } from '../sheet/useWork';
import { WorkShell } from '../sheet/WorkShell';
import { BeginPiece } from './BeginPiece';
import { Findings } from './Findings';
import { PieceSentence } from './PieceSentence';
import { pieceDifferences, pieceLine } from './pieceWords';
import { TextPanel } from './TextPanel';
import { pointedAt, TouchLine } from './TouchLine';
import { usePiece } from './usePiece';
import { usePieceFiles } from './usePieceFiles';
import { usePieceWorker } from './usePieceWorker';

const NibPanel = later(() => import('./NibPanel').then((panel) => panel.NibPanel));
const DecorPanel = later(() => import('./DecorPanel').then((panel) => panel.DecorPanel));
const DeskPanel = later(() => import('./DeskPanel').then((panel) => panel.DeskPanel));
const ListPanel = later(() => import('./ListPanel').then((panel) => panel.ListPanel));

const TABS = ['Text', 'Nib', 'Decorate', 'List', 'To the desk'] as const;
type Tab = (typeof TABS)[number];

/** A piece's refusals have no offers to apply. */
const takeUp = async (attempted: Piece): Promise<Piece> => attempted;

/** Piece: from a text and a card to a layout that can be written straight off. */
export function PieceStation({
  opened,
  drawer,
  bench,
  printer,
  due,
  kits,
}: {
  opened: OpenedWork<Piece>;
  drawer: readonly Nib[];
  bench: readonly Item[];
  printer: string | null;
  /** Ink and paper of the kit chosen for a hand, by ids. */
  kits: Readonly<Partial<Record<HandId, { readonly ink?: string; readonly paper?: string }>>>;
  /** The saved deadline; empty where there is none. */
  due: string;
}) {
  const work = usePiece(opened);
  const { recipe: piece, edit } = work;
  const own = useOwnLetters();
  const [tab, setTab] = useState<Tab>('Text');
  const [open, setOpen] = useState<string | null>(piece.blocks[0]?.id ?? null);
  const [asked, setAsked] = useState<string | null>(null);
  const [zoom, setZoom] = useState<Zoom>('fit');
  const [row, setRow] = useState(0);
  const [dips, setDips] = useState(false);
  const kit = lookUp(
    kits,
    piece.blocks.find(({ id }) => id === longest(piece))?.setting.hand ?? OPENING_HAND,
  );
  const [ink, setInk] = useState(kit?.ink ?? '');
  const [paper, setPaper] = useState(kit?.paper ?? '');
  const supplies = useMemo(() => {
    const tools = new Map(bench.map((item) => [item.id, item]));
    return { ink: tools.get(ink), paper: tools.get(paper), tools };
  }, [bench, ink, paper]);
  const [place, setPlace] = useState<{ readonly x: number; readonly y: number } | null>(null);
  const shown = useMemo(() => shownPiece(piece, Math.min(row, piece.rows.length - 1)), [piece, row]);
  const laid = useMemo(() => layoutPiece(shown, own), [shown, own]);
  const files = usePieceFiles(piece, row);
  const drawing = useMemo(() => {
    if (tab !== 'To the desk') return drawPiece(laid);
    return dips
      ? drawDips(laid, penWork(laid, supplies.tools))
      : drawPiece(
          laid,
          files.print,
          files.marked && !files.mirrored && noRoomForMarks(laid) === undefined ? {} : undefined,
        );
  }, [laid, tab, dips, supplies, files.print, files.marked, files.mirrored]);
  const block = piece.blocks.find(({ id }) => id === asked)?.id ?? longest(piece);
  const found = usePieceWorker(
    tab === 'List' ? piece : shown,
    own,
    drawer,
    tab === 'Nib'
      ? { ask: 'nibs', block }
      : tab === 'List' && piece.rows.length > 0
        ? { ask: 'rows' }
        : laid.fits
          ? undefined
          : { ask: 'remedies' },
  );
  // Indices into the pattern differ from indices into the name shown in it.
  const touchable = fieldsOf(piece).length === 0;
  const pointed = touchable && place ? pointedAt(laid.lines, place.x, place.y) : undefined;
  const keys: StationKeys[] = [
    ...zoomKeys(setZoom),
    { shown: 'P', does: 'save as PDF', actions: { p: () => void files.save('pdf') } },
  ];
  return (
    <WorkShell
      title="Piece"
      work={work}
      line={pieceLine(piece)}
      sentence={<PieceSentence piece={piece} edit={edit} />}
      differences={pieceDifferences}
      takeUp={takeUp}
      keys={keys}
    >
      <Paper
        drawing={drawing}
        label={`Preview: ${drawing.title}`}
        zoom={zoom}
        onZoom={setZoom}
        colour={paperColour(supplies.paper)}
        onPoint={(x, y) => {
          setPlace({ x, y });
          const under = pointedAt(laid.lines, x, y);
          if (under && tab === 'Text') setOpen(under.line.block.id);
        }}
      />
      <SidePanel holds="Text, nib, list, to the desk" className="sm:w-80 lg:w-[24rem]" scrolls={false}>
        <Tabs
          name="Piece"
          tabs={TABS}
          value={tab}
          onChoose={setTab}
          className="mx-4"
          panelClassName="min-h-0 flex-1 space-y-4 overflow-y-auto px-4 py-3"
        >
          <Findings
            laid={laid}
            more={supplyFindings(shown, supplies.ink, supplies.paper)}
            found={found}
            edit={edit}
          />
          {tab === 'Text' && pointed && (
            <TouchLine pointed={pointed} edit={edit} onClose={() => setPlace(null)} />
          )}
          {tab === 'Text' && (
            <>
              <TextPanel piece={piece} edit={edit} drawer={drawer} open={open} onOpen={setOpen} />
              <p className="text-sm opacity-80">
                {touchable && 'Click a line on the page to move it, or to give a letter another shape. '}
                <BeginPiece className="btn btn-xs">Begin a new piece</BeginPiece>
              </p>
            </>
          )}
          {tab === 'Nib' && (
            <NibPanel
              piece={piece}
              edit={edit}
              drawer={drawer}
              block={block}
              onBlock={setAsked}
              found={found}
            />
          )}
          {tab === 'Decorate' && <DecorPanel piece={piece} edit={edit} />}
          {tab === 'List' && (
            <ListPanel piece={piece} edit={edit} found={found} files={files} row={row} onRow={setRow} />
          )}
          {tab === 'To the desk' && (
            <DeskPanel
              piece={piece}
              edit={edit}
              laid={laid}
              bench={bench}
              supplies={supplies}
              ink={ink}
              onInk={setInk}
              paper={paper}
              onPaper={setPaper}
              printer={printer}
              files={files}
              dips={dips}
              onDips={setDips}
              sheet={opened.id}
              dueBefore={due}
            />
          )}
        </Tabs>
      </SidePanel>
    </WorkShell>
  );
}

/** The block with most to write: the one a nib is usually chosen for. */
const longest = ({ blocks }: Piece): string =>
  [...blocks].sort((a, b) => b.text.length - a.text.length)[0]?.id ?? '';
