import { z } from 'zod';
import { USUAL_CONTRAST } from '../hand/bases/shared';
import { type Hand, inSchool } from '../hand/hand';
import { handIdSchema } from '../hands/handId';
import { type HandId, handById, isHand } from '../hands/registry';
import { PAPER_FORMAT_IDS } from '../measure/paper';
import { NO_PRACTICE, practiceSchema } from '../practice/band';
import { givenSchema } from './given';
import { variantsSchema } from './letterSet';
import { Problem } from './problem';
import { ranged, whole } from './ranged';
import { touchesSchema } from './touches';

/**
 * The recipe: everything that decides what a sheet looks like, as versioned plain JSON (docs/formats.md).
 * `zones`, `width` and `ratioUnit` always hold settled values, ready to rule; `given` holds what the user pinned,
 * from which the settled values follow (solve.ts).
 */
export const RECIPE_FORMAT = 'elvane-recipe';
export const RECIPE_VERSION = 1;

/** Writing as it is where nothing is asked for; the hand has its own contrast and joins. */
export const PLAIN_WRITING = {
  contrast: USUAL_CONTRAST,
  joined: false,
  bounce: 0,
  mixed: false,
  rising: 0,
  signs: false,
  fillers: false,
  variants: {},
};

const shortText = (label: string, longest: number) =>
  z
    .string({ error: () => `${label} must be text.` })
    .max(longest, { error: () => `${label} is longer than ${longest} characters; please shorten it.` });

const flag = (label: string) => z.boolean({ error: () => `${label} must be true or false.` });

const choice = <const T extends readonly [string, ...string[]]>(label: string, values: T) =>
  z.enum(values, { error: () => `${label} must be one of: ${values.join(', ')}.` });

export const recipeSchema = z
  .strictObject({
    format: z.literal(RECIPE_FORMAT),
    version: z.literal(RECIPE_VERSION),
    title: shortText('Title', 80),
    hand: handIdSchema,
    school: shortText('School', 40),
    width: ranged('width'),
    nib: shortText('Name of the nib', 80),
    penAngle: ranged('penAngle'),
    slope: ranged('slope'),
    ratioUnit: ranged('ratioUnit'),
    zones: z.strictObject({
      body: ranged('body'),
      ascender: ranged('ascender'),
      descender: ranged('descender'),
      capital: ranged('capital'),
      gap: ranged('gap'),
      branch: ranged('branch').nullable(),
      smallCapital: ranged('smallCapital').nullable(),
    }),
    given: givenSchema,
    shareZones: flag('Sharing of zones'),
    capitalsOnly: flag('Capitals only'),
    show: z.strictObject({
      baseline: flag('Baseline'),
      waistline: flag('Waistline'),
      ascender: flag('Ascender line'),
      descender: flag('Descender line'),
      capital: flag('Capital line'),
      branch: flag('Branch line'),
      smallCapital: flag('Small-capital line'),
      slope: flag('Slope lines'),
      halfDots: flag('Half dots'),
    }),
    slopeLines: z.strictObject({
      spacing: ranged('slopeSpacing'),
      extent: choice('Extent of the slope lines', ['zones', 'block']),
    }),
    tint: choice('Ruling tint', ['faint', 'strong', 'drop-out']),
    aids: z.strictObject({
      ladder: choice('Ladder', ['none', 'page', 'line']),
      gauge: flag('Angle gauge'),
      letters: flag('Zone letters'),
      bars: flag('Check bars'),
      header: flag('Header'),
    }),
    paper: z.strictObject({
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
      columns: whole('columns'),
      gutter: ranged('gutter'),
      mirrored: flag('Left-handed layout'),
    }),
    bands: z
      .array(ranged('width'))
      .refine((bands) => bands.length === 0 || (bands.length >= 2 && bands.length <= 4), {
        error: () => 'A comparison sheet takes two to four nibs.',
      }),
    date: shortText('Date', 40),
    note: shortText('Note', 120),
    /** Text written by the hand itself on the first line; empty for none. Absent in the earliest recipes. */
    exemplar: shortText('Exemplar', 120).default(''),
    /** Letters of the exemplar moved or given another shape by hand. */
    touches: touchesSchema.default([]),
    /** How letters are written where the hand leaves a choice. Absent in the earliest recipes. */
    writing: z
      .strictObject({
        /** Shade over hairline of a pointed pen. */
        contrast: ranged('contrast'),
        joined: flag('Joined writing'),
        /** How far letters leave the line, in hands that may. */
        bounce: ranged('bounce').default(0),
        /** Shapes of a letter that may stand anywhere take turns, where none is chosen. */
        mixed: flag('Mixed shapes').default(false),
        /** How much a line climbs, in hands whose lines may; small letters and dots that ornament it. */
        rising: ranged('rising').default(0),
        signs: flag('Small letters').default(false),
        fillers: flag('Fillers').default(false),
        /** Chosen shapes by letter; letters not named take their usual shape. */
        variants: variantsSchema,
      })
      .default(PLAIN_WRITING),
    /** What is practised on the sheet, band by band. Absent in earlier recipes. */
    practice: practiceSchema.default(NO_PRACTICE),
  })
  .refine(({ hand, school }) => !isHand(hand) || handById(hand).schools.some(({ id }) => id === school), {
    path: ['school'],
    error: (issue) => {
      const { hand, school } = issue.input as { hand: HandId; school: string };
      const { name, schools } = handById(hand);
      return `${name} has no school “${school}”; it has: ${schools.map(({ id }) => id).join(', ')}.`;
    },
  });

export type Recipe = z.infer<typeof recipeSchema>;

/** The hand a recipe is written in, with its school's values in place. */
export function recipeHand({ hand, school }: Pick<Recipe, 'hand' | 'school'>): Hand {
  const key = `${hand} ${school}`;
  let known = taught.get(key);
  if (!known) {
    known = inSchool(handById(hand), school);
    taught.set(key, known);
  }
  return known;
}

/** Asked for at every step of a layout; there are a few dozen at most, as recipes name only schools that exist. */
const taught = new Map<string, Hand>();

/** Steps that lift a recipe of version n to n + 1. Version 1 is the first. */
const MIGRATIONS: Readonly<Record<number, (old: Record<string, unknown>) => Record<string, unknown>>> = {};

/**
 * Reads a recipe of any version up to the current one from untrusted data.
 * @throws Problem naming the field, when the data is not a recipe, is from a later version, or is out of range.
 */
export function parseRecipe(data: unknown): Recipe {
  if (typeof data !== 'object' || data === null || (data as { format?: unknown }).format !== RECIPE_FORMAT) {
    throw new Problem('format', 'This is not an Elvane recipe: its “format” is not “elvane-recipe”.');
  }
  let current = data as Record<string, unknown>;
  const version = current.version;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    throw new Problem('version', 'The recipe’s “version” must be a whole number from 1.');
  }
  if (version > RECIPE_VERSION) {
    throw new Problem(
      'version',
      `This recipe is of version ${version}; this Elvane reads up to version ${RECIPE_VERSION}. Update Elvane to open it.`,
    );
  }
  for (let v = version; v < RECIPE_VERSION; v++) current = MIGRATIONS[v]?.(current) ?? current;
  const result = recipeSchema.safeParse(current);
  if (result.success) return result.data;
  throw firstProblem(result.error);
}

/** The first thing wrong, as a sentence a person can act on. */
function firstProblem(error: z.ZodError): Problem {
  const issue = error.issues[0];
  if (!issue) return new Problem('recipe', 'The recipe could not be read.');
  const field = issue.path.join('.') || 'recipe';
  if (issue.code === 'unrecognized_keys') {
    const known = issue.keys.map((key) => `“${key.slice(0, 40)}”`).slice(0, 5);
    return new Problem(field, `The recipe has fields that Elvane does not know: ${known.join(', ')}.`);
  }
  if (issue.code === 'invalid_type' && issue.message.startsWith('Invalid input')) {
    return new Problem(field, `The recipe’s “${field}” is missing or of the wrong kind.`);
  }
  return new Problem(field, issue.message);
}
