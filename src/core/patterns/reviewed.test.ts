/**
 * Sixty composed mates, each looked at by hand on 2026-11-25: who checks, what holds, what blocks, and whether the definitions give just
 * these names. A tilde marks a loose reading.
 */
import { getPosition } from '../notation';
import { namePatterns } from '.';

const REVIEWED: readonly (readonly [fen: string, names: string])[] = [
  ['6k1/7p/6P1/8/3nn3/1P1P4/4Kb2/3Q1B2 w', 'legal suffocation~'],
  ['6k1/5p2/7B/2b5/8/2P5/5q2/3QK2R w', 'scholars damiano-bishop~ queen-king-support~'],
  ['3qkb2/3pp3/1p5N/7Q/1p1P4/2B5/8/6K1 b', 'fools'],
  ['nk6/7p/4r3/8/7n/P2p4/KPbP4/1q6 w', 'max-lange damiano-bishop~ queen-king-support~'],
  ['rk3N2/p4p2/8/5PpR/8/2p5/1q6/1K6 w', 'lolli queen-king-support~'],
  ['3n2k1/8/2R4P/1P4N1/2pP4/6p1/1P5q/5RK1 w', 'damiano queen-king-support~'],
  ['8/8/1p6/7B/8/6k1/2r3p1/6Kr w', 'anderssen'],
  ['6k1/1b4p1/8/8/6n1/p7/4PP2/5RKr w', 'mayet anderssen~ opera~ back-rank~'],
  ['1kr5/B3p3/3q2p1/1N6/P7/8/3P2B1/1K6 b', 'blackburne boden~'],
  ['6k1/1b2P3/1p4r1/QP6/1P6/8/2P2P1P/5RK1 w', 'pillsbury'],
  ['k7/p7/8/B3p3/4B2P/p7/3RP1P1/KR6 b', 'morphy'],
  ['6k1/P2rq3/5Pp1/4B2p/4p3/5n2/2b1KP2/4r3 w', 'hook'],
  ['1kB5/8/5n2/5b2/q7/7N/1P6/K7 w', 'greco back-rank~'],
  ['4Bbn1/r4kp1/5p2/8/3p1p2/6n1/8/3KR3 b', 'reti'],
  ['8/8/3P4/4b3/1p4q1/2p1nk2/4r3/4K3 w', 'vukovic'],
  ['8/kp1N4/5P2/3p4/4p2N/3P4/3p4/R4K2 b', 'anastasia back-rank~'],
  ['1k6/8/5P1q/4Pp2/P7/2n5/r4r2/K2n4 w', 'arabian'],
  ['3Rk3/n4p2/P7/6BP/3pP3/P2q4/P7/6K1 b', 'opera anderssen~ mayet~ back-rank~'],
  ['1k6/3P4/P7/8/2N5/6q1/8/4rK2 w', 'kill-box'],
  ['2bk4/1rR1Q1P1/5p2/8/8/8/8/6K1 b', 'triangle queen-king-support~'],
  ['2k1r3/2Q5/5n2/B7/7P/7p/5p2/1Kb5 b', 'damiano-bishop queen-king-support~'],
  ['6rk/7P/8/1Pb1R3/1P6/8/p4n1P/7K w', 'corner'],
  ['1k6/1P2p3/p4b2/7P/4r3/3q1B2/8/2RKR3 w', 'epaulette'],
  ['2kr4/p2p2P1/B7/5Pp1/5B2/P6Q/1N4P1/6K1 b', 'boden'],
  ['1k6/8/8/2p1b3/4b3/1P3P2/P7/K7 w', 'double-bishop'],
  ['1k6/p7/2p1R3/8/8/qP1b4/8/1K6 w', 'balestra'],
  ['1k6/4q1b1/r6p/8/P7/n3P3/P1P5/1KR5 w', 'suffocation'],
  ['6kN/8/3P4/3n3P/5P2/8/2p2nPP/6RK w', 'smothered'],
  ['1k6/6B1/p2P4/1q2b3/NK6/PpP3N1/5p2/8 w', 'swallows-tail queen-king-support~'],
  ['4N3/3nPn1p/8/1rp5/pk5p/2Q5/1P4p1/6K1 b', 'dovetail queen-king-support~'],
  ['4R3/8/pp6/k2P4/1PP5/P7/2B4P/1K6 b', 'david-goliath'],
  ['6k1/1p2p3/7R/8/5P2/8/1r6/r5K1 w', 'ladder'],
  ['1k2R3/ppp5/5p2/8/2R4p/7P/PPP4p/1K6 b', 'back-rank'],
  ['1k2r3/1Q6/1KP5/5r2/8/P7/2p1P3/8 b', 'lolli queen-king-support'],
  ['2r1N1k1/8/3p4/R7/3nn3/3P4/1p2Kb1P/3Q1B1r w', 'legal suffocation~'],
  ['3qk3/2b2Q2/pP4P1/1Pp5/p1B5/p7/8/6K1 b', 'scholars damiano-bishop~ queen-king-support~'],
  ['6k1/2P5/8/8/2pp3q/8/3PP3/3QKB2 w', 'fools'],
  ['1Q6/kpB5/pp6/3P1P2/8/4p3/8/1K6 b', 'max-lange damiano-bishop~ queen-king-support~'],
  ['6k1/2n5/4p3/1b1RP3/8/5p2/6q1/6K1 w', 'lolli queen-king-support~'],
  ['1k6/5n2/8/1P1P2p1/5b2/1p6/q7/1KR2b2 w', 'damiano queen-king-support~'],
  ['8/1p6/3b4/6q1/2P4P/6kN/6p1/3B2Kr w', 'anderssen'],
  ['6k1/1bP5/3p1Pn1/Q7/6P1/6p1/3P1P2/5RKr w', 'mayet anderssen~ opera~ back-rank~'],
  ['1k4n1/6b1/8/8/Pn6/8/b4P2/1KR5 w', 'blackburne boden~'],
  ['6k1/1b4b1/6r1/8/8/p1pp4/5P1P/5RK1 w', 'pillsbury'],
  ['krR1b3/8/2p3n1/4b3/6p1/8/P7/K7 w', 'morphy'],
  ['6k1/Q7/1P4q1/P7/4p3/5n2/4KPR1/b3r3 w', 'hook'],
  ['7k/1P2r1p1/5P2/7Q/1NB5/3p1P2/6R1/6K1 b', 'greco back-rank~'],
  ['3kr1r1/2p5/3p3P/N5pq/8/5P1p/5KP1/4bBN1 w', 'reti'],
  ['1q2k3/4R3/4NK2/8/8/8/1p6/4N3 b', 'vukovic'],
  ['8/kp1N1R2/5ppp/8/8/8/8/R4K2 b', 'anastasia back-rank~'],
  ['k7/R5N1/2N5/1p5b/2Q5/2R5/8/1K6 b', 'arabian'],
  ['6k1/p7/P7/P2P4/1q4b1/2n5/5P2/3rK3 w', 'opera anderssen~ mayet~ arabian~ back-rank~'],
  ['2kR4/8/1Q2P3/2r5/1p1p1n2/1p6/p7/6K1 b', 'kill-box'],
  ['3k4/2R1Q3/2P5/nr3P2/1N3P2/8/P2P4/6K1 b', 'triangle queen-king-support~'],
  ['3r1k2/5Q2/8/7B/7P/8/5P1P/6K1 b', 'damiano-bishop queen-king-support~'],
  ['k7/p1N5/8/8/8/4P1n1/2BN4/KR6 b', 'corner'],
  ['6k1/2p5/1b2p3/8/3pN3/4q3/8/3RKR2 w', 'epaulette'],
  ['1k6/1P6/B3nP2/P1b5/8/3p3b/4P3/4RK2 w', 'boden'],
  ['1k6/p2p4/8/4b2P/4b1p1/P7/P7/Kn5R w', 'double-bishop'],
  ['1kB5/7P/2n1P3/3r1P2/2P5/q2b4/5P2/1K6 w', 'balestra'],
];

test('there are sixty', () => {
  expect(REVIEWED).toHaveLength(60);
});

test.each(REVIEWED)('%s', (fen, names) => {
  const found = namePatterns(getPosition(`${fen} - - 0 1`));
  expect(found.map(({ id, reading }) => (reading === 'loose' ? `${id}~` : id)).join(' ')).toBe(names);
});
