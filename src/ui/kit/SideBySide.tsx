import { judgeKit } from '@/core/kit/judgeKit';
import type { RankedKit } from '@/core/kit/match';
import type { Need } from '@/core/kit/need';
import type { Judgement } from '@/core/kit/verdict';
import { nameOf, ruleName } from './kitWords';

/** Two to four kits beside each other: where they differ first, then where they are alike. */
export function SideBySide({ need, kits }: { need: Need; kits: readonly RankedKit[] }) {
  const judged = kits.map(({ kit }) => new Map(judgeKit(need, kit).map((one) => [one.rule, one])));
  const rules = [...new Set(judged.flatMap((one) => [...one.keys()]))];
  const said = (found: Judgement | undefined) => found?.unknown ?? found?.reason ?? '';
  // What decides between them is what is worth more in one than in another, the widest apart first.
  const spread = (rule: string) => {
    const points = judged.map((one) => one.get(rule)?.points ?? 0);
    return Math.max(...points) - Math.min(...points);
  };
  const differing = rules.filter((rule) => spread(rule) > 0).sort((a, b) => spread(b) - spread(a));
  const alike = rules.filter((rule) => spread(rule) === 0);
  return (
    <section aria-labelledby="side">
      <h2 id="side" className="margin-heading">
        Side by side
      </h2>
      <table className="table table-fixed table-sm bg-base-100">
        <thead>
          <tr>
            <td className="w-32" />
            {kits.map(({ kit }) => (
              <th key={kit.tool.id} scope="col" className="whitespace-normal align-top">
                {nameOf(kit)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {differing.map((rule) => (
            <tr key={rule}>
              <th scope="row" className="whitespace-normal align-top font-normal">
                {ruleName(rule)}
              </th>
              {judged.map((one, i) => (
                <td key={kits[i]?.kit.tool.id} className="whitespace-normal align-top text-sm">
                  <Mark found={one.get(rule)} /> {said(one.get(rule)) || 'nothing to watch'}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <Alike rules={alike} said={(rule) => said(judged[0]?.get(rule))} />
    </section>
  );
}

/** For, against, or unknown: shown by sign and word, not by colour alone. */
function Mark({ found }: { found: Judgement | undefined }) {
  if (!found) return null;
  const [sign, word] = found.unknown
    ? ['?', 'not known:']
    : found.points > 0
      ? ['+', 'for:']
      : ['−', 'against:'];
  return (
    <>
      <span aria-hidden className="font-bold">
        {sign}
      </span>
      <span className="sr-only">{word}</span>
    </>
  );
}

const Alike = ({ rules, said }: { rules: readonly string[]; said: (rule: string) => string }) =>
  rules.length === 0 ? null : (
    <details className="mt-2 text-sm">
      <summary className="cursor-pointer">The same in all of them ({rules.length})</summary>
      <ul className="mt-1 list-disc pl-5">
        {rules.map((rule) => (
          <li key={rule}>
            {ruleName(rule)}: {said(rule)}
          </li>
        ))}
      </ul>
    </details>
  );
