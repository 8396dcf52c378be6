import { listed } from '../measure/words';
import { degrees, mm, off, percent } from './figures/figure';
import { type Findings, figureOf, type Weighed } from './findings';

/** Relative difference below which stems look alike. */
const HARDLY = 0.02;
/** Maximum difference of the white between letters and inside them, as a fraction of the body, that counts as even. */
const EVENLY = 0.04;

/** What held: said only where it is true and known well enough. */
export function praises(findings: Findings): Weighed[] {
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
      text: `Your stems weigh the same from the first to the last: ${evenness.value < HARDLY ? 'they hardly differ' : `they differ by ${percent(evenness.value)}`}.`,
      cure: '',
      go: 'none',
    });
  }
  const feet = figureOf(findings, 'feet');
  if (feet && Math.abs(feet.value) <= feet.error) {
    found.push({
      weight: 1,
      text: `Feet stand on the baseline (within ${mm(feet.error)}, ${feet.count} ${counted}).`,
      cure: '',
      go: 'none',
    });
  }
  const [inside, between] = [figureOf(findings, 'inside'), figureOf(findings, 'between')];
  if (inside && between && Math.abs(between.value - inside.value) <= EVENLY * findings.body) {
    found.push({
      weight: 1.2,
      text: `Your letters are evenly spaced: the white between them weighs what that inside them does (${between.count} ${counted}).`,
      cure: '',
      go: 'none',
    });
  }
  // Rows without cells have no models to follow.
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
