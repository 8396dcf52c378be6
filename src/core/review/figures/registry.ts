import { EDGE } from './edge';
import type { Figure } from './figure';
import { HEIGHTS } from './heights';
import { PRESSURE } from './pressure';
import { STEMS } from './stems';
import { WHITE } from './white';

const DECLARED = { ...EDGE, ...STEMS, ...HEIGHTS, ...WHITE, ...PRESSURE };

export type FigureId = keyof typeof DECLARED;

/** Everything that is measured of a page. A new figure is an entry in one of these files, and the code that measures it. */
export const FIGURES: Readonly<Record<FigureId, Figure>> = DECLARED;

export const FIGURE_IDS = Object.keys(DECLARED) as [FigureId, ...FigureId[]];
