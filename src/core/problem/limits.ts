import { plain } from '../measure/units';

/** What a numeric field is called, its unit, its range, and the step of its control. */
export interface Limit {
  readonly label: string;
  readonly unit: string;
  readonly low: number;
  readonly high: number;
  readonly step: number;
  /** Lengths of a pen are millimetres, whatever the scribe measures paper in. */
  readonly ofPen?: boolean;
}

/**
 * Ranges of everything a recipe holds. They keep a sheet drawable and its size bounded; what is *usual* for a hand
 * is the hand's own business and only ever a remark.
 */
export const LIMITS = {
  width: { label: 'Nib width', unit: 'mm', low: 0.1, high: 30, step: 0.1, ofPen: true },
  edge: { label: 'Thickness of the edge', unit: 'mm', low: 0.01, high: 2, step: 0.05, ofPen: true },
  bodyMm: { label: 'Body height', unit: 'mm', low: 1, high: 200, step: 0.5 },
  body: { label: 'Body', unit: '', low: 0.5, high: 200, step: 0.5 },
  ascender: { label: 'Ascender', unit: '', low: 0, high: 200, step: 0.5 },
  descender: { label: 'Descender', unit: '', low: 0, high: 200, step: 0.5 },
  capital: { label: 'Capital height', unit: '', low: 0, high: 300, step: 0.5 },
  gap: { label: 'Gap between lines', unit: '', low: 0, high: 200, step: 0.5 },
  branch: { label: 'Branch line', unit: '', low: 0.25, high: 200, step: 0.25 },
  smallCapital: { label: 'Small-capital line', unit: '', low: 0.25, high: 200, step: 0.25 },
  ratioUnit: { label: 'Ratio unit', unit: 'mm', low: 0.25, high: 100, step: 0.25 },
  lines: { label: 'Number of lines', unit: '', low: 1, high: 400, step: 1 },
  penAngle: { label: 'Pen angle', unit: '°', low: 0, high: 90, step: 1 },
  contrast: { label: 'Contrast', unit: '', low: 2, high: 20, step: 1 },
  bounce: { label: 'Bounce', unit: '', low: 0, high: 1, step: 0.1 },
  letterSpace: { label: 'White between letters', unit: 'of the body', low: -0.15, high: 0.6, step: 0.05 },
  rising: { label: 'Rise of the line', unit: '°', low: 0, high: 8, step: 1 },
  touchAlong: {
    label: 'A letter moved along the line',
    unit: 'of the body',
    low: -0.5,
    high: 0.5,
    step: 0.02,
  },
  touchRise: {
    label: 'A letter moved up',
    unit: 'of the body',
    low: -0.25,
    high: 0.25,
    step: 0.02,
  },
  slope: { label: 'Slope', unit: '°', low: -30, high: 45, step: 1 },
  slopeSpacing: { label: 'Slope line spacing', unit: 'mm', low: 2, high: 100, step: 1 },
  paperWidth: { label: 'Paper width', unit: 'mm', low: 40, high: 450, step: 1 },
  paperHeight: { label: 'Paper height', unit: 'mm', low: 40, high: 450, step: 1 },
  margin: { label: 'Margin', unit: 'mm', low: 0, high: 100, step: 1 },
  columns: { label: 'Columns', unit: '', low: 1, high: 3, step: 1 },
  gutter: { label: 'Space between columns', unit: 'mm', low: 2, high: 60, step: 1 },
  cells: { label: 'Number of cells', unit: '', low: 0, high: 40, step: 1 },
  bandLines: { label: 'Lines of the band', unit: '', low: 1, high: 30, step: 1 },
  size: { label: 'Size', unit: '×', low: 0.25, high: 4, step: 0.25 },
  sessions: { label: 'Sessions', unit: '', low: 1, high: 27, step: 1 },
  minutes: { label: 'Minutes a session', unit: 'min', low: 5, high: 120, step: 5 },
  leading: { label: 'Space between lines', unit: 'nib widths', low: -10, high: 30, step: 0.5 },
  before: { label: 'Space before the block', unit: 'mm', low: 0, high: 200, step: 1 },
  initialLines: { label: 'Lines of the initial', unit: '', low: 0, high: 5, step: 1 },
  finishOff: { label: 'Distance from the letters', unit: 'mm', low: 0.1, high: 5, step: 0.1 },
  nudge: { label: 'A line moved by hand', unit: 'mm', low: -50, high: 50, step: 0.5 },
  inset: { label: 'Distance from the edge', unit: 'mm', low: 1, high: 60, step: 0.5 },
  tickSpacing: { label: 'Distance of the ticks', unit: 'mm', low: 1, high: 50, step: 0.5 },
  tickLength: { label: 'Length of a tick', unit: 'mm', low: 0.5, high: 20, step: 0.5 },
  motifs: { label: 'Number of motifs', unit: '', low: 1, high: 99, step: 2 },
  motifSize: { label: 'Size of a motif', unit: 'mm', low: 1, high: 20, step: 0.5 },
  clear: { label: 'Room kept clear', unit: 'mm', low: 0, high: 40, step: 0.5 },
  seed: { label: 'Number of the scatter', unit: '', low: 0, high: 9999, step: 1 },
  postageWidth: { label: 'Width of the corner', unit: 'mm', low: 10, high: 150, step: 1 },
  postageHeight: { label: 'Height of the corner', unit: 'mm', low: 10, high: 100, step: 1 },
  wordSpace: { label: 'Space between words', unit: 'of the body', low: -0.3, high: 1.5, step: 0.05 },
  load: { label: 'Ink of one dip', unit: 'µl', low: 0.2, high: 100, step: 0.5 },
  dpi: { label: 'Resolution', unit: 'dpi', low: 36, high: 600, step: 1 },
} as const satisfies Record<string, Limit>;

export type LimitId = keyof typeof LIMITS;

const withUnit = (value: number, unit: string) => plain(value, 3) + (unit === '°' ? '°' : unit && ` ${unit}`);

/** "Nib width is 90 mm; the nearest allowed is 30 mm." */
export const outOfRange = (limit: Limit, value: number): string =>
  `${limit.label} is ${withUnit(value, limit.unit)}; the nearest allowed is ${withUnit(
    value < limit.low ? limit.low : limit.high,
    limit.unit,
  )}.`;

/** "Nib width must be a number from 0.1 to 30 mm." */
export const notANumber = (limit: Limit): string =>
  `${limit.label} must be a number from ${plain(limit.low, 3)} to ${withUnit(limit.high, limit.unit)}.`;
