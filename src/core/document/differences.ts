import type { Recipe } from './recipe';

/** Fields of a recipe as people call them; those that only follow from others are left out. */
const NAMES: Readonly<Partial<Record<keyof Recipe, string>>> = {
  title: 'the title',
  hand: 'the hand',
  school: 'the school',
  width: 'the nib or shade',
  edge: 'how thick the edge is',
  penAngle: 'the pen angle',
  slope: 'the slope',
  ratioUnit: 'the unit',
  zones: 'the heights',
  capitalsOnly: 'capitals only',
  writing: 'how letters are written',
  standing: 'where the lines stand',
  capitalLine: 'the capital line',
  shareZones: 'shared zones',
  show: 'the lines shown',
  slopeLines: 'the slope lines',
  tint: 'the tint',
  aids: 'the aids',
  paper: 'the paper',
  nibs: 'the nibs compared',
  date: 'the date',
  note: 'the note',
  exemplar: 'the exemplar',
  touches: 'letters changed by hand',
  practice: 'the bands of the practice page',
  wordList: 'the list of words',
};

/** What differs between two recipes, in words: "the nib or shade, the paper". */
export const differences = (one: Recipe, other: Recipe): string[] =>
  Object.entries(NAMES).flatMap(([field, name]) => {
    const [a, b] = [one, other].map((recipe) => JSON.stringify(recipe[field as keyof Recipe]));
    return a === b ? [] : [name];
  });
