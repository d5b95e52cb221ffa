/**
 * Three steps up to each named mate: mate in one with the bare picture's men, mate in two with a sacrifice where there is one, mate in
 * three with clutter. Composed (`compose/patternMates.ts`) and picked; a test proves each: the length, one key, and that every longest
 * defence ends strictly in the picture.
 */
import type { PatternId } from './definitions';

export interface BookStep {
  readonly fen: string;
  readonly mateInMoves: number;
}

export const BOOK_STEPS: Readonly<Record<PatternId, readonly BookStep[]>> = {
  legal: [
    { fen: '3q1b2/4kB2/3p4/4N3/5N2/8/8/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '3qkb2/8/3p4/4N3/3P4/p3N3/B7/6K1 w - - 0 1', mateInMoves: 2 },
    { fen: 'QR1rkbB1/1pq5/3p4/4N3/1Np5/8/p7/1n4K1 w - - 0 1', mateInMoves: 3 },
  ],
  scholars: [
    { fen: '3qk3/8/8/8/2B5/5Q2/8/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '2q1k3/2Q5/8/3R4/2B1P3/8/2P5/6K1 w - - 0 1', mateInMoves: 2 },
    { fen: '4k3/1NP1br2/b1P5/R2q4/2B5/1p1P4/5Q2/6K1 w - - 0 1', mateInMoves: 3 },
  ],
  fools: [
    { fen: '3qkb2/3pp3/8/8/8/8/8/6KQ w - - 0 1', mateInMoves: 1 },
    { fen: '3qk3/3ppR2/3P1R1b/8/8/8/7Q/6K1 w - - 0 1', mateInMoves: 2 },
    { fen: '3qkn2/3ppR2/2p4b/8/6B1/1N3Qn1/1B1P2R1/6K1 w - - 0 1', mateInMoves: 3 },
  ],
  'max-lange': [
    { fen: '5Q2/5Bpk/7p/8/8/8/8/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '3N1Q2/kpB2p2/p7/7P/8/8/8/1K6 w - - 0 1', mateInMoves: 2 },
    { fen: '4nr1k/5Bp1/3R3p/2Q1p3/8/8/n2p4/6K1 w - - 0 1', mateInMoves: 3 },
  ],
  lolli: [
    { fen: '1k6/8/Q1P5/8/8/8/8/1K6 w - - 0 1', mateInMoves: 1 },
    { fen: '5bk1/3p1Rp1/5P1Q/8/8/5p2/8/6K1 w - - 0 1', mateInMoves: 2 },
    { fen: '2k5/2b4Q/2P4B/Rp1r4/8/6P1/4q3/1K6 w - - 0 1', mateInMoves: 3 },
  ],
  damiano: [
    { fen: '5rk1/8/6P1/8/7Q/8/8/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '5bk1/2p2r1N/6PQ/8/8/5P2/8/6K1 w - - 0 1', mateInMoves: 2 },
    { fen: '5r1k/2R5/3p2P1/3r3b/q6R/1P6/3n3Q/6K1 w - - 0 1', mateInMoves: 3 },
  ],
  anderssen: [
    { fen: '6k1/6P1/6KR/8/8/8/8/8 w - - 0 1', mateInMoves: 1 },
    { fen: '6k1/3p2PR/7K/4B3/8/8/8/8 w - - 0 1', mateInMoves: 2 },
    { fen: '6k1/5R1R/4nPKP/4b3/P7/6n1/6p1/8 w - - 0 1', mateInMoves: 3 },
  ],
  mayet: [
    { fen: '5rk1/5p2/7R/8/8/8/1B6/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '4nrk1/P4p1r/5Q2/7R/8/8/1B6/6K1 w - - 0 1', mateInMoves: 2 },
    { fen: '5rk1/p4p1R/4q3/2P1R3/6n1/4N3/1B6/1b4Kn w - - 0 1', mateInMoves: 3 },
  ],
  blackburne: [
    { fen: '5rk1/8/8/5BN1/8/8/1B6/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '1kr5/4Q3/2n2Pp1/1NB5/8/8/6B1/1K6 w - - 0 1', mateInMoves: 2 },
    { fen: '1kbRn3/7P/1Bn3rp/1Np1R3/4Q3/8/6B1/1K6 w - - 0 1', mateInMoves: 3 },
  ],
  pillsbury: [
    { fen: '1kr5/p1p5/8/8/8/R7/6B1/1K6 w - - 0 1', mateInMoves: 1 },
    { fen: '1kr5/p1p5/8/8/b6P/3R3R/6B1/1K6 w - - 0 1', mateInMoves: 2 },
    { fen: 'k1r3r1/pRp5/n4P2/5p2/P7/2R5/6B1/2K2N2 w - - 0 1', mateInMoves: 3 },
  ],
  morphy: [
    { fen: '7k/7p/8/8/8/8/5B2/6RK w - - 0 1', mateInMoves: 1 },
    { fen: 'k7/p7/8/8/6B1/7P/n4n2/KR6 w - - 0 1', mateInMoves: 2 },
    { fen: 'k3q3/p7/3p1BBp/4p2R/3pp3/8/7P/KR6 w - - 0 1', mateInMoves: 3 },
  ],
  hook: [
    { fen: '6R1/4kp2/5N2/4P3/8/8/8/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '2Rr4/4kp2/5N2/1Q2P3/2P5/8/8/2n3K1 w - - 0 1', mateInMoves: 2 },
    { fen: '5RR1/P3kp2/1Q1n1N2/4P2b/qb1p4/8/8/6Kn w - - 0 1', mateInMoves: 3 },
  ],
  greco: [
    { fen: '7k/6p1/8/8/2B5/8/8/3Q2K1 w - - 0 1', mateInMoves: 1 },
    { fen: 'k7/1p6/8/5R2/5B2/r6r/Q1P5/1K6 w - - 0 1', mateInMoves: 2 },
    { fen: '1R5n/p5pk/5p2/2P5/P1B5/2P5/4Q2r/5Kn1 w - - 0 1', mateInMoves: 3 },
  ],
  reti: [
    { fen: '1nb5/1pk1B3/2p5/8/8/8/8/3RK3 w - - 0 1', mateInMoves: 1 },
    { fen: '3Q1bn1/5kp1/5p2/1B6/N7/4r3/p7/3KR3 w - - 0 1', mateInMoves: 2 },
    { fen: '3r1bn1/3B2p1/P4pkr/2B5/8/2p1Q3/4R3/1N1K4 w - - 0 1', mateInMoves: 3 },
  ],
  vukovic: [
    { fen: '4k3/6R1/4NK2/8/8/8/8/8 w - - 0 1', mateInMoves: 1 },
    { fen: '3k1N2/p3r2R/2KN4/8/8/6P1/8/8 w - - 0 1', mateInMoves: 2 },
    { fen: '3Nkb2/5RR1/4bK2/6P1/3P4/2P5/5P2/2q5 w - - 0 1', mateInMoves: 3 },
  ],
  anastasia: [
    { fen: '8/4N1pk/8/8/8/8/8/2K1R3 w - - 0 1', mateInMoves: 1 },
    { fen: '1B6/4N1pk/8/8/8/6n1/2P5/2KRQ3 w - - 0 1', mateInMoves: 2 },
    { fen: '2n2r1k/4N1pp/8/r7/4Q1P1/4P3/8/2KR4 w - - 0 1', mateInMoves: 3 },
  ],
  arabian: [
    { fen: 'k7/7R/2N5/8/8/8/8/1K6 w - - 0 1', mateInMoves: 1 },
    { fen: 'kNn5/r4P2/2N5/Q7/R7/8/8/1K6 w - - 0 1', mateInMoves: 2 },
    { fen: '8/bk1rn3/2NP4/7B/R7/RNq5/8/1K3Q2 w - - 0 1', mateInMoves: 3 },
  ],
  opera: [
    { fen: '4k3/5p2/3R4/6B1/8/8/8/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '3kr1QR/2p5/5n2/1B4p1/8/8/8/1K6 w - - 0 1', mateInMoves: 2 },
    { fen: '1RQrk3/3q1p2/8/b5B1/8/1p6/1nrRb3/6K1 w - - 0 1', mateInMoves: 3 },
  ],
  'kill-box': [
    { fen: '2k5/8/1Q1R4/8/8/8/8/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '2RRbk2/2n5/6Q1/4p3/8/8/6q1/1K6 w - - 0 1', mateInMoves: 2 },
    { fen: '1kn5/1B6/1Qn5/8/1p1R4/1P3pP1/4b3/3R2K1 w - - 0 1', mateInMoves: 3 },
  ],
  triangle: [
    { fen: '3k4/2R5/8/8/8/4Q3/8/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '3k4/3B1R2/7r/8/8/2P5/8/1K1Q4 w - - 0 1', mateInMoves: 2 },
    { fen: '3kq3/2R1rp2/1r1N1n2/1pQ5/8/p7/5K2/8 w - - 0 1', mateInMoves: 3 },
  ],
  'damiano-bishop': [
    { fen: '2k1r3/8/1Q6/B7/8/8/8/1K6 w - - 0 1', mateInMoves: 1 },
    { fen: '3b1k2/1Q1R4/8/7B/P7/3r4/r7/6K1 w - - 0 1', mateInMoves: 2 },
    { fen: '2knb3/4R2Q/4r2q/B2P4/1N3p2/8/5N2/1K6 w - - 0 1', mateInMoves: 3 },
  ],
  corner: [
    { fen: '7k/7p/8/6N1/8/8/8/6RK w - - 0 1', mateInMoves: 1 },
    { fen: 'nk6/p7/2Q1P3/1N6/8/8/2p5/KR6 w - - 0 1', mateInMoves: 2 },
    { fen: '1r5k/4p2p/7N/4pQ2/2B1rpN1/5n2/8/6RK w - - 0 1', mateInMoves: 3 },
  ],
  epaulette: [
    { fen: '2rkr3/8/8/8/8/Q7/8/1K6 w - - 0 1', mateInMoves: 1 },
    { fen: '3rkrNR/4p3/8/3Q4/8/8/8/6K1 w - - 0 1', mateInMoves: 2 },
    { fen: '2rkb2R/6p1/2Q1rn2/2p5/4N3/5p2/4q3/BK6 w - - 0 1', mateInMoves: 3 },
  ],
  boden: [
    { fen: '2kr4/3p4/8/8/2B2B2/8/8/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '4rk2/4pn2/8/4Q3/2B5/2p1B3/8/1K6 w - - 0 1', mateInMoves: 2 },
    { fen: '4rk2/1P2p3/p6r/1b5R/1PB2b1Q/3PB3/2P5/1K6 w - - 0 1', mateInMoves: 3 },
  ],
  'double-bishop': [
    { fen: '7k/7p/8/3B4/8/8/5B2/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '7k/B6p/8/2pB2n1/3p4/4P3/8/Q5K1 w - - 0 1', mateInMoves: 2 },
    { fen: '7k/B6p/4B3/2pb1p2/2pp4/1P1Qr3/1r6/6K1 w - - 0 1', mateInMoves: 3 },
  ],
  balestra: [
    { fen: '6k1/8/7Q/8/6B1/8/8/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: 'k7/8/6P1/8/6p1/B7/8/1K3Q2 w - - 0 1', mateInMoves: 2 },
    { fen: '1k3b2/8/Q2pP3/1Pr5/4P3/P3B1P1/8/1KR5 w - - 0 1', mateInMoves: 3 },
  ],
  suffocation: [
    { fen: '1kr5/p1p5/8/8/1N6/8/6B1/1K6 w - - 0 1', mateInMoves: 1 },
    { fen: '1kb3r1/p1p5/3N4/7P/1N6/7Q/6B1/1K6 w - - 0 1', mateInMoves: 2 },
    { fen: '5r1k/1p3pRp/1P4np/5nPQ/6NP/8/1B6/6K1 w - - 0 1', mateInMoves: 3 },
  ],
  smothered: [
    { fen: '6rk/6pp/8/6N1/8/8/8/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '3r3k/4p1pp/3NQ3/8/8/8/B7/6K1 w - - 0 1', mateInMoves: 2 },
    { fen: 'krrR4/pp4R1/4N2P/5n2/8/2Q2Pb1/8/1K6 w - - 0 1', mateInMoves: 3 },
  ],
  'swallows-tail': [
    { fen: '8/8/5p1p/6k1/8/7P/8/3Q2K1 w - - 0 1', mateInMoves: 1 },
    { fen: '8/1p6/4Qp1p/4n1kr/4R3/7P/8/6K1 w - - 0 1', mateInMoves: 2 },
    { fen: '1n6/4p3/4Rn1p/5k2/3Q3R/3p3P/5N2/3N2K1 w - - 0 1', mateInMoves: 3 },
  ],
  dovetail: [
    { fen: '8/8/8/1r6/pk6/4Q3/1P6/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '8/8/1r6/rn2R3/pk6/3Q1p2/1P6/6K1 w - - 0 1', mateInMoves: 2 },
    { fen: '8/1p5P/8/RprP3P/bk6/3Q4/RP1p4/6K1 w - - 0 1', mateInMoves: 3 },
  ],
  'david-goliath': [
    { fen: '8/8/6pp/7k/5P2/6PP/5B2/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '8/6Rp/5np1/6Pk/5P2/7P/5BP1/6K1 w - - 0 1', mateInMoves: 2 },
    { fen: '8/1p6/pp6/k1P5/1Nn3P1/PP1N2p1/PPB5/1K6 w - - 0 1', mateInMoves: 3 },
  ],
  ladder: [
    { fen: '6k1/1R6/8/R7/8/8/8/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: '8/2k5/7R/6R1/8/4B3/8/1K5B w - - 0 1', mateInMoves: 2 },
    { fen: '6k1/1b4pR/R4p1b/6p1/Pp6/7Q/8/6K1 w - - 0 1', mateInMoves: 3 },
  ],
  'back-rank': [
    { fen: '6k1/5ppp/8/3R4/8/8/5PPP/6K1 w - - 0 1', mateInMoves: 1 },
    { fen: 'Q5rk/5ppp/3R4/8/1n6/8/5PPP/4B1K1 w - - 0 1', mateInMoves: 2 },
    { fen: 'krQ5/ppp3NR/5n2/1r6/4R2P/P7/PPP1B3/1K6 w - - 0 1', mateInMoves: 3 },
  ],
  'queen-king-support': [
    { fen: '1k6/8/QK6/8/8/8/8/8 w - - 0 1', mateInMoves: 1 },
    { fen: '5k2/2Q5/5n2/5K2/5P2/8/8/8 w - - 0 1', mateInMoves: 2 },
    { fen: 'kn5R/1br3Q1/1K6/4N3/1p6/4P3/P7/4q3 w - - 0 1', mateInMoves: 3 },
  ],
};
