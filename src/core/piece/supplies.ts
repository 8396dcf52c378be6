import { contrastOf, paperColour, unseenOn } from '../kit/cover';
import type { Item } from '../kit/item';
import { plain } from '../measure/units';
import type { Finding } from './laid';
import type { Piece } from './piece';

/** Contrast below which writing looks faint (WCAG 2.2 asks 3 of large text), and below which it cannot be seen. */
const FAINT = 3;
const UNSEEN = 1.5;

/** What ink and paper do to a piece: an ink that its paper does not show, and colours that do not stand out on it. */
export function supplyFindings(
  { blocks }: Pick<Piece, 'blocks'>,
  ink: Pick<Item, 'label' | 'inkKind' | 'light' | 'opacity'> | undefined,
  paper: Pick<Item, 'label' | 'tone'> | undefined,
): Finding[] {
  if (!paper?.tone) return [];
  const unseen = ink && unseenOn(ink, paper);
  if (unseen)
    return [
      {
        tone: 'wrong',
        about: 'ink',
        text: `“${ink.label}” on “${paper.label}”: ${unseen.says} ${unseen.instead}`,
      },
    ];
  const colours = [...new Set(blocks.map(({ colour }) => colour))];
  return colours.flatMap((colour): Finding[] => {
    const contrast = contrastOf(colour, paperColour(paper));
    if (contrast >= FAINT) return [];
    const { role } = blocks.find((block) => block.colour === colour) as Piece['blocks'][number];
    const seen = contrast < UNSEEN ? 'cannot be seen' : 'is faint';
    return [
      {
        tone: contrast < UNSEEN ? 'wrong' : 'remark',
        about: 'ink',
        text: `The colour of the ${role} ${seen} on “${paper.label}”: its contrast is 1 : ${plain(contrast, 1)}, and 1 : ${FAINT} is easily read.`,
      },
    ];
  });
}
