import { group, rectangle, type Segment, segments, text } from '../drawing/build';
import type { Drawing, DrawingNode, FormPaint, LineStyle } from '../drawing/drawing';
import { fitText } from '../drawing/textWidth';
import { type Mm, tanDeg } from '../measure/units';
import { SMALL } from '../page/lettering';
import { type LineLanguage, lineLanguage } from '../page/lineLanguage';
import { type CodeModules, marks } from '../page/marks';
import { handOf } from '../setting/handOf';
import { lettersOf } from '../type/placed';
import { formOf, writeLine } from '../type/writeLine';
import { reachOf } from '../writing/figure';
import { borderNodes } from './border';
import { lightWidth, OUTLINE } from './finish';
import type { LaidLine } from './laid';
import type { Laid } from './layout';
import { scatterNodes } from './scatter';

/**
 * What is printed: the model at true scale; a guide to write from (ruling, and where each line begins, ends, has its middle
 * and its words); a sheet to lie under the paper on a light table; the frame as a template to cut out for many of one kind.
 */
export const PRINTS = ['model', 'guide', 'under-sheet', 'template'] as const;
export type Print = (typeof PRINTS)[number];

/** Marks that a photograph of a guide is read by; without a code a frame stands where it will be printed. */
export interface GuideMarks {
  readonly code?: CodeModules;
}

/** A piece drawn for a purpose; a guide with review marks, where those are asked for. */
export function drawPiece(laid: Laid, print: Print = 'model', marked?: GuideMarks): Drawing {
  const { page, piece } = laid;
  const parts: Readonly<Record<Print, () => DrawingNode[]>> = {
    model: () => [
      ...folds(laid, lineLanguage('faint')),
      group('border', borderNodes(piece, page)),
      group('scatter', scatterNodes(laid)),
      ...writing(laid),
    ],
    guide: () => [
      ...ruling(laid, lineLanguage('faint')),
      ...guideMarks(laid, lineLanguage('faint')),
      ...flourishes(laid, () => ({ stroke: { colour: lineLanguage('faint').aid, width: FLOURISH_GUIDE } })),
      ...decoration(laid),
      ...marks({ page, marked: marked !== undefined }, lineLanguage('faint'), marked?.code),
    ],
    'under-sheet': () => [
      ...ruling(laid, lineLanguage('strong')),
      ...decoration(laid),
      ...writing(laid, BLACK),
    ],
    template: () => template(laid, lineLanguage('strong')),
  };
  return { ...page, title: piece.title || 'Piece', nodes: parts[print]() };
}

const BLACK = '#000000';

/** Border and motifs as pencil guides. */
const decoration = (laid: Laid): DrawingNode[] => {
  const { aid } = lineLanguage('faint');
  return [
    group('border', borderNodes(laid.piece, laid.page, aid)),
    group('scatter', scatterNodes(laid, aid)),
  ];
};

/** All that is written, in the colours of its blocks or in one. */
function writing(laid: Laid, colour?: string): DrawingNode[] {
  return [
    ...laid.lines.map((line) => group('line', lineNodes(line, colour))),
    ...flourishes(laid, ({ block }) => ({ fill: colour ?? block.colour })),
  ];
}

/** The flourishes, filled as writing or drawn in outline as a guide. */
const flourishes = (laid: Laid, paint: (line: LaidLine) => FormPaint): DrawingNode[] =>
  laid.flourishes.map(({ figure, line, x, y }) =>
    group(
      'flourish',
      figure.shapes.map((shape) => ({
        kind: 'form' as const,
        form: formOf(line.pen.face.pen, shape.cut),
        x,
        y,
        scale: line.pen.unit,
        paint: paint(line),
      })),
    ),
  );

/** Line of a flourish's outline on a guide. */
const FLOURISH_GUIDE: Mm = 0.15;

/** A line's ink with what is drawn along its letters: under it an outline or a shadow, over it a light. */
function lineNodes({ block, set, pen, x, baseline }: LaidLine, colour = block.colour): DrawingNode[] {
  const ink = (dx: Mm, dy: Mm, fill: string) =>
    writeLine(pen.face, set, x + dx, baseline + dy, pen.unit, fill);
  const { kind, colour: second, off } = block.finish;
  const along = (stroke: LineStyle): DrawingNode[] =>
    ink(0, 0, colour).flatMap((node) => (node.kind === 'form' ? [{ ...node, paint: { stroke } }] : []));
  switch (kind) {
    case 'none':
      return ink(0, 0, colour);
    case 'outline':
      // An outline at a distance: the letters stroked wide, then everything inside the line filled white.
      return [
        ...along({ colour: second, width: 2 * (off + OUTLINE), cap: 'round' }),
        ...along({ colour: PAPER, width: 2 * off, cap: 'round' }),
        ...ink(0, 0, colour),
      ];
    case 'shadow':
      return [...ink(off, off, second), ...ink(0, 0, colour)];
    case 'highlight':
      return [...ink(0, 0, colour), ...lights(set, pen, x - off, baseline - off, second)];
  }
}

const PAPER = '#ffffff';

/** A fine light line down the upper left of every stroke. */
function lights(
  set: LaidLine['set'],
  { face, unit }: LaidLine['pen'],
  x: Mm,
  y: Mm,
  colour: string,
): DrawingNode[] {
  return set.placed.flatMap((item): DrawingNode[] =>
    item.kind === 'missing'
      ? []
      : [
          {
            kind: 'path',
            commands: item.cut.strokes.flatMap((stroke) =>
              stroke.path.flatMap(([a, b, c, d], i) => {
                const at = ([px, py]: readonly [number, number]) =>
                  [x + (item.x + px) * unit, y - (item.y + py) * unit] as const;
                return [
                  ...(i === 0 ? [['M', ...at(a)] as const] : []),
                  ['C', ...at(b), ...at(c), ...at(d)] as const,
                ];
              }),
            ),
            stroke: {
              colour,
              width: lightWidth({ face, unit }),
              cap: 'round',
            },
          },
        ],
  );
}

/** Fold and corner for postage, faintly. */
function folds({ piece, page, postage }: Laid, language: LineLanguage): DrawingNode[] {
  const stroke: LineStyle = { colour: language.small, width: 0.15, dash: [2, 2] };
  const fold: Segment[] =
    piece.fold === 'across'
      ? [[0, page.height / 2, page.width, page.height / 2]]
      : piece.fold === 'down'
        ? [[page.width / 2, 0, page.width / 2, page.height]]
        : [];
  return [
    ...(fold.length > 0 ? [group('fold', [segments(fold, stroke)])] : []),
    ...(postage
      ? [
          group('postage', [
            {
              kind: 'path' as const,
              commands: rectangle(postage.x, postage.y, postage.width, postage.height),
              stroke,
            },
          ]),
        ]
      : []),
  ];
}

/** The lines a piece is written on, as long as their room. */
function ruling(laid: Laid, language: LineLanguage): DrawingNode[] {
  const lines: Record<'baseline' | 'waistline' | 'ascender' | 'descender' | 'capital' | 'slope', Segment[]> =
    {
      baseline: [],
      waistline: [],
      ascender: [],
      descender: [],
      capital: [],
      slope: [],
    };
  const { frame } = laid;
  for (const line of laid.lines) {
    const { block, pen, baseline, number } = line;
    if (number < 0) continue;
    const level = (height: number): Segment => [
      frame.x,
      baseline - height * pen.unit,
      frame.x + frame.width,
      baseline - height * pen.unit,
    ];
    const { zones } = pen.face;
    const hand = handOf(block.setting);
    const capitals = block.capitals || block.setting.capitalsOnly || hand.capitalsOnly;
    lines.baseline.push(level(0));
    if (!capitals) {
      lines.waistline.push(level(zones.body));
      if (zones.ascender > 0) lines.ascender.push(level(zones.body + zones.ascender));
      if (zones.descender > 0) lines.descender.push(level(-zones.descender));
    }
    if (zones.capital > 0) lines.capital.push(level(zones.capital));
    if (block.setting.slope !== 0) {
      const [above, below] = [pen.above, pen.below];
      const lean = tanDeg(block.setting.slope);
      for (const x of wordStarts(line))
        lines.slope.push([x - below * lean, baseline + below, x + above * lean, baseline - above]);
    }
  }
  return Object.entries(lines).flatMap(([kind, list]) =>
    list.length > 0 ? [group(kind, [segments(list, language[kind as keyof typeof lines])])] : [],
  );
}

/** Distance above the lower edge of the small line that says what a guide is for. */
const CAPTION: Mm = 2.5;

/** Ticks under the baseline: long at a line's start and end, a triangle at its middle, short at each word. */
function guideMarks(laid: Laid, language: LineLanguage): DrawingNode[] {
  const { way } = language.guide;
  const long: Segment[] = [];
  const short: Segment[] = [];
  const nodes: DrawingNode[] = [];
  for (const line of laid.lines) {
    const { baseline, ink, pen } = line;
    const tick = Math.min(3, 0.5 * pen.body);
    long.push(
      [ink.left, baseline - tick, ink.left, baseline + tick],
      [ink.right, baseline - tick, ink.right, baseline + tick],
    );
    const middle = (ink.left + ink.right) / 2;
    nodes.push({
      kind: 'path',
      commands: [
        ['M', middle, baseline + 0.3],
        ['L', middle - 0.8, baseline + 1.8],
        ['L', middle + 0.8, baseline + 1.8],
        ['Z'],
      ],
      fill: way,
    });
    for (const x of wordStarts(line).slice(1)) short.push([x, baseline, x, baseline + tick * 0.6]);
  }
  const says = laid.lines.map(({ words }) => words.map((word) => word.text).join(' ')).join(' / ');
  const caption = text(laid.frame.x, laid.page.height - CAPTION, fitText(says, SMALL, laid.frame.width), {
    size: SMALL,
    colour: language.aid,
  });
  return [
    group('guide-marks', [
      caption,
      segments(long, { colour: way, width: 0.2 }),
      segments(short, { colour: way, width: 0.15 }),
      ...nodes,
    ]),
  ];
}

/** Where the ink of each word of a line begins, in mm from the left of the page. */
export function wordStarts({ words, set, pen, x }: LaidLine): Mm[] {
  const first = words[0]?.at ?? 0;
  const letters = lettersOf(set);
  return words.flatMap(({ at }) => {
    const letter = letters.find((one) => one.at === at - first);
    return letter ? [x + (letter.x + reachOf(pen.face.pen, letter.cut).left) * pen.unit] : [];
  });
}

/** The outline of the paper, its frame as a window to cut out, and what is kept free. */
function template({ page, frame, postage, piece }: Laid, language: LineLanguage): DrawingNode[] {
  const line: LineStyle = { colour: language.aid, width: 0.3 };
  const box = (x: Mm, y: Mm, width: Mm, height: Mm, stroke = line): DrawingNode => ({
    kind: 'path',
    commands: rectangle(x, y, width, height),
    stroke,
  });
  return [
    group('template', [
      box(0.15, 0.15, page.width - 0.3, page.height - 0.3),
      box(frame.x, frame.y, frame.width, frame.height),
      ...(postage
        ? [box(postage.x, postage.y, postage.width, postage.height, { ...line, dash: [2, 1] })]
        : []),
      text(frame.x + 1, frame.y + SMALL * 1.4, `${piece.title || 'Frame'}: cut this window out`, {
        size: SMALL,
        colour: language.aid,
      }),
    ]),
  ];
}
