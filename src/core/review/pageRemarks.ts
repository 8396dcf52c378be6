import { isOff, mm, off } from './figures/figure';
import { FIGURES, type FigureId } from './figures/registry';
import { WORTH_SPLAY } from './figures/stems';
import { type Findings, figureOf, type Weighed } from './findings';

/** Minimum deviation of the white between letters for a remark, as a fraction of the body. */
const SPACING = 0.08;

/** Compares the white between letters with the counters; needs both figures. */
function spacing(findings: Findings): Weighed[] {
  const [inside, between] = [figureOf(findings, 'inside'), figureOf(findings, 'between')];
  if (!inside || !between) return [];
  const apart = between.value - inside.value;
  if (Math.abs(apart) <= Math.hypot(inside.error, between.error)) return [];
  const close = apart < 0;
  return [
    {
      weight: Math.abs(apart) / (SPACING * findings.body),
      text: `Letters stand too ${close ? 'close' : 'far apart'}: beside the white inside them, that between them is ${mm(Math.abs(apart))} ${close ? 'less' : 'more'} than in the model.`,
      cure: close
        ? 'Open up between letters: the white between should weigh what the white inside does.'
        : 'Close up: the next stem comes where the white between weighs what the white inside does.',
      go: 'page',
    },
  ];
}

/** Tells whether the page has a remark that strokes are not parallel. */
export function splayIsSaid(findings: Findings): boolean {
  const splay = figureOf(findings, 'parallels');
  return splay !== undefined && isOff(splay) && Math.abs(off(splay)) >= WORTH_SPLAY;
}

/** Remarks on figures of the whole page that deviate by more than their errors. */
export function pageRemarks(findings: Findings): Weighed[] {
  const { counted = 'letters' } = findings;
  const found = findings.figures.flatMap((figure): Weighed[] => {
    const { remark } = FIGURES[figure.id];
    if (!remark || !isOff(figure)) return [];
    const said = {
      ...findings,
      figure,
      by: off(figure),
      rests: `${figure.count} ${counted}`,
      beside: (id: FigureId) => figureOf(findings, id),
    };
    const { weight, text, cure, go, settles } = remark;
    return [{ weight: weight(said), text: text(said), cure: cure(said), go: go(said), settles }];
  });
  return [...found, ...spacing(findings)].filter(({ weight }) => weight >= 1);
}
