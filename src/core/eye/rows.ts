import type { DrawingNode } from '../drawing/drawing';
import type { NibWidths } from '../measure/units';
import type { Setting } from '../setting/setting';
import { letterZones, recipeTypeface } from '../setting/settingFace';
import { lettersOf, type SetLine } from '../type/placed';
import { setLine } from '../type/setLine';
import { writeLine } from '../type/writeLine';
import type { Question } from './judgement';

/** A row as it is looked at: ink in letter units of the row without a difference, y downwards from the baseline. */
export interface EyeRow {
  readonly nodes: readonly DrawingNode[];
  readonly width: NibWidths;
  readonly body: NibWidths;
}

/** White between two stems, as a share of the body: about that of n in most hands (common teaching). */
const WHITE = 0.4;
const INK = '#1F2430';

const written = (
  setting: Setting,
  text: string,
  change: (set: SetLine) => SetLine,
  scale: number,
): EyeRow => {
  const face = recipeTypeface(setting);
  if (!face) return { nodes: [], width: 0, body: 0 };
  const set = change(setLine(face, text));
  const { body } = letterZones(setting);
  return {
    nodes: writeLine(face, set, 0, 0, scale, INK),
    width: (set.width + set.left) * scale,
    body: body * scale,
  };
};

const same = (set: SetLine): SetLine => set;

/** Every letter moved along the line by its own share of the white. */
function unsettled(set: SetLine, shifts: readonly number[], by: NibWidths): SetLine {
  const order = lettersOf(set);
  const placed = set.placed.map((item) => {
    const i = order.findIndex(({ at }) => item.kind === 'letter' && at === item.at);
    return i < 0 ? item : { ...item, x: item.x + (shifts[i] ?? 0) * by };
  });
  return { ...set, placed };
}

/** The two rows of a question, the upper one first: one as the hand has it, one with the difference. The hand's letters must have been fetched. */
export function rowsOf(
  { kind, difference, answer, text, shifts }: Question,
  setting: Setting,
): readonly [EyeRow, EyeRow] {
  const plain = written(setting, text, same, 1);
  const other = (): EyeRow => {
    switch (kind) {
      case 'slope':
        return written({ ...setting, slope: setting.slope + difference }, text, same, 1);
      case 'weight': {
        // As tall on the page, written with a wider pen: fewer pens go into the same height.
        const share = 1 + difference;
        const zones = Object.fromEntries(
          Object.entries(setting.zones).map(([zone, height]) => [
            zone,
            typeof height === 'number' ? height / share : height,
          ]),
        );
        return written({ ...setting, zones: { ...setting.zones, ...zones } }, text, same, share);
      }
      case 'spacing': {
        const by = difference * WHITE * letterZones(setting).body * 0.5;
        return written(setting, text, (set) => unsettled(set, shifts, by), 1);
      }
    }
  };
  return answer === 0 ? [other(), plain] : [plain, other()];
}
