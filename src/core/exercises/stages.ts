/** The stages of the teaching, in the order in which most coaches take them (common practice); a class may have another order. */
export const STAGES = [
  'board',
  'movement',
  'capturing',
  'attack',
  'values',
  'check',
  'special-moves',
  'notation',
  'basic-mates',
  'quick-mate',
  'opening',
  'motifs',
  'named-mates',
  'forced-mates',
  'kings-and-pawns',
] as const;
export type Stage = (typeof STAGES)[number];
