import type { HandId } from '@/core/hands/registry';
import { FIGURES } from '@/core/review/figures/registry';
import type { ReviewFigure } from '@/core/review/review';
import { figureName, figureText } from './figureWords';

/** What was measured of a page, each figure with its ±, what is asked, and by how much it is off where that is sure. */
export function FiguresTable({ hand, figures }: { hand: HandId; figures: readonly ReviewFigure[] }) {
  return (
    <section aria-label="Figures">
      <h2 className="margin-heading">Figures</h2>
      <table className="table table-sm" data-testid="figures">
        <thead className="sr-only">
          <tr>
            <th scope="col">What</th>
            <th scope="col">Measured</th>
          </tr>
        </thead>
        <tbody>
          {figures.map((figure) => {
            const { id, asked, count } = figure;
            return (
              <tr key={id}>
                <th scope="row" className="px-0 font-normal">
                  {figureName(id, hand)}
                  <span className="block text-xs opacity-75">
                    {count} measured
                    {asked !== null && !FIGURES[id].rank && `, ${FIGURES[id].say(asked)} asked`}
                  </span>
                </th>
                <td className="whitespace-nowrap px-0 text-right align-top tabular-nums">
                  {figureText(figure)}
                  <Off {...figure} />
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="pt-2 text-xs">
        On simulated pages the true value lies within ± nineteen times in twenty. It is doubled for real
        pages, and has not been checked against a real page yet. Deviations larger than ± are red.
      </p>
    </section>
  );
}

/** By how much a figure is off, where that is more than its error. */
function Off({ id, value, asked, error }: ReviewFigure) {
  if (asked === null || FIGURES[id].rank || Math.abs(value - asked) <= error) return null;
  return (
    <span className="block text-accent text-xs">
      {FIGURES[id].say(Math.abs(value - asked))} {value < asked ? 'less' : 'more'}
    </span>
  );
}
