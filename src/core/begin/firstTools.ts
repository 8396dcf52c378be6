import type { ToolFamily } from '../hand/hand';
import { PENCIL_GAP } from '../kit/item';
import type { ToolKind } from '../kit/itemKinds';
import type { Mm } from '../measure/units';

/** Something a beginner may have to write with. */
export interface FirstTool {
  readonly name: string;
  readonly family: ToolFamily;
  /** What it is on the bench; what cannot be ruled for is not put there. */
  readonly kind?: ToolKind;
  /** Width of its edge where it is not measured yet (common sizes; a first nib is 2–3 mm). */
  readonly width?: Mm;
}

/** What people own, the commonest first; the last needs nothing to be bought. */
export const FIRST_TOOLS = {
  felt: { name: 'a felt marker with a broad edge', family: 'broad', kind: 'felt-marker', width: 3.5 },
  nib: { name: 'a dip nib with a broad edge', family: 'broad', kind: 'broad-nib', width: 2 },
  fountain: { name: 'a fountain pen with a broad edge', family: 'broad', kind: 'cartridge-pen', width: 1.9 },
  pointed: { name: 'a pointed dip nib', family: 'pointed', kind: 'pointed-nib' },
  brush: { name: 'a brush pen', family: 'brush', kind: 'brush-pen' },
  point: { name: 'a pencil, ballpoint or gel pen', family: 'monoline' },
  pencils: {
    name: 'nothing yet: two pencils bound together',
    family: 'broad',
    kind: 'pencils',
    width: PENCIL_GAP,
  },
} as const satisfies Record<string, FirstTool>;

export type FirstToolId = keyof typeof FIRST_TOOLS;
export const FIRST_TOOL_IDS: readonly [FirstToolId, ...FirstToolId[]] = [
  'felt',
  'nib',
  'fountain',
  'pointed',
  'brush',
  'point',
  'pencils',
];

/** A beginner who says nothing: a felt marker is in most houses, and forgives. */
export const LIKELIEST_TOOL: FirstToolId = 'felt';
