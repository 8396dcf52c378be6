import { countsByPen, type Hand, inSchool } from '../hand/hand';
import { type HandId, handById } from '../hands/registry';
import { NO_PRACTICE } from '../practice/band';
import type { Given } from './given';
import { PLAIN_WRITING, RECIPE_FORMAT, RECIPE_VERSION, type Recipe } from './recipe';

/** Margins a desktop sheet is comfortable with: room for the hand to rest and for the aids. */
const MARGIN = 15;

/** What is pinned on a fresh sheet: the nib and the hand's weight, or the body where heights are in mm. */
export const usualGiven = (hand: Hand): Given =>
  countsByPen(hand)
    ? { width: hand.width, body: hand.zones.body }
    : { bodyMm: hand.zones.body * (hand.ratioUnit ?? 1) };

/** The parts of a recipe that a hand, as one school teaches it, decides. */
export function handPart(handId: HandId, schoolId?: string) {
  const base = handById(handId);
  const school = schoolId ?? (base.schools[0]?.id as string);
  const hand = inSchool(base, school);
  return {
    hand: handId,
    school,
    width: hand.width,
    nib: '',
    penAngle: hand.penAngle?.usual ?? 0,
    slope: hand.slope.usual,
    ratioUnit: hand.ratioUnit ?? 1,
    zones: { ...hand.zones },
    given: usualGiven(hand),
    capitalsOnly: hand.capitalsOnly,
    writing: { ...PLAIN_WRITING, contrast: hand.contrast, joined: hand.joined },
    show: {
      baseline: true,
      waistline: true,
      ascender: true,
      descender: true,
      capital: true,
      branch: true,
      smallCapital: true,
      slope: !countsByPen(hand),
      halfDots: hand.basis === 'dots',
    },
  } satisfies Partial<Recipe>;
}

/** A fresh recipe: this hand on an upright A4 sheet, as many lines as fit. */
export const freshRecipe = (handId: HandId, schoolId?: string): Recipe => ({
  format: RECIPE_FORMAT,
  version: RECIPE_VERSION,
  title: '',
  ...handPart(handId, schoolId),
  shareZones: false,
  slopeLines: { spacing: 10, extent: 'zones' },
  tint: 'faint',
  aids: { ladder: 'line', gauge: true, letters: true, bars: true, header: true },
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
  bands: [],
  date: '',
  note: '',
  exemplar: '',
  touches: [],
  practice: NO_PRACTICE,
});
