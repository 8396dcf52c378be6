import { asUsual } from './inks/asUsual';
import type { Item } from './item';
import { toolOf } from './kinds/registry';

/** What is said of an ink that a paper does not show, and what to take instead. */
export interface Unseen {
  readonly says: string;
  readonly instead: string;
}

/** The tone of a paper as a colour on the screen: our own choice. */
const PAPER_COLOURS = { white: '#ffffff', tinted: '#dcc9a6', dark: '#232c44' } as const;

/** How a paper looks on the screen; white where its tone is not known. */
export const paperColour = (paper: Pick<Item, 'tone'> | undefined): string =>
  PAPER_COLOURS[paper?.tone ?? 'white'];

/** From this opacity on, of 5, a light ink covers a dark paper. */
const COVERS = 4;
const USUAL_OPACITY = 3;
/** Contrast below which writing cannot be seen (estimate). */
const UNSEEN = 1.5;
/** Contrast from which large writing is easily seen (WCAG 2.2). */
const EASILY_SEEN = 3;

/** Why an ink does not show on a paper; undefined where it shows, or the tone of the paper is not known. No ink is a tool's own. */
export function unseenOn(
  ink: (Pick<Item, 'light' | 'opacity'> & Partial<Pick<Item, 'inkKind'>>) | undefined,
  { tone }: Pick<Item, 'tone'>,
  tool?: Pick<Item, 'kind' | 'colour'>,
): Unseen | undefined {
  const known = ink && asUsual(ink);
  if (!ink && tool?.colour && tone && contrastOf(tool.colour, PAPER_COLOURS[tone]) < UNSEEN)
    return {
      says: 'The colour of this tool does not show on such paper.',
      instead: 'Take another colour or paper.',
    };
  if (tone === 'dark') {
    if (!known) {
      const own = tool && toolOf(tool.kind)?.covers ? tool.colour : null;
      if (own && contrastOf(own, PAPER_COLOURS.dark) >= EASILY_SEEN) return undefined;
      if (tool && toolOf(tool.kind)?.supply === 'none')
        return {
          says: 'Graphite does not show on dark paper.',
          instead: 'Take a white pencil for the lines, and an opaque light ink.',
        };
      return {
        says: 'This tool’s own ink does not show on dark paper.',
        instead: 'Take an opaque light ink in a dip nib, or a white gel pen.',
      };
    }
    if (known.light === null) return undefined;
    return known.light && (known.opacity ?? USUAL_OPACITY) >= COVERS
      ? undefined
      : { says: 'This ink does not show on dark paper.', instead: 'Mix an opaque light gouache.' };
  }
  return tone === 'white' && known?.light === true
    ? { says: 'A light ink does not show on white paper.', instead: 'Take a dark ink.' }
    : undefined;
}

/** Linear part of sRGB’s transfer curve, and its exponent (IEC 61966-2-1). */
const LINEAR = { below: 0.04045, slope: 12.92, offset: 0.055, exponent: 2.4 } as const;
/** Weights of red, green and blue in relative luminance (ITU-R BT.709). */
const WEIGHTS = [0.2126, 0.7152, 0.0722] as const;

/** Relative luminance of `#rrggbb`, 0 to 1. */
function luminance(colour: string): number {
  return WEIGHTS.reduce((sum, weight, i) => {
    const value = Number.parseInt(colour.slice(1 + 2 * i, 3 + 2 * i), 16) / 255;
    const linear =
      value <= LINEAR.below
        ? value / LINEAR.slope
        : ((value + LINEAR.offset) / (1 + LINEAR.offset)) ** LINEAR.exponent;
    return sum + weight * linear;
  }, 0);
}

/** Flare that is added to both luminances (WCAG 2.2). */
const FLARE = 0.05;

/** Contrast of two colours `#rrggbb`, from 1 to 21 (WCAG 2.2, “contrast ratio”). */
export function contrastOf(one: string, other: string): number {
  const [light, dark] = [luminance(one), luminance(other)].sort((a, b) => b - a) as [number, number];
  return (light + FLARE) / (dark + FLARE);
}
