import { countsByPen, type Hand, inSchool } from '../hand/hand';
import { type HandId, handById } from '../hands/registry';
import { DIP_NIB_EDGE } from '../pen/edge';
import type { Given } from './given';
import { PLAIN_WRITING } from './plainWriting';
import type { Setting } from './setting';

/** What is pinned at first: the nib and the hand's weight, or the body where heights are in mm. */
export const usualGiven = (hand: Hand): Given =>
  countsByPen(hand)
    ? { width: hand.width, body: hand.zones.body }
    : { bodyMm: hand.zones.body * (hand.ratioUnit ?? 1) };

/** A hand as one school teaches it, at its usual size. */
export function handSetting(handId: HandId, schoolId?: string): Setting {
  const base = handById(handId);
  const school = schoolId ?? (base.schools[0]?.id as string);
  const hand = inSchool(base, school);
  return {
    hand: handId,
    school,
    width: hand.width,
    nib: '',
    edge: DIP_NIB_EDGE,
    penAngle: hand.penAngle?.usual ?? 0,
    slope: hand.slope.usual,
    ratioUnit: hand.ratioUnit ?? 1,
    zones: { ...hand.zones },
    given: usualGiven(hand),
    capitalsOnly: hand.capitalsOnly,
    writing: { ...PLAIN_WRITING, contrast: hand.contrast, joined: hand.joined },
  };
}
