import { handFor } from '@/core/compare/penSheet';
import { comparePens } from '@/core/compare/pens';
import { handsOn, type KeptPage } from '@/core/document/keptPage';
import { Prints } from '@/core/document/prints';
import type { Drawing } from '@/core/drawing/drawing';
import { loadScript } from '@/core/hands/scripts';
import { asNib } from '@/core/kit/item';
import { onLarge } from '@/core/page/imposition';
import { copyId } from '@/core/page/pageCode';
import { openRows, shownPiece } from '@/core/piece/batch';
import { layoutPiece } from '@/core/piece/layout';
import { type Composed, compose, drawPage } from '@/core/practice/compose';
import { Problem } from '@/core/problem/problem';
import { renderPdfPages } from '@/render/pdf';
import { pngTask, rasterise } from '@/render/png';
import { renderSvg } from '@/render/svg';
import { batchSteps } from './batchSteps';
import { classSteps } from './classSteps';
import type { FileAs, Job, PensJob, PieceJob, PracticeJob, SheetJob } from './job';
import { courseSteps, pdfSteps, practiceSteps } from './packSteps';
import { pieceOnPaper } from './pieceOnPaper';
import { cameraSteps } from './review/cameraSteps';
import { sampleSteps } from './review/sampleSteps';
import { lookSteps, reviewSteps } from './review/steps';
import { sheetOnPaper } from './sheetSteps';
import type { Step } from './step';

/** A file in the making. */
export interface Printing {
  readonly title: string;
  /** Sheets it has in all; 1 where that is not known before. */
  readonly pages: number;
  /** Words that find no room on it, one after the other. */
  readonly leftOut?: string;
  readonly steps: Generator<Step, void> | AsyncGenerator<Step, void>;
}

/** Sheets of one practice page at most: a ream is not practice, and its drawings would fill the memory. */
const MOST_SHEETS = 60;

/**
 * Begins a job: lays out what must be laid to know that it can be done; steps draw it.
 * @throws Problem where it cannot be done.
 */
export async function begin(job: Job): Promise<Printing> {
  switch (job.kind) {
    case 'sheet':
      if (job.alone || job.recipe.exemplar) await loadScript(job.recipe.hand);
      return sheet(job);
    case 'practice':
      await loadScript(job.recipe.hand);
      return practice(job);
    case 'course': {
      await loadScript(job.recipe.hand);
      const { recipe, course, words, own, title, pdf, id } = job;
      return { title, pages: 1, steps: courseSteps(recipe, course, words, own, title, pdf, id) };
    }
    case 'piece':
      await loadScriptsOf(job);
      return piece(job);
    case 'class':
      await Promise.all(job.students.map(({ hand }) => loadScript(hand)));
      return { title: 'Pages for the class', pages: 1, steps: classSteps(job) };
    case 'look':
      return { title: 'Picture', pages: 1, steps: lookSteps(job) };
    case 'review':
      await loadScriptsOn(job.page);
      return { title: 'Review', pages: 1, steps: reviewSteps(job) };
    case 'sample':
      await loadScript(job.asked.hand);
      return { title: 'Writing sample', pages: 1, steps: sampleSteps(job) };
    case 'camera':
      await loadScriptsOn(job.page);
      return { title: 'Photograph', pages: 1, steps: cameraSteps(job) };
    case 'pens':
      await Promise.all(handsOf(job).map(loadScript));
      return pens(job);
    case 'batch': {
      await loadScriptsOf(job);
      return { title: job.piece.title, pages: 1, steps: batchSteps(job.piece, openRows(job.piece), job) };
    }
  }
}

const loadScriptsOn = (page: KeptPage) => Promise.all(handsOn(page).map(loadScript));

const loadScriptsOf = ({ piece: { blocks } }: Pick<PieceJob, 'piece'>) =>
  Promise.all(blocks.map(({ setting }) => loadScript(setting.hand)));

const handsOf = ({ pens: items, options }: PensJob) => [
  options.hand,
  ...items.flatMap((item) => {
    const nib = asNib(item);
    return nib ? [handFor(nib, options.hand)] : [];
  }),
];

function pens({ word, pens: items, options, as }: PensJob): Printing {
  const compared = comparePens(word, items, options);
  const { pages } = compared;
  const title = pages[0]?.title ?? word;
  const steps =
    as.format === 'json'
      ? only(() => JSON.stringify(compared))
      : pdfSteps(title, pages.length, (index) => pages[index] as Drawing, as.pdf);
  return { title, pages: pages.length, steps };
}

/** A file that is made in one step. */
function* only(make: () => string | Uint8Array): Generator<Step, void> {
  const made = make();
  yield { stage: 'drawing', done: 1, of: 1, bytes: [typeof made === 'string' ? Buffer.from(made) : made] };
}

function* pdfOf(drawing: Drawing, { pdf }: FileAs): Generator<Step, void> {
  for (const { bytes } of renderPdfPages(drawing.title, [drawing], pdf)) {
    yield { stage: 'drawing', done: 1, of: 1, bytes };
  }
}

/** One drawing in the format that is asked for. */
function drawn(drawing: Drawing, as: FileAs): Generator<Step, void> {
  switch (as.format) {
    case 'json':
      return only(() => JSON.stringify(drawing));
    case 'svg':
      return only(() => renderSvg(drawing, { small: as.small }));
    case 'png':
      return only(() => rasterise(pngTask(drawing, as.dpi)));
    case 'pdf':
      return pdfOf(drawing, as);
  }
}

function sheet(job: SheetJob): Printing {
  const { drawing, leftOut, prints } = sheetOnPaper(job);
  const { title } = drawing;
  const { as } = job;
  const steps = as.format === 'pdf' ? pdfSteps(title, 1, () => drawing, as.pdf, prints) : drawn(drawing, as);
  return { title, pages: 1, leftOut, steps };
}

function practice({ recipe, own, page, on, as, id }: PracticeJob): Printing {
  const composed = compose(recipe, { own });
  const pages = composed.pages.length;
  if (pages > MOST_SHEETS) {
    throw new Problem(
      'practice',
      `These bands fill ${pages} sheets; at most ${MOST_SHEETS} are drawn at once. Take some bands away, or fewer lines of each.`,
    );
  }
  if (page > pages) {
    throw new Problem('page', `There are ${pages} pages; the nearest that works is page ${pages}.`);
  }
  const { title } = drawPage(composed, 0);
  const steps =
    as.format === 'pdf'
      ? practiceSteps(composed, title, on, as.pdf, id)
      : as.format === 'json'
        ? asJson(composed)
        : drawn(drawPage(composed, page - 1), as);
  return { title, pages, steps };
}

/** All pages as one JSON, a page a step: a page of many forms takes megabytes. */
function* asJson(composed: Composed): Generator<Step, void> {
  const of = composed.pages.length;
  for (let page = 0; page < of; page++) {
    const text = `${page === 0 ? '{"pages":[' : ','}${JSON.stringify(drawPage(composed, page))}`;
    yield { stage: 'drawing', done: page + 1, of, bytes: [Buffer.from(text)] };
  }
  const foot = `],"remarks":${JSON.stringify(composed.remarks)}}`;
  yield { stage: 'drawing', done: of, of, bytes: [Buffer.from(foot)] };
}

function piece({ piece, row, own, paper, as, id }: PieceJob): Printing {
  const laid = layoutPiece(shownPiece(piece, row), own);
  const prints = new Prints();
  const alone = (copy: number): Drawing =>
    pieceOnPaper(laid, paper, { prints, own, page: 1, of: 1, ...(id && { id: copyId(id, copy) }) });
  const drawing =
    paper.on === 'a4' ? onLarge({ count: 1, page: (_, copy) => alone(copy) }).page(0) : alone(0);
  const steps =
    as.format === 'pdf' ? pdfSteps(drawing.title, 1, () => drawing, as.pdf, prints) : drawn(drawing, as);
  return { title: piece.title, pages: 1, steps };
}
