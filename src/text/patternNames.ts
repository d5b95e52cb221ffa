/** What each named mate is called. */
import type { PatternId } from '@/core/patterns';

export const PATTERN_NAMES: Readonly<Record<PatternId, string>> = {
  'back-rank': 'Back-rank mate',
  smothered: 'Smothered mate',
  anderssen: 'Anderssen’s mate',
  mayet: 'Mayet’s mate',
  opera: 'Opera mate',
  greco: 'Greco’s mate',
  boden: 'Boden’s mate',
  damiano: 'Damiano’s mate',
  'damiano-bishop': 'Damiano’s bishop mate',
  arabian: 'Arabian mate',
  anastasia: 'Anastasia’s mate',
  hook: 'Hook mate',
  legal: 'Légal’s mate',
  morphy: 'Morphy’s mate',
  pillsbury: 'Pillsbury’s mate',
  reti: 'Réti’s mate',
  blackburne: 'Blackburne’s mate',
  lolli: 'Lolli’s mate',
  'max-lange': 'Max Lange’s mate',
  epaulette: 'Epaulette mate',
  'swallows-tail': 'Swallow’s tail mate',
  dovetail: 'Dovetail mate',
  corner: 'Corner mate',
  'kill-box': 'Kill box mate',
  triangle: 'Triangle mate',
  vukovic: 'Vuković’s mate',
  balestra: 'Balestra mate',
  suffocation: 'Suffocation mate',
  'double-bishop': 'Double-bishop mate',
  'david-goliath': 'David and Goliath mate',
  ladder: 'Ladder mate',
  scholars: 'Scholar’s mate',
  fools: 'Fool’s mate',
  // Broadly read the queen may be protected by any piece, so the name speaks of the support alone.
  'queen-king-support': 'Support mate',
};

const IDS = Object.keys(PATTERN_NAMES);

/** By its id; undefined where it is none of them. */
export const findPatternName = (id: string): string | undefined =>
  IDS.includes(id) ? PATTERN_NAMES[id as PatternId] : undefined;
