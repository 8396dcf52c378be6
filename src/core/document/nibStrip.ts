import type { About } from '../about/about';
import type { HandId } from '../hands/registry';
import { bandOf } from '../practice/bands/bandOf';
import { STRIP_ROWS } from '../practice/drills/strip';
import { LIMITS } from '../problem/limits';
import { handOf } from '../setting/handOf';
import { pin } from '../sheet/solve';
import { LONGEST_TITLE } from '../sheet/title';
import { STRIP_PARTS } from '../writing/stripPart';
import { type ChosenNib, withNib } from './chosenNib';
import { freshFor } from './freshFor';
import type { Recipe } from './recipe';

/** Least height of a strip's strokes, in mm, and in widths of the nib: long enough to come to the full width and to be measured in their middle. */
const LEAST_TALL = 9;
const IN_WIDTHS = 5;

/** A nib that writes its strip. */
export interface StripNib extends ChosenNib {
  readonly label: string;
  /** It is charged by dipping, so that one load has an end. */
  readonly dipped: boolean;
}

/** A page on which a nib writes its strip: ruled at top and foot of the strokes only, with the marks by which a photograph is read. */
export function nibStrip(about: About, hand: HandId, nib: StripNib): Recipe {
  const fresh = freshFor(about, hand);
  const { tool } = handOf(fresh);
  const tall = Math.min(LIMITS.bodyMm.high, Math.max(LEAST_TALL, IN_WIDTHS * nib.width));
  const own = withNib(fresh, nib);
  const ruled = pin({ ...own, given: { width: own.width } }, 'bodyMm', tall);
  const { show, aids } = ruled;
  return {
    ...ruled,
    title: `Strip of ${nib.label}`.slice(0, LONGEST_TITLE),
    show: {
      ...show,
      ascender: false,
      descender: false,
      capital: false,
      branch: false,
      smallCapital: false,
      slope: false,
      halfDots: false,
    },
    aids: { ...aids, ladder: 'none', marks: 'practice' },
    practice: {
      bands: STRIP_PARTS.filter(
        (part) => STRIP_ROWS[part].tools.includes(tool) && (part !== 'load' || nib.dipped),
      ).map((part) => bandOf(part, 'strip', part, { free: STRIP_ROWS[part].rows })),
    },
  };
}
