import { dueOn, isPiece, type KeptPage, type KeptSheet } from '../document/keptPage';
import type { Drawing } from '../drawing/drawing';
import { upperLine } from '../hand/upperLine';
import { handById } from '../hands/registry';
import { median } from '../measure/statistics';
import { listed } from '../measure/words';
import type { DueRow } from '../practice/dueRows';
import type { Ground } from '../practice/ground';
import { Problem } from '../problem/problem';
import type { Bytes } from '../raster/grey';
import { PIXELS_PER_MM } from '../register/pageMap';
import { keyOf } from '../study/unit';
import { aligned, laid } from './align';
import { leanOf, printedLines } from './due';
import { faultsOf, type JudgedRow, LEAST_OVERLAP, offBy } from './faults';
import { type Compared, compare, type Model, modelOf } from './letter';
import type { Light } from './light';
import { figuresOf } from './pageFigures';
import { measurePiece } from './pieceLines';
import { ratedBy } from './ratings';
import { remarksOn } from './remarks';
import type { Measuring, ReviewLetter, ReviewRow } from './review';
import { measureRuled } from './ruledSheet';
import { readRow, type Sample } from './samples';
import { type NibProfile, profileIn } from './strip';

/** Maximum number of letters kept per row and per page, and of rows: the limits of a logbook entry. All are measured. */
const MOST_LETTERS = 24;
const MOST_OF_PAGE = 140;
const MOST_ROWS = 40;
/** Minimum gain in overlap with another row's model at which a row counts as written on the wrong line. */
const OTHERS_BETTER = 0.15;

interface ReadRow {
  readonly due: DueRow;
  readonly model: Model;
  readonly kept: readonly { readonly sample: Sample; readonly compared: Compared }[];
  /** Samples unlike their model. */
  readonly strange: readonly { readonly sample: Sample; readonly compared: Compared }[];
}

/**
 * Measures a straightened page against what was due on it, one row per step, and yields its progress. A guide of a piece is measured pen
 * by pen, starting with the pen that wrote most; every other page has one pen.
 * @throws Problem where nothing can be measured: the page is only ruled, or nobody has written on it.
 */
export function* reviewPage(
  page: Bytes,
  light: Light,
  kept: KeptPage,
  drawing: Drawing,
): Generator<number, readonly Measuring[]> {
  if (isPiece(kept)) return measurePiece(page, light, kept, drawing);
  const due = dueOn(kept);
  if (!due) return [measureRuled(page, light, kept, drawing)];
  if (due.length === 0) {
    throw new Problem(
      'photo',
      'Nothing that is known was due on this page. Pages with letters or words to write can be measured, and sheets that are only ruled.',
    );
  }
  const profile = profileIn(page, light, due) ?? null;
  const lines = printedLines(drawing);
  const read: ReadRow[] = [];
  const models = new Map<string, Model>();
  for (const [i, row] of due.entries()) {
    const { figure, ground } = row.due;
    // A strip is measured stroke by stroke, and not compared with a model.
    if (figure.strip) continue;
    const key = JSON.stringify([figure.text, ground.unit, ground.recipe.penAngle, row.due.running]);
    const model = models.get(key) ?? modelOf(row);
    models.set(key, model);
    const { samples } = readRow(page, light, row, lines);
    const free = samples.filter(({ traced }) => !traced);
    const all = free.map((sample) => ({ sample, compared: compare(sample, model, row) }));
    const like = ({ compared }: { compared: Compared }) => compared.alignment.overlap >= LEAST_OVERLAP;
    read.push({
      due: row,
      model,
      kept: all.filter(like),
      strange: all.filter((one) => !like(one)),
    });
    yield (i + 1) / due.length;
  }
  if (!profile && read.every(({ kept: found, strange }) => found.length + strange.length === 0)) {
    throw new Problem(
      'photo',
      'Nobody has written on this page, or only over its models. Write on the free cells and rows, and photograph it again.',
    );
  }
  return [summed(kept, read, due[0]?.due.ground, profile)];
}

function summed(
  kept: KeptSheet,
  read: readonly ReadRow[],
  ground: Ground | undefined,
  profile: NibProfile | null,
): Measuring {
  const { sheet } = kept;
  const judged = read.map(
    ({ due: row, model, kept: found, strange }): JudgedRow => ({
      row,
      model,
      letters: found.map(({ compared }) => compared),
      places: found.map(({ sample }) => sample.box.x),
      strange: strange.map(({ compared }) => compared),
    }),
  );
  const withLetters = judged.filter(({ letters }) => letters.length > 0);
  const figures = figuresOf(withLetters).map((figure) => ({
    ...figure,
    value: rounded(figure.value),
    error: rounded(figure.error),
  }));
  const written = Math.min(MOST_ROWS, withLetters.length);
  const shown = Math.min(MOST_LETTERS, Math.max(1, Math.floor(MOST_OF_PAGE / written)));
  const faultsOfRows = faultsOf(judged);
  const rows = read.flatMap(({ due, kept, strange }, i): ReviewRow[] => {
    const faults = faultsOfRows[i] ?? [];
    // Letters that lack a stroke are unlike their model, but are still shown.
    const found = kept.length === 0 && faults.length > 0 ? strange : kept;
    if (found.length === 0) return [];
    const { ground, figure, from, to } = due.due;
    return [
      {
        text: figure.text.slice(0, 200),
        baseline: tenths(due.row.line.baseline),
        body: tenths(ground.zones.body * ground.unit),
        from: tenths(from),
        to: tenths(to),
        letters: found.slice(0, shown).map(({ sample, compared }) => letterOf(sample, compared, due)),
        faults: faults.slice(0, 3).map(({ fault, score, value, letters }) => ({
          fault,
          score: rounded(score),
          value: rounded(value),
          letters,
        })),
      },
    ];
  });
  const edge = ground?.pen.kind === 'broad' ? ground.pen.width * ground.unit : undefined;
  const body = ground ? ground.zones.body * ground.unit : 1;
  const wobbled = [
    ...new Set(
      rows.flatMap(({ text, faults }) =>
        faults.length > 0 && [...text].length === 1 ? [keyOf('letter', text)] : [],
      ),
    ),
  ];
  return {
    hand: sheet.hand,
    title: sheet.title,
    width: 0,
    height: 0,
    nib: edge ?? ground?.unit ?? 0,
    figures,
    rows: rows.slice(0, MOST_ROWS),
    refused: refusals(read.filter((_, i) => faultsOfRows[i]?.length === 0)),
    remarks: remarksOn({
      figures,
      rows,
      nib: edge,
      pressed: ground?.pen.kind === 'pointed',
      body,
      upper: upperLine(handById(sheet.hand)),
      slopeLines: sheet.show.slope,
      gauge: true,
    }),
    checks: ratedBy(figures, rows, body).slice(0, 8),
    wobbled: wobbled.slice(0, 40),
    profile,
  };
}

const rounded = (value: number): number => Math.round(value * 1000) / 1000;
const tenths = (mm: number): number => Math.max(0, Math.round(mm * 10));

const letterOf = ({ box }: Sample, compared: Compared, due: DueRow): ReviewLetter => ({
  box: [tenths(box.x), tenths(box.y), tenths(box.width), tenths(box.height)],
  off: Math.round(Math.min(99, offBy(compared, due)) * 10) / 10,
  angle: compared.angle === undefined ? null : Math.round(compared.angle * 10) / 10,
  slope: compared.slope === undefined ? null : Math.round(compared.slope * 10) / 10,
});

/** Reason why a row was not judged: empty, too few letters, or not what was due. */
function refusals(read: readonly ReadRow[]): string[] {
  const empty = read.filter(({ kept, strange }) => kept.length + strange.length === 0);
  const wrong = read.filter(({ kept, strange }) => strange.length > kept.length && strange.length > 1);
  const said: string[] = [];
  if (empty.length > 0) {
    said.push(
      `${empty.length === 1 ? 'A row is' : `${empty.length} rows are`} empty: ${listed(empty.map(({ due }) => due.due.figure.text)).slice(0, 120)}.`,
    );
  }
  for (const row of wrong) {
    const { due, strange } = row;
    const text = due.due.figure.text.slice(0, 40);
    const other = read.find(
      (one) =>
        one !== row &&
        one.due.due.figure.text !== due.due.figure.text &&
        overlapWith(strange, one) > overlapWith(strange, row) + OTHERS_BETTER,
    );
    said.push(
      other
        ? `Row ${due.number + 1} was ruled for “${text}”, and “${other.due.due.figure.text.slice(0, 40)}” stands on it: it was not judged.`
        : `What stands on row ${due.number + 1} is not like “${text}”: it was not judged.`,
    );
  }
  return said.slice(0, 20);
}

function overlapWith(samples: ReadRow['strange'], { model, due }: ReadRow): number {
  const { ground } = due.due;
  const body = ground.zones.body * ground.unit * PIXELS_PER_MM;
  const slant = leanOf(due);
  return median(
    samples.slice(0, 4).map(({ sample }) => aligned(model.laid, laid(sample, body, slant)).overlap),
  );
}
