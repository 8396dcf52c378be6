import { z } from 'zod';
import { pageShape } from '../page/pageShape';
import { ranged } from '../problem/ranged';
import { choice, flag, shortText } from '../problem/schema';
import { settingShape } from '../setting/setting';
import { touchesSchema } from '../setting/touches';
import { LONGEST_TITLE } from './title';

/** Nibs a comparison sheet can show beside each other. */
const COMPARED = { least: 2, most: 4 };

/** Vertical position of the ruled lines: from the top, spread over the page, or centred. */
export const STANDINGS = ['top', 'even', 'centre'] as const;
/** How the capital line is drawn: a tick at either end, or all along. */
export const CAPITAL_LINES = ['ticks', 'full'] as const;

/** A ruled sheet as plain data: a setting on a page, and which lines are drawn how. */
export const sheetShape = {
  title: shortText('Title', LONGEST_TITLE),
  ...settingShape,
  ...pageShape,
  shareZones: flag('Sharing of zones'),
  /** Absent in earlier recipes, as the capital line is. */
  standing: choice('Standing of the lines', STANDINGS).default('top'),
  capitalLine: choice('Capital line', CAPITAL_LINES).default('ticks'),
  show: z.strictObject({
    baseline: flag('Baseline'),
    waistline: flag('Waistline'),
    ascender: flag('Ascender line'),
    descender: flag('Descender line'),
    capital: flag('Capital line'),
    branch: flag('Branch line'),
    smallCapital: flag('Small-capital line'),
    slope: flag('Slope lines'),
    halfDots: flag('Half dots'),
  }),
  slopeLines: z.strictObject({
    spacing: ranged('slopeSpacing'),
    extent: choice('Extent of the slope lines', ['zones', 'block']),
  }),
  /** Widths of the nibs of a comparison sheet; empty for a sheet of one nib. */
  nibs: z
    .array(ranged('width'))
    .refine(({ length }) => length === 0 || (length >= COMPARED.least && length <= COMPARED.most), {
      error: () => 'A comparison sheet takes two to four nibs.',
    }),
  date: shortText('Date', 40),
  note: shortText('Note', 120),
  /** Text written by the hand itself on the first line; empty for none. Absent in the earliest recipes. */
  exemplar: shortText('Exemplar', 120).default(''),
  /** Letters of the exemplar moved or given another shape by hand. */
  touches: touchesSchema.default([]),
};

export type Sheet = z.infer<z.ZodObject<typeof sheetShape>>;
