import { type Mm, plain, signed } from '../measure/units';
import { inWords, listed } from '../measure/words';
import type { FigureId, Remark, ReviewFigure, ReviewRow } from './review';
import type { RowFault } from './rowFaults';

/** What remarks are made of. */
export interface Findings {
  readonly figures: readonly ReviewFigure[];
  readonly rows: readonly ReviewRow[];
  /** The nib in mm where it is an edge; and the height of the body. */
  readonly nib: Mm | undefined;
  readonly body: Mm;
  /** Ruled with slope lines already? */
  readonly slopeLines: boolean;
  /** Is there a gauge of pen angles on the page? */
  readonly gauge: boolean;
  /** What figures rest on: letters, unless said otherwise. */
  readonly counted?: string;
}

interface Weighed extends Remark {
  /** How plain it is: 1 is just worth saying. */
  readonly weight: number;
}

/** Most remarks of a page; the first praises. */
const MOST = 3;
/** A fault is said from this many of its errors on. */
const SURE = 1;

/** What a page-wide figure may be off before it is worth a remark. */
const WORTH: Readonly<Partial<Record<FigureId, number>>> = {
  angle: 3,
  slope: 2.5,
  angleSpread: 3.5,
  slopeSpread: 3,
  parallels: 2.5,
  counter: 0.16,
  tops: 0.45,
  lines: 0.05,
};

/**
 * At most three remarks about a page, as a teacher would say them: first what held, then what is farthest off its model
 * beyond twice the error, each with what to do about it.
 */
export function remarksOn(findings: Findings): Remark[] {
  const faults = [...pageRemarks(findings), ...rowRemarks(findings)].sort((a, b) => b.weight - a.weight);
  const [praise] = praises(findings).sort((a, b) => b.weight - a.weight);
  const said = [...(praise ? [praise] : []), ...faults].slice(0, MOST);
  return said.map(({ text, cure, go }) => ({ text, cure, go }));
}

/** A hairline this many times the model's is thick: sound ones come out at up to a quarter more (docs/measuring.md). */
export const THICK_HAIRLINE = 1.45;

const figureOf = ({ figures }: Findings, id: FigureId) => figures.find((figure) => figure.id === id);
const degrees = (value: number) => `${signed(value, 0)}°`;
const mm = (value: number) => `${plain(value, 1)} mm`;
const off = ({ value, asked }: ReviewFigure): number => value - (asked ?? 0);

function pageRemarks(findings: Findings): Weighed[] {
  const { nib, body, slopeLines, gauge, counted = 'letters' } = findings;
  const found: Weighed[] = [];
  const add = (weight: number, text: string, cure: string, go: Remark['go']) => {
    if (weight >= 1) found.push({ weight, text, cure, go });
  };
  /** How far beyond its error, and beyond what is worth saying, a figure is off. */
  const weigh = (figure: ReviewFigure, worth: number) =>
    Math.abs(off(figure)) > SURE * figure.error ? Math.abs(off(figure)) / worth : 0;

  const angle = figureOf(findings, 'angle');
  if (angle) {
    const by = off(angle);
    add(
      weigh(angle, WORTH.angle as number),
      `Your pen stood at ${degrees(angle.value)}, not ${degrees(angle.asked ?? 0)} (±${degrees(angle.error)}, ${angle.count} ${counted}). Stems came out ${by < 0 ? 'heavier and level strokes thinner' : 'lighter and level strokes thicker'}.`,
      gauge
        ? 'Lay the edge on the gauge at the head of the page before each row, and write a line of zigzags: every thin points the same way.'
        : `Fold or cut a card to ${degrees(angle.asked ?? 0)}, set the edge along it before each line, and try zigzags on scrap: every thin points the same way.`,
      'page',
    );
  }
  const wander = figureOf(findings, 'angleSpread');
  if (wander) {
    add(
      wander.value > SURE * wander.error ? wander.value / (WORTH.angleSpread as number) : 0,
      `The pen turned in your hand: its angle wandered by ${degrees(wander.value)} from letter to letter (±${degrees(wander.error)}, ${wander.count} ${counted}).`,
      'Move the whole arm and keep the fingers still; a page of one drill, slowly, looking at where the thins point.',
      'page',
    );
  }
  const width = figureOf(findings, 'nib');
  if (width && nib) {
    const share = width.value / nib - 1;
    add(
      Math.abs(off(width)) > width.error ? Math.abs(share) / 0.06 : 0,
      `This ink was left by a nib of ${plain(width.value, 2)} mm, not ${plain(nib, 2)} (±${plain(width.error, 2)}): your letters are ${plain(body / width.value, 1)} nib widths tall.`,
      share > 0
        ? 'Measure the nib again, or rule for what it writes; where edges are ragged the paper drinks, and a better sheet or a drier ink helps.'
        : 'Measure the nib again, or rule for what it writes; a worn corner or a dry edge leaves less.',
      'bench',
    );
  }
  const slope = figureOf(findings, 'slope');
  const leaning = figureOf(findings, 'slopeSpread');
  if (slope) {
    add(
      weigh(slope, WORTH.slope as number),
      `Stems lean ${degrees(slope.value)}, and ${degrees(slope.asked ?? 0)} is asked (±${degrees(slope.error)}, ${slope.count} ${counted}).`,
      slopeLines
        ? 'Turn the page a little, and look along the slope lines before each stem.'
        : 'Rule slope lines, or turn the page a little against your arm.',
      slopeLines ? 'page' : 'rule',
    );
  }
  if (leaning) {
    add(
      leaning.value > SURE * leaning.error ? leaning.value / (WORTH.slopeSpread as number) : 0,
      `Stems do not lean alike: they differ by ${degrees(leaning.value)} from letter to letter (±${degrees(leaning.error)}).`,
      'A row of stems only, looking along the one before; slope lines help.',
      slopeLines ? 'page' : 'rule',
    );
  }
  const tall = figureOf(findings, 'body');
  if (tall) {
    const share = off(tall) / body;
    add(
      Math.abs(off(tall)) > tall.error ? Math.abs(share) / 0.05 : 0,
      `Letters are ${mm(Math.abs(off(tall)))} ${share > 0 ? 'taller' : 'shorter'} than the lines ask (${mm(tall.value)}, ±${plain(tall.error, 2)}).`,
      'Touch both lines: begin on the waistline and end on the baseline, with the whole edge.',
      'page',
    );
  }
  const feet = figureOf(findings, 'feet');
  if (feet) {
    add(
      Math.abs(off(feet)) > feet.error ? Math.abs(off(feet)) / (0.035 * body) : 0,
      `Feet stand ${mm(Math.abs(feet.value))} ${feet.value > 0 ? 'above' : 'below'} the baseline (±${plain(feet.error, 1)} mm, ${feet.count} ${counted}).`,
      'Look at the line where the stroke will end, not at the nib.',
      'page',
    );
  }
  const sinking = figureOf(findings, 'sinking');
  if (sinking) {
    add(
      Math.abs(sinking.value) > sinking.error ? Math.abs(sinking.value) / (0.06 * body) : 0,
      `Feet ${sinking.value > 0 ? 'sink' : 'rise'} toward the end of the line, by ${mm(Math.abs(sinking.value))}.`,
      'Move the paper, not the elbow: the hand writes where it began.',
      'page',
    );
  }
  const evenness = figureOf(findings, 'evenness');
  if (evenness) {
    add(
      evenness.value > evenness.error ? evenness.value / 0.09 : 0,
      `Stems do not weigh alike: their widths differ by ${plain(100 * evenness.value, 0)} % (${evenness.count} ${counted}).`,
      'Dip to the same depth, touch the edge off, and press as lightly at the end of a dip as at its start.',
      'page',
    );
  }
  const parallels = figureOf(findings, 'parallels');
  if (parallels) {
    add(
      weigh(parallels, WORTH.parallels as number),
      `The stems of one letter are not parallel: they stand ${degrees(parallels.value)} apart (±${degrees(parallels.error)}, ${parallels.count} ${counted}).`,
      'Draw the second stem looking along the first, not at the nib; a row of n between slope lines.',
      slopeLines ? 'page' : 'rule',
    );
  }
  const counter = figureOf(findings, 'counter');
  if (counter) {
    const share = off(counter);
    add(
      weigh(counter, WORTH.counter as number),
      `The white inside letters is ${plain(100 * Math.abs(share), 0)} % ${share < 0 ? 'narrower' : 'wider'} than the model’s (±${plain(100 * counter.error, 0)} %, ${counter.count} ${counted}).`,
      share < 0
        ? 'Look at the white, not at the stems: leave room for it before the second stroke comes down.'
        : 'Look at the white, not at the stems: bring the second stroke down sooner.',
      'page',
    );
  }
  const hairline = figureOf(findings, 'hairline');
  if (hairline) {
    add(
      hairline.value > THICK_HAIRLINE ? (hairline.value - 1) / (THICK_HAIRLINE - 1) : 0,
      `Your hairlines are thick beside the model’s (${hairline.count} ${counted}).`,
      'Let go of the pressure before the pen turns upwards: only the points glide. Where the edges are ragged as well, the paper drinks.',
      'bench',
    );
  }
  const tops = figureOf(findings, 'tops');
  if (tops) {
    add(
      weigh(tops, WORTH.tops as number),
      `Your shades begin thin: their tops are not as square as the model’s (${tops.count} ${counted}).`,
      'Set the points down, spread them to the full width, and only then draw down; touch the corner up afterwards.',
      'page',
    );
  }
  const lines = figureOf(findings, 'lines');
  if (lines) {
    const share = off(lines);
    add(
      weigh(lines, WORTH.lines as number),
      `Lines come out ${plain(100 * Math.abs(share), 0)} % ${share > 0 ? 'longer' : 'shorter'} than they were laid out (±${plain(100 * lines.error, 0)} %, ${lines.count} lines).`,
      share > 0
        ? 'Write to the ticks: each word begins at one. Where letters are wide as well, rule the piece for the width you write.'
        : 'Write to the ticks: each word begins at one. Let the white between letters be as wide as that inside them.',
      'page',
    );
  }
  const rails = figureOf(findings, 'rails');
  if (rails) {
    add(
      rails.value > rails.error ? rails.value / 0.3 : 0,
      `The middle of your shades runs dry: ${plain(100 * rails.value, 0)} % of your letters show two rails (${rails.count} ${counted}).`,
      'Press less, draw shades more slowly, or reload sooner: spread too far, the tines are no longer bridged by ink. A wetter ink helps too.',
      'bench',
    );
  }
  const [inside, between] = [figureOf(findings, 'inside'), figureOf(findings, 'between')];
  if (inside && between) {
    const apart = between.value - inside.value;
    add(
      Math.abs(apart) > Math.hypot(inside.error, between.error) ? Math.abs(apart) / (0.08 * body) : 0,
      `Letters stand too ${apart < 0 ? 'close' : 'far apart'}: beside the white inside them, that between them is ${mm(Math.abs(apart))} ${apart < 0 ? 'less' : 'more'} than in the model.`,
      apart < 0
        ? 'Open up between letters: the white between should weigh what the white inside does.'
        : 'Close up: the next stem comes where the white between weighs what the white inside does.',
      'page',
    );
  }
  return found;
}

/** What a fault is in a row, and how it is cured. */
const ROW_WORDS: Readonly<
  Record<RowFault, { readonly say: (letters: string, one: boolean) => string; readonly cure: string }>
> = {
  'stroke missing': {
    say: (letters) => `A stroke of ${letters} seems to be missing.`,
    cure: 'Follow the numbers of the guided letter: every stroke has one.',
  },
  'strokes apart': {
    say: (letters) => `The strokes of ${letters} do not meet.`,
    cure: 'Begin the second stroke inside the first, where the guided letter shows its start.',
  },
  narrow: {
    say: (letters, one) => `Your ${letters} ${one ? 'is' : 'are'} narrower than the model.`,
    cure: 'Leave room for the counter before the second stroke comes down.',
  },
  wide: {
    say: (letters, one) => `Your ${letters} ${one ? 'is' : 'are'} wider than the model.`,
    cure: 'Bring the second stroke down sooner; trace the letter three times, then write it.',
  },
  short: {
    say: (letters, one) => `Your ${letters} ${one ? 'does not reach its' : 'do not reach their'} height.`,
    cure: 'Begin on the line: the edge touches it before the stroke comes down.',
  },
  tall: {
    say: (letters, one) => `Your ${letters} ${one ? 'overshoots its' : 'overshoot their'} height.`,
    cure: 'Begin under the line, not over it; the edge touches it from below.',
  },
  leaning: {
    say: (letters, one) => `Your ${letters} ${one ? 'leans' : 'lean'} more than the rest of the page.`,
    cure: 'Draw the first stem along the slope, and the others after it.',
  },
  upright: {
    say: (letters, one) =>
      `Your ${letters} ${one ? 'stands' : 'stand'} more upright than the rest of the page.`,
    cure: 'Draw the first stem along the slope, and the others after it.',
  },
  flat: {
    say: (letters) => `In ${letters} the pen lay flatter than on the rest of the page.`,
    cure: 'Lay the edge on the gauge before this row.',
  },
  steep: {
    say: (letters) => `In ${letters} the pen stood steeper than on the rest of the page.`,
    cure: 'Lay the edge on the gauge before this row.',
  },
  'high branch': {
    say: (letters) => `In ${letters} the arch leaves the stem too high.`,
    cure: 'Go back up inside the stem, and let the arch grow out of it lower down: the drill of arches shows where.',
  },
  'low branch': {
    say: (letters) => `In ${letters} the arch leaves the stem too low.`,
    cure: 'Stay in the stem longer before the arch springs: the drill of arches shows where.',
  },
  'above the line': {
    say: (letters, one) => `Your ${letters} ${one ? 'stops' : 'stop'} above the baseline.`,
    cure: 'Look at the line where the stroke will end, not at the nib.',
  },
  'below the line': {
    say: (letters, one) => `Your ${letters} ${one ? 'goes' : 'go'} through the baseline.`,
    cure: 'Look at the line where the stroke will end, not at the nib.',
  },
};

/** The same fault of several rows is one remark. */
function rowRemarks({ rows }: Findings): Weighed[] {
  const byFault = new Map<RowFault, { texts: string[]; letters: number; weight: number }>();
  for (const { text, faults } of rows) {
    const [first] = faults;
    if (!first) continue;
    const known = byFault.get(first.fault) ?? { texts: [], letters: 0, weight: 0 };
    byFault.set(first.fault, {
      texts: known.texts.includes(text) ? known.texts : [...known.texts, text],
      letters: known.letters + first.letters,
      weight: Math.max(known.weight, first.score),
    });
  }
  return [...byFault].map(([fault, { texts, letters, weight }]) => {
    const { say, cure } = ROW_WORDS[fault];
    return {
      text: `${say(listed(texts), texts.length === 1).slice(0, -1)} (${inWords(letters)} letters).`,
      cure,
      go: 'page',
      weight,
    };
  });
}

/** What held: said only where it is true and known well enough. */
function praises(findings: Findings): Weighed[] {
  const { counted = 'letters' } = findings;
  const found: Weighed[] = [];
  const [angle, wander] = [figureOf(findings, 'angle'), figureOf(findings, 'angleSpread')];
  if (angle && wander && Math.abs(off(angle)) <= 2.5 && wander.value <= 3) {
    found.push({
      weight: 3 - wander.value / 2,
      text: `Your pen held its angle: ${degrees(angle.value)} where ${degrees(angle.asked ?? 0)} is asked, steady through ${angle.count} ${counted}.`,
      cure: '',
      go: 'none',
    });
  }
  const [slope, leaning] = [figureOf(findings, 'slope'), figureOf(findings, 'slopeSpread')];
  if (slope && leaning && Math.abs(off(slope)) <= 2 && leaning.value <= 2.5) {
    found.push({
      weight: 2.5 - leaning.value / 2,
      text: `Your stems lean alike, and as the model does: ${degrees(slope.value)} (${slope.count} ${counted}).`,
      cure: '',
      go: 'none',
    });
  }
  const evenness = figureOf(findings, 'evenness');
  if (evenness && evenness.value <= 0.06) {
    found.push({
      weight: 1.5,
      text: `Your stems weigh the same from the first to the last: they differ by ${plain(100 * evenness.value, 0)} %.`,
      cure: '',
      go: 'none',
    });
  }
  const feet = figureOf(findings, 'feet');
  if (feet && Math.abs(feet.value) <= feet.error) {
    found.push({
      weight: 1,
      text: `Feet stand on the baseline (within ${plain(feet.error, 1)} mm, ${feet.count} ${counted}).`,
      cure: '',
      go: 'none',
    });
  }
  // Rows of lines without cells have no models that they could follow.
  const sound =
    findings.counted === undefined
      ? findings.rows.filter(({ faults, letters }) => faults.length === 0 && letters.length > 1)
      : [];
  if (sound.length > 0) {
    found.push({
      weight: 0.5,
      text: `The rows of ${listed(sound.map(({ text }) => text))} follow their models.`,
      cure: '',
      go: 'none',
    });
  }
  return found;
}
