/**
 * The bare picture of each named mate: as few men as show it, Black mated at the top of the board. Set up here; that each is a legal
 * mate and strictly of its name is tested.
 */
import type { PatternId } from './definitions';

export const BARE_PICTURES: Readonly<Record<PatternId, string>> = {
  'back-rank': '3R2k1/5ppp/8/8/8/8/5PPP/6K1 b - - 0 1',
  smothered: '6rk/5Npp/8/8/8/8/8/6K1 b - - 0 1',
  anderssen: '6kR/6P1/6K1/8/8/8/8/8 b - - 0 1',
  mayet: '5rkR/5p2/8/8/8/8/1B6/6K1 b - - 0 1',
  opera: '3Rk3/5p2/8/6B1/8/8/8/6K1 b - - 0 1',
  greco: '7k/6p1/8/7Q/2B5/8/8/6K1 b - - 0 1',
  boden: '2kr4/3p4/B7/8/5B2/8/8/6K1 b - - 0 1',
  damiano: '5rk1/7Q/6P1/8/8/8/8/6K1 b - - 0 1',
  'damiano-bishop': '3r1k2/5Q2/8/7B/8/8/8/6K1 b - - 0 1',
  arabian: '7k/7R/5N2/8/8/8/8/6K1 b - - 0 1',
  anastasia: '8/4N1pk/8/8/8/8/8/2K4R b - - 0 1',
  hook: '4R3/4kp2/5N2/4P3/8/8/8/6K1 b - - 0 1',
  legal: '3q1b2/4kB2/3p4/3NN3/8/8/8/6K1 b - - 0 1',
  morphy: '7k/7p/8/8/3B4/8/8/6RK b - - 0 1',
  pillsbury: '5rk1/5p1p/8/8/8/6R1/1B6/6K1 b - - 0 1',
  reti: '1nbB4/1pk5/2p5/8/8/8/8/3RK3 b - - 0 1',
  blackburne: '5rk1/7B/8/6N1/8/8/1B6/6K1 b - - 0 1',
  lolli: '6k1/6Q1/5P2/8/8/8/8/6K1 b - - 0 1',
  'max-lange': '6Q1/5Bpk/7p/8/8/8/8/6K1 b - - 0 1',
  epaulette: '3rkr2/8/4Q3/8/8/8/8/6K1 b - - 0 1',
  'swallows-tail': '8/8/5p1p/6k1/6Q1/7P/8/6K1 b - - 0 1',
  dovetail: '8/8/8/1r6/pk6/2Q5/1P6/6K1 b - - 0 1',
  corner: '7k/5N1p/8/8/8/8/8/6RK b - - 0 1',
  'kill-box': '2kR4/8/1Q6/8/8/8/8/6K1 b - - 0 1',
  triangle: '3k4/2R1Q3/8/8/8/8/8/6K1 b - - 0 1',
  vukovic: '4k3/4R3/4NK2/8/8/8/8/8 b - - 0 1',
  balestra: '6k1/8/4B2Q/8/8/8/8/6K1 b - - 0 1',
  suffocation: '5rk1/5p1p/7N/8/8/8/1B6/6K1 b - - 0 1',
  'double-bishop': '7k/7p/8/3B4/3B4/8/8/6K1 b - - 0 1',
  'david-goliath': '8/8/6pp/7k/5PP1/7P/5B2/6K1 b - - 0 1',
  ladder: 'R5k1/1R6/8/8/8/8/8/6K1 b - - 0 1',
  scholars: '3qk3/5Q2/8/8/2B5/8/8/6K1 b - - 0 1',
  fools: '3qkb2/3pp3/8/7Q/8/8/8/6K1 b - - 0 1',
  'queen-king-support': '6k1/6Q1/6K1/8/8/8/8/8 b - - 0 1',
};
