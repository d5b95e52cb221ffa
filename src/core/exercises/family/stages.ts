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

/** Orders a class may begin with; every one holds all stages. Which is best is disputed, so it is the coach's choice (common practice). */
export const PATH_PRESETS = {
  'board-first': STAGES,
  'mate-early': [
    'board',
    'movement',
    'check',
    'capturing',
    'attack',
    'values',
    'special-moves',
    'notation',
    ...STAGES.slice(8),
  ],
  'writing-early': [
    'board',
    'notation',
    'movement',
    'capturing',
    'check',
    'special-moves',
    'attack',
    'values',
    ...STAGES.slice(8),
  ],
} as const satisfies Record<string, readonly Stage[]>;
export type PathPreset = keyof typeof PATH_PRESETS;
