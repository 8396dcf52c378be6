import { readFileSync } from 'node:fs';
import { deflateSync } from 'node:zlib';
import PDFDocument from 'pdfkit';
import sharp from 'sharp';
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { STEADY } from '@/core/camera/habits';
import type { PageCode } from '@/core/page/pageCode';
import { Problem } from '@/core/problem/problem';
import { decode, kindOf } from '@/press/review/decode';
import { hostileFiles } from '../../support/review/hostile';
import { lookedAt, pageOfRows, someShot, taken } from '../../support/review/pages';

/** The decoder of HEIC says what it found on the console. */
beforeEach(() => {
  vi.spyOn(console, 'log').mockImplementation(() => undefined);
});
afterEach(() => {
  vi.restoreAllMocks();
});

describe('files that mean harm', () => {
  it('are refused in plain words, or are pictures with no page in them', async () => {
    let refused = 0;
    for await (const { what, bytes } of hostileFiles(50)) {
      try {
        const { code } = await lookedAt(bytes);
        expect(code, what).toBeUndefined();
      } catch (error) {
        expect(error, what).toBeInstanceOf(Problem);
        expect((error as Problem).message, what).toMatch(/^(This|There|The) .+\.$/);
        refused += 1;
      }
    }
    expect(refused).toBeGreaterThan(25);
  }, 600_000);

  it('are told by their content, whatever they are called', () => {
    expect(kindOf(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'))).toBeUndefined();
    expect(kindOf(Buffer.from('%PDF-1.7'))).toBe('pdf');
    expect(kindOf(Buffer.alloc(0))).toBeUndefined();
  });
});

/** A PDF of one page with so many pictures, each of seven thousand by seven thousand pixels in 150 kB. */
function pdfOfPictures(count: number): Buffer {
  const side = 7000;
  const pixels = deflateSync(Buffer.alloc(side * side * 3, 0x55));
  const parts: Buffer[] = [Buffer.from('%PDF-1.4\n')];
  const put = (number: number, head: string, stream?: Buffer) =>
    parts.push(
      Buffer.from(`${number} 0 obj\n${head}\n`),
      ...(stream ? [Buffer.from('stream\n'), stream, Buffer.from('\nendstream\n')] : []),
      Buffer.from('endobj\n'),
    );
  const all = Array.from({ length: count }, (_, i) => i);
  const drawn = Buffer.from(all.map((i) => `q 595 0 0 842 0 0 cm /I${i} Do Q`).join('\n'));
  put(1, '<</Type/Catalog/Pages 2 0 R>>');
  put(2, '<</Type/Pages/Kids[3 0 R]/Count 1>>');
  put(
    3,
    `<</Type/Page/Parent 2 0 R/MediaBox[0 0 595 842]/Contents 4 0 R/Resources<</XObject<<${all.map((i) => `/I${i} ${10 + i} 0 R`).join(' ')}>>>>>>`,
  );
  put(4, `<</Length ${drawn.length}>>`, drawn);
  for (const i of all)
    put(
      10 + i,
      `<</Type/XObject/Subtype/Image/Width ${side}/Height ${side}/ColorSpace/DeviceRGB/BitsPerComponent 8/Filter/FlateDecode/Length ${pixels.length}>>`,
      pixels,
    );
  parts.push(Buffer.from(`trailer<</Root 1 0 R/Size ${10 + count}>>\n%%EOF`));
  return Buffer.concat(parts);
}

describe('a PDF', () => {
  it('with one large picture is read', async () => {
    const { width, height } = await decode(pdfOfPictures(1), 'light');
    expect([width, height]).toEqual([7000, 7000]);
  });

  it('whose pictures unpack to gigabytes is given up in plain words, and takes nothing from whoever asked', async () => {
    const before = process.memoryUsage.rss();
    const reading = decode(pdfOfPictures(30), 'light');
    let most = before;
    const watch = setInterval(() => {
      most = Math.max(most, process.memoryUsage.rss());
    }, 20);
    await expect(reading).rejects.toThrow(
      /unpacks to more than can be read here\. Scan or photograph the page again/,
    );
    clearInterval(watch);
    // The pixels of two of its pictures.
    expect(most - before).toBeLessThan(300_000_000);
  });
});

describe('a page of the simulated camera', () => {
  const shot = { ...someShot(4, 'photo'), width: 1070, height: 1420, perMm: 6.2 };
  let page: { code: PageCode; jpeg: Buffer };
  beforeAll(async () => {
    const printed = await pageOfRows('italic', ['n', 'm', 'a', 'u', 'o'], { small: true });
    page = { code: printed.code, jpeg: (await taken(printed, STEADY, shot)).jpeg };
  });

  it('is read as PNG, WebP, TIFF and as a scan in a PDF as well', async () => {
    const { code, jpeg } = page;
    const pdf = await new Promise<Buffer>((done) => {
      const parts: Buffer[] = [];
      const doc = new PDFDocument({ size: 'A5' });
      doc.on('data', (part: Buffer) => parts.push(part));
      doc.on('end', () => done(Buffer.concat(parts)));
      doc.image(jpeg, 0, 0, { width: 420 });
      doc.end();
    });
    const files = [
      await sharp(jpeg).png().toBuffer(),
      await sharp(jpeg).webp({ quality: 80 }).toBuffer(),
      await sharp(jpeg).tiff().toBuffer(),
      pdf,
    ];
    for (const file of files) expect((await lookedAt(file)).code).toEqual(code);
  }, 60_000);

  it('is read from HEIC, as phones keep it', async () => {
    const file = readFileSync(new URL('../../support/review/page.heic', import.meta.url));
    expect((await lookedAt(file)).code?.id).toBe('ABCDEFGH12');
  }, 60_000);

  it('is turned as its camera says, and says nothing else', async () => {
    const { code, jpeg } = page;
    const turned = await sharp(jpeg)
      .rotate(90)
      .withExif({ IFD0: { Orientation: '8' }, IFD3: { GPSLatitude: '51/1 28/1 0/1' } })
      .jpeg()
      .toBuffer();
    expect((await lookedAt(turned)).code).toEqual(code);
    const { width, height } = await decode(turned, 'light');
    expect([width, height].sort()).toEqual([1070, 1420]);
  }, 60_000);
});
