/** A cheap test, and how likely “yes” is under each cause; causes not named say nothing either way (½). */
export interface Test {
  readonly id: string;
  readonly question: string;
  /** It can be made only with a pen that is dipped, or one that sits in a holder. */
  readonly needs?: 'dipped' | 'holder';
  readonly yes: Readonly<Record<string, number>>;
}

export const TESTS: readonly Test[] = [
  {
    id: 'water',
    question: 'Dip the nib in clean water: does the water bead on it?',
    needs: 'dipped',
    yes: { coating: 0.95, dried: 0.2, dry: 0.05, thick: 0.05, thin: 0.1, overloaded: 0.05 },
  },
  {
    id: 'redip',
    question: 'Dip again: is the next stroke right?',
    needs: 'dipped',
    yes: { dry: 0.95, dried: 0.2, press: 0.3, sprung: 0.1, thick: 0.25, coating: 0.1, corner: 0.3 },
  },
  {
    id: 'light',
    question: 'Write it with half the pressure: does it go away?',
    yes: { press: 0.95, sprung: 0.3, dry: 0.3, thick: 0.3 },
  },
  {
    id: 'tines',
    question: 'Look at the tips against the light: do they meet evenly?',
    yes: { sprung: 0.05, press: 0.9, dry: 0.9, thick: 0.9 },
  },
  {
    id: 'shake',
    question: 'Shake the pen once over the pot: is the next stroke right?',
    needs: 'dipped',
    yes: { overloaded: 0.95, reservoir: 0.25, thin: 0.4, paper: 0.25 },
  },
  {
    id: 'other',
    question: 'Try another, harder paper: does it go away?',
    yes: { paper: 0.95, rough: 0.9, thin: 0.4, sprung: 0.1, corner: 0.2, worn: 0.1, overloaded: 0.3 },
  },
  {
    id: 'thinned',
    question: 'Add a drop of water to a little ink in a separate pot: better?',
    yes: { thick: 0.95, dried: 0.3, thin: 0.02, coating: 0.1, dry: 0.3 },
  },
  {
    id: 'turned',
    question: 'Turn the pen a little in your fingers: does the line get even?',
    yes: { corner: 0.95, drift: 0.7, worn: 0.15, seat: 0.3, rough: 0.2 },
  },
  {
    id: 'ladder',
    question: 'Measure the nib by ten ladder steps: is it as wide as marked?',
    yes: { ruling: 0.1, worn: 0.3, drift: 0.9, narrow: 0.9, paper: 0.8 },
  },
  {
    id: 'strip',
    question: 'Lay a scrap of the same paper under a fresh stroke: is it dry behind after a minute?',
    yes: { paper: 0.1, thinPaper: 0.2, wide: 0.6, thin: 0.4, overloaded: 0.7 },
  },
  {
    id: 'page',
    question: 'Turn the page a little either way: does the ragged side get smooth?',
    yes: { tines: 0.95, corner: 0.5, sprung: 0.1, rough: 0.1, paper: 0.05 },
  },
  {
    id: 'rested',
    question: 'Rest your hand for five minutes: is it gone when you go on?',
    yes: { tooLong: 0.9, grip: 0.4, seatedLow: 0.4 },
  },
  {
    id: 'firm',
    question: 'Hold the nib still and turn the holder: does the nib sit firmly?',
    needs: 'holder',
    yes: { seat: 0.05, sprung: 0.9, dry: 0.9, corner: 0.9, rough: 0.9 },
  },
];
