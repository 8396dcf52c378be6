import PDFDocument from 'pdfkit';
import { formBounds } from '@/core/drawing/bounds';
import type { Drawing, DrawingNode, Form, FormNode, LineStyle, PathCommand } from '@/core/drawing/drawing';
import { mmToPoints } from '@/core/measure/units';
import { ARABIC_FILES, FONT_FILES, isArabic, openedFont } from './fonts';
import { number } from './pathData';

export interface PdfOptions {
  /** Printer correction: content is scaled about the centre of the page, the page itself keeps its size. */
  readonly correction?: { readonly x: number; readonly y: number };
  /** Goes into the file's metadata; a fixed date makes equal drawings byte-identical files. */
  readonly created?: Date;
}

const EPOCH = new Date(0);

/** Points of one millimetre: drawings are handed over in mm and scaled once. */
const SCALE = mmToPoints(1);

/** A drawing as a one-page PDF: vector paths, an embedded subset of the face, exact page boxes. */
export async function renderPdf(drawing: Drawing, options: PdfOptions = {}): Promise<Buffer> {
  const parts: Buffer[] = [];
  for (const { bytes } of renderPdfPages(drawing.title, [drawing], options)) parts.push(...bytes);
  return Buffer.concat(parts);
}

/** What has become of a file after a page: bytes to be passed on, and how many pages are done. */
export interface PdfProgress {
  readonly pages: number;
  readonly bytes: readonly Buffer[];
}

/**
 * Drawings as one PDF, a page each, part by part: no page is drawn before the one before it has been passed on, and
 * none is kept. A letter that several pages write stands in the file once. Stopping early leaves nothing behind.
 */
export function* renderPdfPages(
  title: string,
  drawings: Iterable<Drawing>,
  { correction, created = EPOCH }: PdfOptions = {},
): Generator<PdfProgress, void> {
  const document = new PDFDocument({
    autoFirstPage: false,
    margin: 0,
    compress: true,
    info: { Title: title, Creator: 'Elvane', Producer: 'Elvane', CreationDate: created },
  });
  const file: File = { document, fonts: new Set(), forms: new Map(), formCount: 0 };
  let pages = 0;
  for (const drawing of drawings) {
    const size: [number, number] = [mmToPoints(drawing.width), mmToPoints(drawing.height)];
    document.addPage({ size, margin: 0 });
    const box = [0, 0, ...size];
    Object.assign(document.page.dictionary.data, { CropBox: box, TrimBox: box, BleedBox: box });
    if (correction) {
      const [centreX, centreY] = [size[0] / 2, size[1] / 2];
      document.translate(centreX, centreY).scale(correction.x, correction.y).translate(-centreX, -centreY);
    }
    for (const node of drawing.nodes) draw(file, node);
    pages += 1;
    yield { pages, bytes: written(document) };
  }
  document.end();
  yield { pages, bytes: written(document) };
}

/** What the document has written since it was last asked. */
function written(document: PDFKit.PDFDocument): Buffer[] {
  const bytes: Buffer[] = [];
  for (let part = document.read(); part !== null; part = document.read()) bytes.push(part as Buffer);
  return bytes;
}

/** A file in the making: what it already holds. */
interface File {
  readonly document: PDFKit.PDFDocument;
  readonly fonts: Set<string>;
  /** The forms in the file, by what is done with them. */
  readonly forms: Map<Form, Partial<Record<'f' | 'S', HeldForm>>>;
  formCount: number;
}

interface HeldForm {
  readonly name: string;
  readonly reference: PDFKit.PDFKitReference;
}

function draw(file: File, node: DrawingNode): void {
  switch (node.kind) {
    case 'group':
      for (const child of node.children) draw(file, child);
      return;
    case 'path':
      drawPath(file.document, node);
      return;
    case 'form':
      drawForm(file, node);
      return;
    case 'text':
      drawText(file.document, node, file.fonts);
  }
}

const OPERATORS = { M: 'm', L: 'l', C: 'c', Z: 'h' } as const;

/** Forms are written in whole thousandths of their unit, some micrometres on paper: half the bytes of fractions. */
const FORM_PARTS = 1000;
/** The scale of a form multiplies all of it, so it has more digits than a place needs. */
const FORM_SCALE_DIGITS = 8;

/** Commands as PDF operators. One string built in one pass: a pack has a hundred thousand of them. */
function content(commands: readonly PathCommand[], write: (value: number) => number | string): string {
  let all = '';
  for (const command of commands) {
    for (let i = 1; i < command.length; i++) all += `${write(command[i] as number)} `;
    all += `${OPERATORS[command[0]]}\n`;
  }
  return all;
}

const formContent = (commands: readonly PathCommand[]) =>
  content(commands, (value) => Math.round(value * FORM_PARTS));
const pathContent = (commands: readonly PathCommand[]) => content(commands, (value) => number(value * SCALE));

/** A form as a form XObject, once in the file and used by name. It inherits colour and line of the page. */
function drawForm(file: File, { form, x, y, scale, paint }: FormNode) {
  // A letter without height (capitals of nought) has strokes, but nothing to draw.
  if (form.commands.length === 0) return;
  const { document } = file;
  const { name, reference } = heldForm(file, form, 'fill' in paint ? 'f' : 'S');
  document.page.xobjects[name] = reference;
  const size = ((scale * SCALE) / FORM_PARTS).toFixed(FORM_SCALE_DIGITS);
  const place = `${size} 0 0 ${size} ${number(x * SCALE)} ${number(y * SCALE)}`;
  if ('fill' in paint) {
    document.fillColor(paint.fill);
    document.addContent(`q ${place} cm /${name} Do Q`);
  } else {
    const { colour, width, dash = [], cap } = paint.stroke;
    const inUnits = (length: number) => number((length * FORM_PARTS) / scale);
    document.strokeColor(colour);
    const line = `${inUnits(width)} w ${CAPS[cap ?? 'butt']} J 1 j [${dash.map(inUnits).join(' ')}] 0 d`;
    document.addContent(`q ${place} cm ${line} /${name} Do Q`);
  }
}

/** Bytes from which a form is worth compressing. */
const LEAST_COMPRESSED = 200;
/** PDF's numbers for the ends of lines. */
const CAPS = { butt: 0, round: 1 } as const;
/**
 * A stroked form is cut at its box, so the box leaves room for half the line, in the form's unit: an outline at 5 mm off
 * letters of a fine pen is the widest.
 */
const STROKE_ROOM = 24;

function heldForm(file: File, form: Form, operator: 'f' | 'S'): HeldForm {
  const { document, forms } = file;
  const known = forms.get(form) ?? {};
  const held = known[operator];
  if (held) return held;
  const { left, top, right, bottom } = formBounds(form);
  const room = operator === 'S' ? STROKE_ROOM : 0;
  // Lines consist of whole letters, so there are no parts to share.
  const parts =
    operator === 'f'
      ? form.parts
          ?.filter(({ commands }) => commands.length > 0)
          .map((part) => heldForm(file, part, operator))
      : undefined;
  const reference = document.ref({
    Type: 'XObject',
    Subtype: 'Form',
    FormType: 1,
    BBox: [left - room, top - room, right + room, bottom + room].map((side) => side * FORM_PARTS),
    ...(parts && { Resources: { XObject: Object.fromEntries(parts.map((p) => [p.name, p.reference])) } }),
  });
  const written = parts
    ? parts.map((p) => `/${p.name} Do`).join('\n')
    : `${formContent(form.commands)}${operator}`;
  // Short content stays uncompressed: setting the compressor up costs more than it saves.
  reference.compress = written.length > LEAST_COMPRESSED;
  reference.end(written);
  const made = { name: `Form${file.formCount}`, reference };
  file.formCount += 1;
  forms.set(form, { ...known, [operator]: made });
  return made;
}

function drawPath(
  document: PDFKit.PDFDocument,
  { commands, fill, stroke }: Extract<DrawingNode, { kind: 'path' }>,
) {
  // Colours and lines are set first: no operator may stand between a path and its painting.
  if (fill) document.fillColor(fill);
  if (stroke) setLine(document, stroke);
  document.addContent(pathContent(commands));
  if (fill && stroke) document.fillAndStroke();
  else if (fill) document.fill();
  else document.stroke();
}

function setLine(document: PDFKit.PDFDocument, { colour, width, cap, dash }: LineStyle) {
  document
    .strokeColor(colour)
    .lineWidth(width * SCALE)
    .lineCap(cap ?? 'butt')
    .lineJoin(cap === 'round' ? 'round' : 'miter');
  // A dash pattern stays in force until it is replaced, so plain lines must clear it.
  if (dash) document.addContent(`[${dash.map((d) => (d * SCALE).toFixed(3)).join(' ')}] 0 d`);
  else document.undash();
}

function drawText(
  document: PDFKit.PDFDocument,
  node: Extract<DrawingNode, { kind: 'text' }>,
  fonts: Set<string>,
) {
  const arabic = isArabic(node.text);
  const name = arabic ? `arabic ${node.style}` : node.style;
  if (!fonts.has(name)) {
    document.registerFont(name, openedFont((arabic ? ARABIC_FILES : FONT_FILES)[node.style]));
    fonts.add(name);
  }
  document
    .font(name)
    .fontSize(node.size * SCALE)
    .fillColor(node.colour);
  const share = { start: 0, middle: 0.5, end: 1 }[node.anchor];
  // Words are shaped one by one and laid from the left: Arabic ones are handed over in the order they stand.
  const content = arabic ? node.text.split(' ').reverse().join(' ') : node.text;
  const shift = share > 0 ? share * document.widthOfString(content) : 0;
  document.text(content, node.x * SCALE - shift, node.y * SCALE, {
    lineBreak: false,
    baseline: 'alphabetic',
  });
}
