import type { ServerResponse } from 'node:http';

/** The part of a response that is used: whether its reader has left, and when it ends. */
type Answer = Pick<ServerResponse, 'destroyed' | 'once'>;

interface Waiting {
  readonly answer: Answer;
  readonly begin: () => void;
}

/**
 * Begins at most `most` answers at once, the others in the order they came. One thread draws all pages: twenty begun together would all
 * be done last, and every other request would wait behind a slice of each. After `longest` ms an answer makes room for the next though its
 * reader has not taken all of it.
 */
export function inTurn(most: number, longest: number): (answer: Answer, begin: () => void) => void {
  const waiting: Waiting[] = [];
  let underWay = 0;
  const next = () => {
    while (underWay < most) {
      const first = waiting.shift();
      if (!first) return;
      if (!first.answer.destroyed) start(first);
    }
  };
  const start = ({ answer, begin }: Waiting) => {
    underWay += 1;
    let over = false;
    const leave = () => {
      if (over) return;
      over = true;
      clearTimeout(patience);
      underWay -= 1;
      next();
    };
    const patience = setTimeout(leave, longest);
    answer.once('close', leave);
    answer.once('finish', leave);
    begin();
  };
  return (answer, begin) => {
    waiting.push({ answer, begin });
    next();
  };
}
