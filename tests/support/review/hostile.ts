import { crc32, deflateSync } from 'node:zlib';
import PDFDocument from 'pdfkit';
import sharp from 'sharp';
import { numbersFrom } from '@/core/measure/seeded';

/** Files that mean harm, or are broken: each with what it is, always the same from the same seed. */
export interface HostileFile {
  readonly what: string;
  readonly bytes: Buffer;
}

/** A PNG that says it is so large, with next to nothing in it. */
function bomb(width: number, height: number, bytes = 64): Buffer {
  const chunk = (type: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(type), data]);
    const [head, foot] = [Buffer.alloc(4), Buffer.alloc(4)];
    head.writeUInt32BE(data.length);
    foot.writeUInt32BE(crc32(body));
    return Buffer.concat([head, body, foot]);
  };
  const header = Buffer.alloc(13);
  header.writeUInt32BE(width, 0);
  header.writeUInt32BE(height, 4);
  header.set([8, 2, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'),
    chunk('IHDR', header),
    chunk('IDAT', deflateSync(Buffer.alloc(bytes))),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

const pdfOf = (draw: (doc: PDFKit.PDFDocument) => void): Promise<Buffer> =>
  new Promise((done) => {
    const parts: Buffer[] = [];
    const doc = new PDFDocument({ compress: false });
    doc.on('data', (part: Buffer) => parts.push(part));
    doc.on('end', () => done(Buffer.concat(parts)));
    draw(doc);
    doc.end();
  });

const SCRIPT = '<script>alert(1)</script>';
const SVG = `<?xml version="1.0"?><!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]><svg xmlns="http://www.w3.org/2000/svg" width="2000" height="2000">${SCRIPT}<text>&x;</text></svg>`;

/** What all others are made from: small pictures of every kind that is read. */
async function seeds(): Promise<Record<string, Buffer>> {
  const picture = sharp({ create: { width: 640, height: 820, channels: 3, background: '#eee' } });
  const [jpeg, png, webp, tiff] = await Promise.all([
    picture.clone().jpeg().toBuffer(),
    picture.clone().png().toBuffer(),
    picture.clone().webp().toBuffer(),
    picture.clone().tiff({ compression: 'deflate' }).toBuffer(),
  ]);
  const pdf = await pdfOf((doc) => doc.image(jpeg, 0, 0, { width: 500 }));
  const heic = Buffer.concat([
    Buffer.from('\0\0\0\x18ftypheic\0\0\0\0mif1heic', 'latin1'),
    Buffer.alloc(400, 7),
  ]);
  return { jpeg, png, webp, tiff, pdf, heic };
}

/** Files that are wrong in a way of their own. */
async function special(given: Record<string, Buffer>): Promise<HostileFile[]> {
  const { jpeg = Buffer.alloc(0), png = Buffer.alloc(0), pdf = Buffer.alloc(0) } = given;
  const scripted = Buffer.from(
    pdf
      .toString('latin1')
      .replace('/Type /Catalog', '/OpenAction << /S /JavaScript /JS (app.alert(1)) >> /Type /Catalog'),
    'latin1',
  );
  return [
    { what: 'nothing', bytes: Buffer.alloc(0) },
    { what: 'an SVG with a script and an entity', bytes: Buffer.from(SVG) },
    { what: 'HTML', bytes: Buffer.from(`<!doctype html>${SCRIPT}`) },
    { what: 'a GIF', bytes: Buffer.from('GIF89a\x01\0\x01\0\x80\0\0', 'latin1') },
    { what: 'a PNG of 30,000 by 30,000', bytes: bomb(30_000, 30_000) },
    { what: 'a PNG of 30,000 by 30,000 with a megabyte packed', bytes: bomb(30_000, 30_000, 1_000_000) },
    { what: 'a PNG of 4,000,000,000 by 1', bytes: bomb(0xee6b2800, 1) },
    { what: 'a PNG of 7,000 by 7,000 with nothing in it', bytes: bomb(7000, 7000) },
    { what: 'a JPEG that goes on as HTML', bytes: Buffer.concat([jpeg, Buffer.from(`<html>${SCRIPT}`)]) },
    {
      what: 'a JPEG that goes on as an archive',
      bytes: Buffer.concat([jpeg, Buffer.from('PK\x03\x04', 'latin1'), Buffer.alloc(2000, 1)]),
    },
    { what: 'a PDF that goes on as a JPEG', bytes: Buffer.concat([pdf, jpeg]) },
    { what: 'a JPEG with the head of a PNG', bytes: Buffer.concat([png.subarray(0, 8), jpeg]) },
    { what: 'a PDF with a script', bytes: scripted },
    { what: 'a PDF without a picture', bytes: await pdfOf((doc) => doc.text('no picture')) },
    { what: 'a PDF of brackets', bytes: Buffer.from(`%PDF-1.7\n1 0 obj\n${'['.repeat(20_000)}`) },
    {
      what: 'a TIFF whose directory is itself',
      bytes: Buffer.from([
        0x49, 0x49, 0x2a, 0, 8, 0, 0, 0, 1, 0, 0, 1, 3, 0, 1, 0, 0, 0, 8, 0, 0, 0, 8, 0, 0, 0,
      ]),
    },
    {
      what: 'a picture of one pixel',
      bytes: await sharp({ create: { width: 1, height: 1, channels: 3, background: '#fff' } })
        .png()
        .toBuffer(),
    },
  ];
}

/** So many files: the special ones first, then pictures of every kind cut short, flipped, doubled and crossed. */
export async function* hostileFiles(count: number, seed = 1): AsyncGenerator<HostileFile> {
  const given = await seeds();
  const kinds = Object.entries(given);
  const first = await special(given);
  const chance = numbersFrom(seed);
  const below = (most: number) => Math.floor(chance() * most);
  for (let i = 0; i < count; i++) {
    const one = first[i];
    if (one) {
      yield one;
      continue;
    }
    const [name, from] = kinds[below(kinds.length)] as [string, Buffer];
    const bytes = Buffer.from(from);
    switch (below(5)) {
      case 0:
        yield { what: `${name} cut short`, bytes: bytes.subarray(0, below(bytes.length)) };
        break;
      case 1: {
        for (let k = 0; k < 1 + below(40); k++) bytes[below(bytes.length)] = below(256);
        yield { what: `${name} with bytes changed`, bytes };
        break;
      }
      case 2: {
        const at = below(bytes.length);
        yield {
          what: `${name} with a hole filled by noise`,
          bytes: Buffer.concat([
            bytes.subarray(0, at),
            Buffer.from(Array.from({ length: 1 + below(500) }, () => below(256))),
            bytes.subarray(at),
          ]),
        };
        break;
      }
      case 3: {
        const [other, rest] = kinds[below(kinds.length)] as [string, Buffer];
        yield {
          what: `${name} with the tail of ${other}`,
          bytes: Buffer.concat([bytes.subarray(0, 12 + below(200)), rest.subarray(below(rest.length))]),
        };
        break;
      }
      default: {
        // The head alone tells sizes: numbers in it are made large.
        for (let k = 8; k < Math.min(64, bytes.length); k++) if (chance() < 0.15) bytes[k] = 0xff;
        yield { what: `${name} with a head of large numbers`, bytes };
      }
    }
  }
}
