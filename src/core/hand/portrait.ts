/** How a hand looks at first sight. */
export const LOOKS = ['round', 'broken', 'narrow', 'sloping', 'upright', 'joined', 'hairlines'] as const;
export type Look = (typeof LOOKS)[number];

/** What it is usually written for. */
export const PURPOSES = ['envelope', 'card', 'certificate', 'label', 'title', 'long text'] as const;
export type Purpose = (typeof PURPOSES)[number];

/** Purposes as they are named, also within a sentence. */
export const PURPOSE_WORDS: Readonly<Record<Purpose, string>> = {
  envelope: 'envelopes',
  card: 'cards and invitations',
  certificate: 'certificates',
  label: 'labels',
  title: 'titles and names',
  'long text': 'poems and longer texts',
};

/** When in a scribe's life it is usually met. */
export const STAGES = ['first', 'second', 'later'] as const;
export type Stage = (typeof STAGES)[number];

/** What helps to choose a hand: common teaching values and our own words. */
export interface Portrait {
  readonly looks: readonly Look[];
  readonly purposes: readonly Purpose[];
  readonly stage: Stage;
  /** Hours of practice to its basic strokes: our own estimate, not measured. */
  readonly hours: { readonly low: number; readonly high: number };
  /** Where it comes from, in a sentence or two that name no person and no work. */
  readonly history: string;
}

/** Of a hand that says nothing of itself. */
export const PLAIN_PORTRAIT: Portrait = {
  looks: [],
  purposes: [],
  stage: 'second',
  hours: { low: 10, high: 30 },
  history: '',
};
