/**
 * Answers so many requests at once, the others in the order they came. One thread draws all pages: twenty begun together would all be
 * done last, and everything else would wait behind a slice of each.
 * @param {number} most Requests under way at once.
 * @param {number} longest After so long, in ms, one makes room for the next though its reader has not taken it all.
 * @returns {(response: import('node:http').ServerResponse, begin: () => void) => void}
 */
export function inTurn(most, longest) {
  const waiting = [];
  let underWay = 0;
  const next = () => {
    while (underWay < most && waiting.length > 0) {
      const { response, begin } = waiting.shift();
      // Whoever has left is not answered.
      if (response.destroyed) continue;
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
      response.once('close', leave).once('finish', leave);
      begin();
    }
  };
  return (response, begin) => {
    waiting.push({ response, begin });
    next();
  };
}
