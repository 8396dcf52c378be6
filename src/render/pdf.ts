import PDFDocument from 'pdfkit';
import { formBounds } from '@/core/drawing/bounds';
import type { Drawing, DrawingNode, FontStyle, Form, FormNode } from '@/core/drawing/drawing';
import { mmToPoints } from '@/core/measure/units';
import { FONT_FILES } from './fonts';
import { number, pathData } from './pathData';

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
export function renderPdf(
  drawing: Drawing,
  { correction, created = EPOCH }: PdfOptions = {},
): Promise<Buffer> {
  const size: [number, number] = [mmToPoints(drawing.width), mmToPoints(drawing.height)];
  const document = new PDFDocument({
    size,
    margin: 0,
    compress: true,
    info: { Title: drawing.title, Creator: 'Elvane', Producer: 'Elvane', CreationDate: created },
  });
  const box = [0, 0, ...size];
  Object.assign(document.page.dictionary.data, { CropBox: box, TrimBox: box, BleedBox: box });

  const finished = new Promise<Buffer>((resolve, reject) => {
    const chunks: Buffer[] = [];
    document.on('data', (chunk: Buffer) => chunks.push(chunk));
    document.on('end', () => resolve(Buffer.concat(chunks)));
    document.on('error', reject);
  });

  if (correction) {
    const [centreX, centreY] = [size[0] / 2, size[1] / 2];
    document.translate(centreX, centreY).scale(correction.x, correction.y).translate(-centreX, -centreY);
  }
  const file: File = { document, fonts: new Set(), forms: new Map() };
  for (const node of drawing.nodes) draw(file, node);
  document.end();
  return finished;
}

/** A file in the making: what it already holds. */
interface File {
  readonly document: PDFKit.PDFDocument;
  readonly fonts: Set<FontStyle>;
  /** Names of the forms in the file. */
  readonly forms: Map<Form, string>;
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

/** A form as a form XObject, once in the file and used by name. It inherits the fill colour of the page. */
function drawForm({ document, forms }: File, { form, x, y, scale, fill }: FormNode) {
  let name = forms.get(form);
  if (name === undefined) {
    name = `Form${forms.size + 1}`;
    forms.set(form, name);
    const { left, top, right, bottom } = formBounds(form);
    const content = form.commands
      .map(([letter, ...numbers]) =>
        [...numbers.map((value) => number(value as number)), OPERATORS[letter]].join(' '),
      )
      .join('\n');
    const reference = document.ref({
      Type: 'XObject',
      Subtype: 'Form',
      FormType: 1,
      BBox: [left, top, right, bottom],
    });
    reference.end(`${content}\nf`);
    document.page.xobjects[name] = reference;
  }
  document.fillColor(fill);
  const place = [scale * SCALE, 0, 0, scale * SCALE, x * SCALE, y * SCALE].map(number).join(' ');
  document.addContent(`q ${place} cm /${name} Do Q`);
}

function drawPath(
  document: PDFKit.PDFDocument,
  { commands, fill, stroke }: Extract<DrawingNode, { kind: 'path' }>,
) {
  document.path(pathData(commands, SCALE));
  if (fill) document.fillColor(fill);
  if (stroke) {
    document
      .strokeColor(stroke.colour)
      .lineWidth(stroke.width * SCALE)
      .lineCap(stroke.cap ?? 'butt');
    // A dash pattern stays in force until it is replaced, so plain lines must clear it.
    if (stroke.dash) document.addContent(`[${stroke.dash.map((d) => (d * SCALE).toFixed(3)).join(' ')}] 0 d`);
    else document.undash();
  }
  if (fill && stroke) document.fillAndStroke();
  else if (fill) document.fill();
  else document.stroke();
}

function drawText(
  document: PDFKit.PDFDocument,
  node: Extract<DrawingNode, { kind: 'text' }>,
  fonts: Set<FontStyle>,
) {
  if (!fonts.has(node.style)) {
    document.registerFont(node.style, FONT_FILES[node.style]);
    fonts.add(node.style);
  }
  document
    .font(node.style)
    .fontSize(node.size * SCALE)
    .fillColor(node.colour);
  const width = document.widthOfString(node.text);
  const shift = node.anchor === 'start' ? 0 : node.anchor === 'middle' ? width / 2 : width;
  document.text(node.text, node.x * SCALE - shift, node.y * SCALE, {
    lineBreak: false,
    baseline: 'alphabetic',
  });
}
