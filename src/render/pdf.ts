import PDFDocument from 'pdfkit';
import type { Drawing, DrawingNode, FontStyle } from '@/core/drawing/drawing';
import { mmToPoints } from '@/core/measure/units';
import { FONT_FILES } from './fonts';
import { pathData } from './pathData';

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
  const fonts = new Set<FontStyle>();
  for (const node of drawing.nodes) draw(document, node, fonts);
  document.end();
  return finished;
}

function draw(document: PDFKit.PDFDocument, node: DrawingNode, fonts: Set<FontStyle>): void {
  if (node.kind === 'group') {
    for (const child of node.children) draw(document, child, fonts);
  } else if (node.kind === 'path') {
    drawPath(document, node);
  } else {
    drawText(document, node, fonts);
  }
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
