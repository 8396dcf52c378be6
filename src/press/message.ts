import type { Offer } from '@/core/problem/problem';
import type { Step } from './step';

/** What the press says while it works. */
export type Said =
  /** A thread has started the job: from here on the limit for a step applies. */
  | { readonly said: 'taken up' }
  | { readonly said: 'begun'; readonly title: string; readonly pages: number; readonly leftOut?: string }
  | { readonly said: 'step'; readonly step: Step }
  | { readonly said: 'done' }
  | {
      readonly said: 'problem';
      readonly field: string;
      readonly message: string;
      readonly offers: readonly Offer[];
    };

/** Messages to the press: the reader wants more, or has left. */
export type Told = 'more' | 'stop';
