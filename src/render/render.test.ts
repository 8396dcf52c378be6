import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import type { Drawing } from '@/core/drawing/drawing';
import { freshRecipe } from '@/core/sheet/defaults';
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
