import type { Hand, Range } from './hand';

/** The fields that a hand must define when it starts from a base. */
type Own<Base extends Partial<Hand>> = Omit<Hand, keyof Base> & Partial<Hand>;

/**
 * A hand, completed from a base (`bases/`) that holds what hands of one tool have in common; a new hand is a new folder
 * with one of these, and a line in the registry.
 * @throws Error naming the hand and the field, where the definition contradicts itself.
 */
export function defineHand<Base extends Partial<Hand>>(base: Base, own: Own<Base>): Hand {
  // The two together name every field of a hand: `Own` asks for all that the base leaves out.
  const hand = { ...base, ...own } as unknown as Hand;
  for (const [field, sentence] of faults(hand)) throw new Error(`Hand “${hand.id}”: ${field} ${sentence}`);
  return hand;
}

type Fault = readonly [field: string, sentence: string];

const inside = (value: number, { low, high }: Range) => value >= low && value <= high;

function* faults(hand: Hand): Generator<Fault> {
  const { zones, weight, capitals, penAngle, slope, schools, families, turns } = hand;
  if (!/^[a-z][a-z-]{1,30}$/.test(hand.id)) yield ['id', 'must be small letters and hyphens.'];
  if (hand.name.trim() === '') yield ['name', 'is empty.'];
  for (const [name, range] of Object.entries({ weight, capitals, bodyMm: hand.bodyMm, slope: slope.range })) {
    if (range && range.low > range.high) yield [name, `runs from ${range.low} down to ${range.high}.`];
  }
  for (const [zone, height] of Object.entries(zones)) {
    if (height !== null && height < 0) yield [`zones.${zone}`, `is ${height}, under nought.`];
  }
  if (zones.body <= 0) yield ['zones.body', `is ${zones.body}; a body has a height.`];
  if (!inside(zones.body, weight)) yield ['zones.body', `is ${zones.body}, outside the usual weight.`];
  if (capitals ? !inside(zones.capital, capitals) : zones.capital !== 0)
    yield ['zones.capital', `is ${zones.capital}, outside the usual heights of capitals.`];
  if (hand.width <= 0) yield ['width', `is ${hand.width}; a pen leaves a mark.`];
  if (!inside(slope.usual, slope.range)) yield ['slope.usual', `is ${slope.usual}, outside its range.`];
  if (hand.tool === 'broad' && !penAngle) yield ['penAngle', 'is missing; an edge is held at an angle.'];
  if (penAngle && !inside(penAngle.usual, penAngle.range))
    yield ['penAngle.usual', `is ${penAngle.usual}, outside its range.`];
  for (const [name, { angle }] of Object.entries(turns)) {
    if (!inside(angle, { low: -90, high: 90 })) yield [`turns.${name}`, `is ${angle}°, not from −90 to 90.`];
  }
  if (hand.basis === 'ratio' && !(hand.ratioUnit && hand.ratioUnit > 0))
    yield ['ratioUnit', 'is missing; heights in units need the length of one.'];
  const angle = penAngle?.usual ?? 0;
  if (!(hand.breadth(zones.body, angle) > 0)) yield ['breadth', 'is nought; stems stand apart.'];
  if (schools.length === 0) yield ['schools', 'is empty; there is one school at least.'];
  for (const [field, names] of [
    ['schools', schools.map(({ id }) => id)],
    ['families', families.map(({ name }) => name)],
  ] as const) {
    const twice = names.find((name, i) => names.indexOf(name) !== i);
    if (twice !== undefined) yield [field, `names “${twice}” twice.`];
  }
  if (hand.script && families.length === 0) yield ['families', 'is empty, though letters are drawn.'];
}
