import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { drawingBounds } from '@/core/drawing/bounds';
import type { Drawing, Form, FormPaint } from '@/core/drawing/drawing';
import { ruleSheet } from '@/core/sheet/rule';
import { renderPdf } from './pdf';
import { renderPng } from './png';
import { renderSvg } from './svg';

const sheet = ruleSheet(freshRecipe('italic'));

const note = (text: string): Drawing => ({
  width: 60,
  height: 40,
  title: text,
  nodes: [{ kind: 'text', x: 5, y: 10, text, size: 4, anchor: 'start', style: 'regular', colour: '#000000' }],
});

const infoOf = (pdf: Buffer): string => {
  const file = join(mkdtempSync(join(tmpdir(), 'elvane-pdf-')), 'a.pdf');
  writeFileSync(file, pdf);
  return (
    execFileSync('pdfinfo', ['-box', file], { encoding: 'utf8' }) +
    execFileSync('pdffonts', [file], { encoding: 'utf8' })
  );
};

describe('PDF', () => {
  it('has exact page boxes, a title, and an embedded subset of the face', async () => {
    const info = infoOf(await renderPdf(sheet));
    for (const box of ['MediaBox', 'CropBox', 'TrimBox', 'BleedBox']) {
      expect(info).toMatch(new RegExp(`${box}:\\s+0.00\\s+0.00\\s+595.28\\s+841.89`));
    }
    expect(info).toMatch(/Title:\s+Italic guideline sheet/);
    expect(info).toMatch(/[A-Z]{6}\+AlegreyaSans\S*\s+.*yes yes/);
  });

  it('is the same file for the same drawing', async () => {
    expect((await renderPdf(sheet)).equals(await renderPdf(sheet))).toBe(true);
  });

  it('keeps the page when a printer correction scales what is on it', async () => {
    const info = infoOf(await renderPdf(sheet, { correction: { x: 1.02, y: 1.03 } }));
    expect(info).toMatch(/MediaBox:\s+0.00\s+0.00\s+595.28\s+841.89/);
  });
});

describe('SVG', () => {
  it('is measured in millimetres', () => {
    expect(renderSvg(sheet)).toMatch(/^<svg [^>]*width="210mm" height="297mm" viewBox="0 0 210 297"/);
  });

  it('writes text as text, never as markup', () => {
    const svg = renderSvg(note('</text><script>alert("1 & 2")</script>\u0000'));
    expect(svg).not.toContain('<script');
    expect(svg).toContain('&lt;script&gt;alert(&quot;1 &amp; 2&quot;)');
    expect(svg).not.toContain('\u0000');
  });
});

describe('PNG', () => {
  it('has the size that the resolution asks for, and draws lettering', async () => {
    const { width, height } = await sharp(renderPng(sheet, 100)).metadata();
    expect(width).toBe(827);
    expect(Math.abs((height ?? 0) - 1169)).toBeLessThanOrEqual(1);
    const { channels } = await sharp(renderPng(note('Merrowdown'), 150)).stats();
    expect(channels[0]?.min).toBeLessThan(120);
  });
});

describe('forms', () => {
  const form: Form = {
    commands: [['M', 0, 0], ['L', 2, 0], ['C', 2, 1, 1, 2, 0, 2], ['Z']],
  };
  const stamped = (count: number, paint: FormPaint = { fill: '#000000' }): Drawing => ({
    width: 60,
    height: 40,
    title: 'stamped',
    nodes: Array.from({ length: count }, (_, i) => ({
      kind: 'form',
      form,
      x: 5 + (i % 10) * 5,
      y: 5 + Math.floor(i / 10) * 3,
      scale: 1.5,
      paint,
    })),
  });

  it('stand once in the file, however often they are drawn', async () => {
    const svg = renderSvg(stamped(100));
    expect(svg.match(/<path /g)).toHaveLength(1);
    expect(svg.match(/<use /g)).toHaveLength(100);
    const [one, many] = [await renderPdf(stamped(1)), await renderPdf(stamped(100))];
    expect(many.length).toBeLessThan(one.length + 100 * 30);
  });

  it('are drawn in PNG where they stand', async () => {
    const { data, info } = await sharp(renderPng(stamped(1), 254))
      .removeAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    const dark = (x: number, y: number) =>
      (data[(Math.round(y * 10) * info.width + Math.round(x * 10)) * info.channels] as number) < 80;
    expect(dark(5.6, 5.6)).toBe(true);
    expect(dark(4.6, 5.6)).toBe(false);
    expect(dark(8.4, 7.9)).toBe(false);
  });

  it('count in the bounds of a drawing', () => {
    expect(drawingBounds(stamped(1))).toEqual({ left: 5, top: 5, right: 8, bottom: 8 });
  });

  it('can be drawn as lines, as wide on paper as they say', async () => {
    const lined = stamped(1, { stroke: { colour: '#000000', width: 0.6 } });
    expect(drawingBounds(lined)).toEqual({ left: 4.7, top: 4.7, right: 8.3, bottom: 8.3 });
    const { data, info } = await sharp(renderPng(lined, 254))
      .removeAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    const dark = (x: number, y: number) =>
      (data[(Math.round(y * 10) * info.width + Math.round(x * 10)) * info.channels] as number) < 80;
    expect([dark(6, 4.8), dark(6, 5.2), dark(6, 5.6), dark(6, 4.5)]).toEqual([true, true, false, false]);
  });
});

describe('a small picture', () => {
  it('keeps hairlines that a whole page would lose between its pixels', async () => {
    // A hairline of 0.1 mm down a page of 200 mm, shown 160 px high.
    const line: Form = {
      commands: [['M', 0, 0], ['L', 0.1, 0], ['L', 0.1, 150], ['L', 0, 150], ['Z']],
    };
    const page: Drawing = {
      width: 140,
      height: 200,
      title: 'a hairline',
      nodes: [{ kind: 'form', form: line, x: 70.2, y: 20, scale: 1, paint: { fill: '#000000' } }],
    };
    const darkest = async (small: boolean) => {
      const { data } = await sharp(Buffer.from(renderSvg(page, { small })), { density: 72 })
        .resize({ height: 160 })
        .flatten({ background: '#ffffff' })
        .greyscale()
        .raw()
        .toBuffer({ resolveWithObject: true });
      return Math.min(...data);
    };
    expect(await darkest(true)).toBeLessThan((await darkest(false)) - 40);
  });
});
