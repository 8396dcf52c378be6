import { handOf } from '../../setting/handOf';
import { PLAIN } from '../band';
import { familiesOf } from '../families';
import { lettersWritten, none, strokesInWords } from '../subject';
import type { BandKind } from './kind';

/** A family of letters that share their strokes. */
export const family: BandKind = {
  name: 'Family',
  how: { ...PLAIN, trace: 2, fading: 2, free: 4, lines: 1, snug: true },
  needsLetters: true,
  oneLetter: true,
  usual: (ground) => familiesOf(ground).keys().next().value ?? '',
  choices: (ground) =>
    [...familiesOf(ground)].map(([value, letters]) => ({ value, name: `${value}: ${letters.join(' ')}` })),
  together: true,
  inWords: (of) => `Family ${of || '…'}`,
  subjects: (ground, of) => {
    const name = of.trim();
    const letters = familiesOf(ground).get(name);
    if (ground.face && name && !letters) {
      return none(name, `${handOf(ground.recipe).name} has no letter family “${name}”.`);
    }
    return lettersWritten({
      ground,
      heading: letters ? `${name}: ${letters.join(' ')}` : name,
      texts: letters ?? [],
      remark: (text) => strokesInWords(ground, text),
    });
  },
};
