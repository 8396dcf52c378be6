import { type HandId, handById } from '../hands/registry';
import { NO_PRACTICE } from '../practice/noPractice';
import { BUNDLED } from '../practice/words/wordList';
import { handSetting } from '../setting/handSetting';
import { shownLines } from '../sheet/shownLines';
import { RECIPE_FORMAT, RECIPE_VERSION } from './format';
import type { Recipe } from './recipe';

/** Margins a desktop sheet is comfortable with: room for the hand to rest and for the aids. */
const MARGIN = 15;

/** A fresh recipe: this hand on an upright A4 sheet, as many lines as fit. */
export const freshRecipe = (handId: HandId, schoolId?: string): Recipe => ({
  format: RECIPE_FORMAT,
  version: RECIPE_VERSION,
  title: '',
  ...handSetting(handId, schoolId),
  show: shownLines(handById(handId)),
  shareZones: false,
  standing: 'top',
  capitalLine: 'ticks',
  slopeLines: { spacing: 10, extent: 'zones' },
  tint: 'faint',
  aids: { ladder: 'line', gauge: true, letters: true, bars: true, header: true, marks: 'practice' },
  paper: {
    format: 'a4',
    width: 210,
    height: 297,
    sideways: false,
    margins: { top: MARGIN, right: MARGIN, bottom: MARGIN, left: MARGIN },
    columns: 1,
    gutter: 10,
    mirrored: false,
  },
  nibs: [],
  date: '',
  note: '',
  exemplar: '',
  touches: [],
  practice: NO_PRACTICE,
  wordList: BUNDLED,
});
