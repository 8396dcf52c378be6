import { lookUp } from '../measure/lookUp';
import { TESTS, type Test } from './cheapTests';
import type { Kit } from './judgeKit';
import { isDipped, takesHolder } from './rules/traits';
import type { Seen } from './seen';
import { CAUSES, type Cause, impossible, never, OF_THE_SCRIBE } from './troubles';

/** What cured it before, with which things: it comes sooner next time. */
export interface Cured {
  readonly seen: Seen;
  readonly cause: string;
  readonly tool: string;
}
/** How much one cure with the same tool, or with another, raises a cause's odds. */
const SAME_TOOL = 1.6;
const OTHER_TOOL = 1.15;

export interface Ranked {
  readonly cause: Cause;
  readonly chance: number;
}

/**
 * What is going wrong? Causes are weighed by Bayes' rule: how likely each is for this kit, times how likely what is
 * seen is under each; every answer to a cheap test multiplies again. Odds are common teaching, in round numbers.
 * Answers the causes, likeliest first; chances add up to 1.
 */
export function diagnose(
  seen: Seen,
  kit: Kit,
  answers: Readonly<Record<string, boolean>>,
  history: readonly Cured[],
): Ranked[] {
  const weighed = CAUSES.map((cause) => {
    const before = history.filter((one) => one.cause === cause.id && one.seen === seen);
    const learned = before.reduce(
      (odds, { tool }) => odds * (tool === kit.tool.id ? SAME_TOOL : OTHER_TOOL),
      1,
    );
    const tested = Object.entries(answers).reduce((odds, [id, yes]) => {
      const chance = TESTS.find((test) => test.id === id)?.yes[cause.id] ?? 0.5;
      return odds * (yes ? chance : 1 - chance);
    }, 1);
    if (impossible(kit.tool.kind, cause.id)) return { cause, weight: 0 };
    const often = cause.seen[seen];
    if (often === undefined && OF_THE_SCRIBE.includes(seen)) return { cause, weight: 0 };
    // A kit makes a cause likelier where it can be behind this at all.
    const here = often === undefined ? never : often * (cause.odds?.(kit) ?? 1);
    return { cause, weight: here * learned * tested };
  });
  const sum = weighed.reduce((total, { weight }) => total + weight, 0);
  return weighed
    .map(({ cause, weight }) => ({ cause, chance: weight / sum }))
    .sort((a, b) => b.chance - a.chance || (a.cause.id < b.cause.id ? -1 : 1));
}

/** Words for a chance; the numbers are estimates, and nobody should read them as measured. */
export const LIKELIHOODS = ['most likely', 'likely', 'possible', 'less likely'] as const;

/** How likely a cause is, in words: against the likeliest, and by itself. */
export function inWords(chance: number, best: number): (typeof LIKELIHOODS)[number] {
  if (chance === best && chance > MOSTLY) return 'most likely';
  if (chance > LIKELY) return 'likely';
  return chance > POSSIBLE ? 'possible' : 'less likely';
}
const MOSTLY = 0.4;
const LIKELY = 0.2;
const POSSIBLE = 0.07;

const entropy = (ranked: readonly Ranked[]): number =>
  ranked.reduce((sum, { chance }) => (chance > 0 ? sum - chance * Math.log2(chance) : sum), 0);

/** Minimum expected information of a test, in bits. */
const WORTH_ASKING = 0.05;

/** The test with the highest expected information about the remaining causes; undefined when none has enough. */
export function nextTest(
  seen: Seen,
  kit: Kit,
  answers: Readonly<Record<string, boolean>>,
  history: readonly Cured[],
): Test | undefined {
  const now = diagnose(seen, kit, answers, history);
  const gain = (test: Test) => {
    const yes = now.reduce((sum, { cause, chance }) => sum + chance * (lookUp(test.yes, cause.id) ?? 0.5), 0);
    const after = (answer: boolean) =>
      entropy(diagnose(seen, kit, { ...answers, [test.id]: answer }, history));
    return entropy(now) - yes * after(true) - (1 - yes) * after(false);
  };
  const { kind } = kit.tool;
  const can = { dipped: isDipped(kind), holder: takesHolder(kind) };
  const open = TESTS.filter(({ id, needs }) => lookUp(answers, id) === undefined && (!needs || can[needs]));
  const best = open.map((test) => ({ test, bits: gain(test) })).sort((a, b) => b.bits - a.bits)[0];
  return best && best.bits > WORTH_ASKING ? best.test : undefined;
}
