import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import type { Recipe } from '@/core/document/recipe';
import { handById } from '@/core/hands/registry';
import type { Cut } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import { digest, short } from '../support/digest';
import { cutsOf, DRAWN, faceOf, nameOf, usualFace } from '../support/drawnHands';

/**
 * Approved values of letters, as files a person can read and compare: `npm run approve` renews them and shows what
 * changed. They hold what looking has approved, so that a change is always one on purpose.
 */
const file = (name: string) => `./values/${name}.txt`;

/** The usual setting, and one with another weight, pen angle, slope and contrast. */
const SETTINGS: readonly ((recipe: Recipe) => Recipe)[] = [
  (recipe) => recipe,
  (recipe) => ({
    ...recipe,
    zones: { ...recipe.zones, body: recipe.zones.body * 0.85 },
    penAngle: recipe.penAngle - 6,
    slope: recipe.slope + 3,
    writing: { ...recipe.writing, contrast: 6 },
  }),
];

const strokesOf = ({ upright }: Cut) =>
  upright.map(({ path, turns, presses, anchors }) => ({ path, turns, presses, anchors }));

const portOf = (port: { kind: string; x: number; y: number; dir: number } | undefined): string =>
  port ? `${port.kind} ${short(port.x)},${short(port.y)} ${short(port.dir, 0)}°` : 'none';

const lengthOf = ({ upright }: Cut) => upright.reduce((sum, { lengths }) => sum + (lengths.at(-1) ?? 0), 0);

describe.each(DRAWN)('the letters of %s', (hand) => {
  // Strokes and words in one test: both come of building the letters, which later tests find kept.
  it('have the strokes and are taught in the words that were approved, in every school', async () => {
    const schools = handById(hand).schools.map(({ id }) => id);
    const faces = schools.flatMap((school) =>
      SETTINGS.map((change) => faceOf(change(freshRecipe(hand, school)))),
    );
    const [usual] = faces as [Typeface];
    const rows = cutsOf(usual).map((cut) => {
      const { text, variant, family, strokes, entry, exit, shades } = cut.letter;
      const digests = faces.map((face) => {
        const same = face.shapes.get(text)?.find(({ letter }) => letter.variant === variant);
        return same ? digest(strokesOf(same)) : 'missing';
      });
      return [
        nameOf(cut).padEnd(20),
        family.padEnd(18),
        `${strokes.length} strokes`,
        `${short(lengthOf(cut)).padStart(6)} long`,
        `in ${portOf(entry)}`.padEnd(28),
        `out ${portOf(exit)}`.padEnd(30),
        `shades ${shades ? shades.map((x) => short(x)).join(' ') : 'none'}`.padEnd(18),
        digests.join(' '),
      ].join('  ');
    });
    const taught = cutsOf(usual).map((cut) => {
      const said = cut.letter.strokes.map(
        ({ name, remark }, i) => `  ${i + 1} ${name}${remark ? `: ${remark}` : ''}`,
      );
      return [`${nameOf(cut)}, ${cut.letter.family}`, ...said].join('\n');
    });
    await expect(`${taught.join('\n')}\n`).toMatchFileSnapshot(file(`${hand}.words`));
    const heading = `${hand}: ${schools.join(', ')}, each at ${SETTINGS.length} settings`;
    await expect(`${[heading, ...rows].join('\n')}\n`).toMatchFileSnapshot(file(`${hand}.strokes`));
  });

  it('stand as far apart as was approved, every shape beside every other', async () => {
    const face = usualFace(hand, true);
    const cuts = cutsOf(face);
    const shown = [...'noailsvHA1.-'].flatMap((text) => face.letters.get(text) ?? []);
    const rows = cuts.map((before) => {
      const near = shown.map((after) => `${after.letter.text} ${short(face.pair(before, after))}`.padEnd(7));
      const all = cuts.map((after) => face.pair(before, after));
      const joins = cuts.map((after) => face.join(before, after)?.letter.strokes[0]);
      const joined = joins.filter((plan) => plan !== undefined);
      return [
        nameOf(before).padEnd(20),
        ...near,
        `all ${digest(all)}`,
        `${joined.length} joins ${digest(joined)}`,
      ].join(' ');
    });
    const heading = `${hand}: word space ${short(face.wordSpace, 3)}`;
    await expect(`${[heading, ...rows].join('\n')}\n`).toMatchFileSnapshot(file(`${hand}.spacing`));
  });
});
