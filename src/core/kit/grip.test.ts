import { describe, expect, it } from 'vitest';
import { cosDeg, sinDeg, toDegrees } from '../measure/units';
import {
  adviseEdge,
  advisePulled,
  adviseSlant,
  cutWanted,
  edgeLies,
  flangeWanted,
  pageTurnForEdge,
  pageTurnForSlant,
  penAngleOf,
  tinesLie,
} from './grip';

type Vec = readonly [number, number];
const turned = ([x, y]: Vec, by: number): Vec => [
  x * cosDeg(by) - y * sinDeg(by),
  x * sinDeg(by) + y * cosDeg(by),
];
const directionOf = ([x, y]: Vec) => toDegrees(Math.atan2(y, x));
/** Directions of lines agree if they differ by a multiple of 180°. */
const expectSameLine = (one: number, other: number) =>
  expect(Math.abs(((one - other + 270) % 180) - 90)).toBeCloseTo(0, 6);

/** Desk, page and pen drawn as vectors: the writing line is the page's own level direction, turned with it. */
const onDesk = (pointing: number, page: number) => ({
  pen: turned([1, 0], pointing),
  line: turned([1, 0], page),
});

/** Angle of the edge to the writing line, from the drawing: the edge lies square to the pen, turned by its grind. */
function drawnEdge(pointing: number, page: number, cut: number): number {
  const { pen, line } = onDesk(pointing, page);
  const edge = turned(turned(pen, -90), cut);
  return directionOf(edge) - directionOf(line);
}

/** Angle of the tines to the writing line: along the pen, turned clockwise by the flange. */
function drawnTines(pointing: number, page: number, flange: number): number {
  const { pen, line } = onDesk(pointing, page);
  return directionOf(turned(pen, -flange)) - directionOf(line);
}

describe('grip and page agree with a drawing from first principles', () => {
  it.each([
    ['right hand, italic, square cut', 125, 45, 0],
    ['right hand, foundational, square cut', 122, 30, 0],
    ['left hand, italic, square cut', 65, 45, 0],
    ['left hand, italic, 15° left-oblique', 65, 45, 15],
    ['left hand, uncial, 20° left-oblique', 70, 20, 20],
  ])('%s', (_, pointing, wanted, cut) => {
    const page = pageTurnForEdge(pointing, wanted, cut);
    expectSameLine(drawnEdge(pointing, page, cut), wanted);
    expect(penAngleOf(pointing, page, cut)).toBeCloseTo(wanted, 9);
    // With the grind that is wanted the page lies straight.
    expectSameLine(drawnEdge(pointing, 0, cutWanted(pointing, wanted)), wanted);
  });

  it.each([
    ['right hand, copperplate, straight holder', 122, 55, 0],
    ['right hand, copperplate, oblique flange of 15°', 122, 55, 15],
    ['left hand, copperplate, straight holder', 65, 55, 0],
  ])('%s', (_, pointing, slant, flange) => {
    const page = pageTurnForSlant(pointing, slant, flange);
    expectSameLine(drawnTines(pointing, page, flange), slant);
    expectSameLine(drawnTines(pointing, 0, flangeWanted(pointing, slant)), slant);
  });

  it('says which way to turn, and what would do instead', () => {
    expect(adviseEdge(125, 45).sentence).toContain('10° clockwise');
    expect(adviseEdge(125, 45).instead).toContain('left-oblique cut of 10°');
    expect(adviseEdge(65, 45).uncomfortable).toBe(true);
    expect(adviseSlant(122, 55, 15).sentence).toContain('52° anticlockwise');
    expect(adviseSlant(90, 55).instead).toContain('turned 35°');
    expect(adviseEdge(135, 45).sentence).toContain('Leave the page straight');
  });
});

describe('a point without edge or tines', () => {
  it('has the page turned by the slope, so that downstrokes come straight towards the writer', () => {
    expect(advisePulled(90)).toEqual({
      page: 0,
      uncomfortable: false,
      sentence: 'Leave the page straight in front of you. Downstrokes then come straight towards you.',
    });
    expect(advisePulled(75).sentence).toMatch(/^Turn the page 15° anticlockwise\./);
    expect(advisePulled(30).uncomfortable).toBe(true);
  });
});

describe('the page as it lies', () => {
  it('is judged against the drawing, and true where it is turned as advised', () => {
    for (const pointing of [70, 110, 122, 140])
      for (const page of [-20, 0, 33]) {
        const tines = tinesLie(pointing, 55, 12, page);
        expect(tines.off).toBeCloseTo(drawnTines(pointing, page, 12) - 55, 6);
        expect(tinesLie(pointing, 55, 12, page + tines.off).sentence).toBe(
          'The tines lie true, within 2° of the slant.',
        );
        const edge = edgeLies(pointing, 45, 5, page);
        expect(edge.off).toBeCloseTo(drawnEdge(pointing, page, 5) - 45, 6);
      }
  });

  it('is true within two degrees, and otherwise says which way to turn', () => {
    expect(tinesLie(122, 55, 0, 65).sentence).toBe('The tines lie true, within 2° of the slant.');
    expect(tinesLie(122, 55, 0, 64).sentence).toBe(
      'The tines lie 3° steeper than the slant: turn the page 3° anticlockwise.',
    );
    expect(edgeLies(122, 45, 0, -5).sentence).toBe(
      'The edge lies 8° flatter than 45°: turn the page 8° clockwise.',
    );
  });
});
