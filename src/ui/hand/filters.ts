import type { Hand } from '@/core/hand/hand';
import type { Look, Purpose, Stage } from '@/core/hand/portrait';
import { type Nib, nibsFor } from '@/core/kit/nib';

/** What the gallery is narrowed by; '' leaves a question open. */
export interface Filters {
  readonly look: Look | '';
  readonly purpose: Purpose | '';
  readonly letterCase: 'both' | 'one' | '';
  readonly stage: Stage | '';
  readonly owned: boolean;
}

export const NO_FILTERS: Filters = { look: '', purpose: '', letterCase: '', stage: '', owned: false };

/** Can the drawer write it? Any pen writes a hand of one line. */
export const isOwned = (hand: Pick<Hand, 'tool'>, drawer: readonly Nib[]): boolean =>
  hand.tool === 'monoline' || nibsFor(hand.tool, drawer).length > 0;

/** The hands that pass every filter, in their order. */
export const filtered = (
  hands: readonly Hand[],
  { look, purpose, letterCase, stage, owned }: Filters,
  drawer: readonly Nib[],
): Hand[] =>
  hands.filter((hand) => {
    const oneCase = hand.capitals === null || hand.capitalsOnly;
    return (
      (look === '' || hand.portrait.looks.includes(look)) &&
      (purpose === '' || hand.portrait.purposes.includes(purpose)) &&
      (letterCase === '' || oneCase === (letterCase === 'one')) &&
      (stage === '' || hand.portrait.stage === stage) &&
      (!owned || isOwned(hand, drawer))
    );
  });
