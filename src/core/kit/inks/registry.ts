import { acrylic } from './acrylic';
import { calligraphy } from './calligraphy';
import { carbon } from './carbon';
import { dye } from './dye';
import { gouache } from './gouache';
import { india } from './india';
import { ironGall } from './ironGall';
import type { KindOfInk } from './kind';
import { metallic } from './metallic';
import { sumi } from './sumi';
import { walnut } from './walnut';
import { watercolour } from './watercolour';
import { white } from './white';

const DECLARED = [
  dye,
  calligraphy,
  carbon,
  sumi,
  india,
  ironGall,
  acrylic,
  gouache,
  watercolour,
  walnut,
  metallic,
  white,
] as const;

export type InkKind = (typeof DECLARED)[number]['id'];

/** Every kind of ink, in the order it is asked for. */
export const INKS: readonly KindOfInk<InkKind>[] = DECLARED;

const [first, ...others] = DECLARED;
/** Kinds of ink by name. */
export const INK_KINDS: readonly [InkKind, ...InkKind[]] = [first.id, ...others.map(({ id }) => id)];

/** The kind of an ink; undefined where nobody has looked it up. */
export const inkOf = (kind: InkKind | null | undefined): KindOfInk<InkKind> | undefined =>
  INKS.find(({ id }) => id === kind);
