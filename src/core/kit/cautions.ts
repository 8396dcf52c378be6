/** The usual cautions, shown where they apply: one line, and a little more on asking. */
export const CAUTIONS = {
  solvent: {
    line: 'Alcohol or acetone: air the room, no flame near.',
    more: 'Read the product’s safety sheet, wear gloves if it says so, keep the bottle closed. Flame on a nib is not advised at all.',
  },
  pigment: {
    line: 'Pigments and inks can be toxic: never lick a nib or hold a pen in the mouth.',
    more: 'Cadmium, cobalt, lead white and iron salts among them. Wash hands before eating; the product’s safety sheet says what is in it.',
  },
  knife: {
    line: 'Knives and blades: cut away from you, on a cut-proof surface; adults only.',
    more: 'A sharp blade slips less than a blunt one. Keep the other hand behind the edge.',
  },
  sharp: {
    line: 'Nibs are sharp and small, and can spring: keep them from small children.',
    more: 'Store them closed, count them after a class, and look before you sit down.',
  },
  disposal: {
    line: 'Inks, solvents and metal: dispose of them by your local rules.',
    more: 'Do not pour solvents or metal salts into the drain; ask your local collection point.',
  },
  pain: {
    line: 'Pain, numbness or tingling: stop, and see a clinician.',
    more: 'Elvane gives no medical advice. Rest, page up, lighter grip are habits, not treatment.',
  },
} as const;

export type CautionId = keyof typeof CAUTIONS;
