import type { Band } from '../practice/band';
import { numbered, tenMinutePage } from '../practice/tenMinutes';
import { settle } from '../sheet/solve';
import { freshRecipe } from './defaults';
import type { Recipe } from './recipe';

/** Letters the studio's newest scribe knows in italic. */
export const DEMO_KNOWN = ['i', 'l', 't', 'j', 'f', 'n', 'm', 'h', 'r', 'b', 'p', 'k'];

/** Words its ten-minute page may use; the station has a whole list. */
const DEMO_WORDS = ['hand', 'mind', 'land', 'main', 'rain', 'lamina', 'radiant', 'midland'];

const page = (recipe: Recipe, title: string, bands: Band[]): Recipe => ({
  ...recipe,
  title,
  practice: { bands },
});

/** Practice pages of the Merrowdown Observatory's studio, for the demo. */
export function demoPages(): { id: string; name: string; recipe: Recipe }[] {
  const italic = freshRecipe('italic');
  const copperplate = freshRecipe('copperplate');
  const left = settle({ ...copperplate, paper: { ...copperplate.paper, mirrored: true } });
  const [drills, pencils, sky] = [numbered(), numbered(), numbered()];
  return [
    {
      id: 'demo-pack',
      name: 'Italic pack for the winter class',
      recipe: page(italic, 'The sky in italic', [
        sky('picture', 'moon-phases'),
        sky('picture', 'comet'),
        sky('line', 'comet and moon', { guided: false, trace: 1, free: 0 }),
      ]),
    },
    {
      id: 'demo-pencils',
      name: 'Outlines for two bound pencils',
      recipe: page(italic, 'Two bound pencils', [
        pencils('drill', 'zigzag', { ink: 'outline', size: 1.5, lines: 1, trace: 1, fading: 0 }),
        pencils('letters', 'a d', { ink: 'outline', size: 1.5, trace: 2, fading: 1, free: 1 }),
      ]),
    },
    {
      id: 'demo-left',
      name: 'Copperplate drills, left-handed',
      recipe: page(left, 'Copperplate drills', [
        drills('drill', 'pressure'),
        drills('drill', 'under-turns'),
        drills('drill', 'over-turns'),
        drills('drill', 'compound-curves'),
        drills('letter', 'n', { lines: 1 }),
        drills('word', 'moon', { trace: 1, fading: 1, free: 1, repeat: true }),
      ]),
    },
    {
      id: 'demo-ten',
      name: 'Ten minutes of italic',
      recipe: page(italic, 'Italic, ten minutes', [
        ...tenMinutePage(italic, new Set(DEMO_KNOWN), DEMO_WORDS),
      ]),
    },
  ];
}
