import type { Item } from '@/core/kit/item';
import { type Match, match } from '@/core/kit/match';
import type { Need } from '@/core/kit/need';
import { type Purchase, purchases } from '@/core/kit/purchase';

/** Matches off the page's own thread. Answers carry the number of their question, so that late ones can be passed over. */
export interface MatchRequest {
  readonly number: number;
  readonly need: Need;
  readonly bench: readonly Item[];
  /** Kinds that may be bought; empty for none. */
  readonly buy: readonly Item['kind'][];
}

export interface MatchAnswer {
  readonly number: number;
  readonly match: Match;
  /** The first step, and what would improve on it. */
  readonly purchases: readonly Purchase[];
}

self.onmessage = ({ data: { number, need, bench, buy } }: MessageEvent<MatchRequest>) => {
  const found = match(need, bench);
  const answer: MatchAnswer = {
    number,
    match: found,
    purchases: buy.length > 0 ? purchases(need, bench, buy) : [],
  };
  self.postMessage(answer);
};
