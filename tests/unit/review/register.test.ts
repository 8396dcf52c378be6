import sharp from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { STEADY } from '@/core/camera/habits';
import {
  firstLetters,
  lookedAt,
  type PrintedForTest,
  pageOfRows,
  reviewedFrom,
  someShot,
  taken,
} from '../../support/review/pages';

describe('a picture of a page', () => {
  let printed: PrintedForTest;
  beforeAll(async () => {
    printed = await pageOfRows('italic', await firstLetters('italic', 6), { small: true });
  });
  const shot = { ...someShot(5, 'photo'), width: 1280, height: 1700, perMm: 7 };
  const pixels = async (jpeg: Buffer) => sharp(jpeg);

  it('is read upside down and on its side', async () => {
    for (const turn of [90, 180]) {
      const side = turn % 180 === 90 ? { width: shot.height, height: shot.width } : {};
      const { jpeg } = await taken(printed, STEADY, { ...shot, ...side, turn });
      const looked = await lookedAt(jpeg);
      expect(looked.code, `turned by ${turn}`).toEqual(printed.code);
    }
  }, 60_000);

  it('with a corner covered is read and measured', async () => {
    const { jpeg } = await taken(
      printed,
      { ...STEADY, angle: -5 },
      { ...shot, covered: { x: 126, y: 188, width: 22, height: 22 } },
    );
    expect((await lookedAt(jpeg)).code).toEqual(printed.code);
    const { measuring, rings } = await reviewedFrom(jpeg, printed);
    expect(rings).toBe(7);
    expect(measuring.figures.find(({ id }) => id === 'angle')?.value).toBeCloseTo(40, -0.5);
  }, 60_000);

  it('with its code covered is found, and not read', async () => {
    const { jpeg } = await taken(printed, STEADY, {
      ...shot,
      covered: { x: 108, y: 2, width: 26, height: 24 },
    });
    const { code, marks } = await lookedAt(jpeg);
    expect([code, marks !== undefined]).toEqual([undefined, true]);
  }, 60_000);

  it('beside another page: both are read, the larger first', async () => {
    const other = await pageOfRows('italic', ['n', 'm', 'h'], { id: 'ZZZZZZZZ99', small: true });
    const [one, two] = [
      await taken(printed, STEADY, { ...shot, turn: 2 }),
      await taken(other, STEADY, { ...shot, perMm: 6.4, turn: -3 }),
    ];
    const both = await (await pixels(one.jpeg))
      .extend({ right: shot.width })
      .composite([{ input: two.jpeg, left: shot.width, top: 0 }])
      .jpeg()
      .toBuffer();
    const { pages } = await lookedAt(both);
    expect(pages.map(({ code }) => code?.id)).toEqual(['ABCDEFGH12', 'ZZZZZZZZ99']);
    // The other one too is measured where it lies.
    const looked = { pages, rings: 16, ...pages[1] };
    const { measuring } = await reviewedFrom(both, other, looked);
    expect(measuring.rows.map(({ text }) => text)).toEqual(['n', 'm', 'h']);
  }, 60_000);

  it('of a blank page, of a patterned cloth, of a cat or of noise is no page', async () => {
    const blank = await sharp({ create: { width: 1500, height: 2000, channels: 3, background: '#f0ece2' } })
      .jpeg()
      .toBuffer();
    const rings = Array.from({ length: 60 }, (_, i) => {
      const [x, y] = [100 + (i % 8) * 180, 100 + Math.floor(i / 8) * 220];
      return `<circle cx="${x}" cy="${y}" r="40" fill="none" stroke="#000" stroke-width="14"/><circle cx="${x}" cy="${y}" r="16"/>`;
    });
    const cloth = await sharp(
      Buffer.from(
        `<svg xmlns="http://www.w3.org/2000/svg" width="1500" height="2000"><rect width="1500" height="2000" fill="#fff"/>${rings.join('')}</svg>`,
      ),
    )
      .jpeg()
      .toBuffer();
    const noise = await sharp({
      create: {
        width: 1500,
        height: 2000,
        channels: 3,
        background: '#888',
        noise: { type: 'gaussian', mean: 128, sigma: 60 },
      },
    })
      .jpeg()
      .toBuffer();
    // Its eyes are dots with rings round them, its bell another.
    const eye = (x: number) =>
      `<circle cx="${x}" cy="800" r="70" fill="none" stroke="#222" stroke-width="20"/><circle cx="${x}" cy="800" r="26" fill="#111"/>`;
    const cat = await sharp(
      Buffer.from(
        `<svg xmlns="http://www.w3.org/2000/svg" width="1500" height="2000"><rect width="1500" height="2000" fill="#e7dfd0"/><path d="M350 900L420 400L640 620H860L1080 400L1150 900C1150 1300 350 1300 350 900Z" fill="#c9b79a" stroke="#222" stroke-width="12"/>${eye(600)}${eye(900)}${eye(750).replaceAll('800', '1400')}<path d="M720 950L780 950L750 990Z"/><path d="M500 1000H250M1000 1000H1250M500 1050L260 1120M1000 1050L1240 1120" stroke="#222" stroke-width="6"/></svg>`,
      ),
    )
      .jpeg()
      .toBuffer();
    const seen = await lookedAt(cat);
    expect(seen.rings).toBeGreaterThan(1);
    expect(seen.marks).toBeUndefined();
    for (const picture of [blank, cloth, noise, cat]) {
      const { code } = await lookedAt(picture);
      expect(code).toBeUndefined();
    }
  }, 60_000);
});
