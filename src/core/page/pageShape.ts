import { z } from 'zod';
import { PAPER_FORMAT_IDS } from '../measure/paper';
import { ranged, whole } from '../problem/ranged';
import { choice, flag } from '../problem/schema';

/** Which pages carry marks for the review: none, those to practise on, or every sheet. */
export const MARKINGS = ['none', 'practice', 'every'] as const;

/** A paper and its margins: of every kind of document. */
export const paperShape = {
  format: choice('Paper format', PAPER_FORMAT_IDS),
  width: ranged('paperWidth'),
  height: ranged('paperHeight'),
  sideways: flag('Sideways'),
  margins: z.strictObject({
    top: ranged('margin'),
    right: ranged('margin'),
    bottom: ranged('margin'),
    left: ranged('margin'),
  }),
};

/** The paper and what helps on it, as plain data: what every page has, whatever is written on it. */
export const pageShape = {
  tint: choice('Ruling tint', ['faint', 'strong', 'drop-out']),
  aids: z.strictObject({
    ladder: choice('Ladder', ['none', 'page', 'line']),
    gauge: flag('Angle gauge'),
    letters: flag('Zone letters'),
    bars: flag('Check bars'),
    header: flag('Header'),
    /** Rings and a code, by which a photograph of the page is read; absent in earlier documents. */
    marks: choice('Review marks', MARKINGS).default('none'),
  }),
  paper: z.strictObject({
    ...paperShape,
    columns: whole('columns'),
    gutter: ranged('gutter'),
    mirrored: flag('Left-handed layout'),
  }),
};

export type PageShape = z.infer<z.ZodObject<typeof pageShape>>;
export type Paper = PageShape['paper'];
export type Aids = PageShape['aids'];
export type Tint = PageShape['tint'];
