import { freshRecipe } from '@/core/document/defaults';
import { OPENING_HAND } from '@/core/hands/registry';
import { loadScript } from '@/core/hands/scripts';
import { letterZones, recipeTypeface } from '@/core/setting/settingFace';
import { setLine } from '@/core/type/setLine';
import { writeLine } from '@/core/type/writeLine';
import { pathData } from '@/render/pathData';

/** Ascenders and descenders of titles, in letter units: small, so that they stand close in a line. */
const SMALL = { ascender: 3, descender: 3 };
/** Room over and under the ink, in letter units. */
const AROUND = 0.3;

/**
 * A word written by our own pen: the wordmark and the titles of stations. Read out as plain text. Written on the server,
 * so that no page loads letters for its title's sake.
 */
export async function Written({ text, height }: { text: string; height: number }) {
  await loadScript(OPENING_HAND);
  const fresh = freshRecipe(OPENING_HAND);
  const recipe = { ...fresh, zones: { ...fresh.zones, ...SMALL } };
  const face = recipeTypeface(recipe);
  if (!face) return text;
  const set = setLine(face, text);
  const { body, ascender, descender } = letterZones(recipe);
  const above = body + ascender + AROUND;
  return (
    <>
      <span className="sr-only">{text}</span>
      <svg
        viewBox={`-0.5 ${-above} ${(set.width + 2).toFixed(2)} ${above + descender + AROUND}`}
        style={{ height }}
        aria-hidden="true"
      >
        {writeLine(face, set, 0, 0, 1, '#000').map(
          (node) =>
            node.kind === 'form' && (
              <path
                key={node.x}
                d={pathData(node.form.commands)}
                transform={`translate(${node.x.toFixed(4)} 0)`}
                fill="currentColor"
              />
            ),
        )}
      </svg>
    </>
  );
}
