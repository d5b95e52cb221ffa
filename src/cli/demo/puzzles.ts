/**
 * Positions of the demo's sets, made by computation for this project: random men on ordinary pawn skeletons, kept when the
 * prover found one key. They are proved again while seeding; one that fails stops the seeding.
 */
import { getDraft, makeFen } from '@/core/notation';
import { mirrorFiles } from '@/core/rules';

export interface DemoSet {
  readonly name: string;
  readonly fens: readonly string[];
}

/** Lies on every seat beneath the set a class works on. */
export const DEMO_LONG_SET = 'Deep water';

/** Was solved a few at a time, week by week. */
export const DEMO_WEEKLY_SET = 'The other shore';

const MADE_SETS: readonly DemoSet[] = [
  {
    name: 'Lights on the quay',
    fens: [
      '2N1k3/pp2rppp/3Q4/8/8/6P1/PP3P1P/6K1 w - - 0 1',
      '5r1k/3n2pp/pb6/1p4NQ/8/1P6/P4PPP/6K1 w - - 0 1',
      '6k1/p4ppp/1p6/6Q1/6qn/6n1/PPP2PPP/R3K2R b - - 0 1',
      '3R1rk1/pp3ppp/N2B4/8/8/6P1/PPb2P1P/6K1 w - - 0 1',
      '2r3k1/p4p1p/4N1p1/8/6B1/6P1/PPR2P1P/6K1 w - - 0 1',
      '1k1r4/pp3ppp/2B5/8/8/1PB5/P2Q1PPP/6K1 w - - 0 1',
      '7k/ppp2pp1/3bN2p/8/1P6/P1Q1rr2/6PP/5R1K b - - 0 1',
      '5r1k/P5pp/p4Q2/1p6/8/P7/rPP3PP/2K5 w - - 0 1',
      '7k/ppp2pp1/7p/1b6/N7/8/PP3PPP/1K1R1q2 b - - 0 1',
      '4k3/pp3ppp/6N1/1N4Q1/5b2/6P1/PP3P1P/6K1 w - - 0 1',
      '6k1/ppp2ppp/2b5/8/b4R2/P4q1P/1P3PP1/6K1 b - - 0 1',
      'r1N2rkn/ppp2ppp/7R/8/8/7P/PPP2PP1/7K w - - 0 1',
      '7k/ppp2pp1/6rp/8/3Q4/7q/PPP2PPP/R4RK1 b - - 0 1',
    ],
  },
  {
    name: 'Two crossings',
    fens: [
      'R1N2rk1/pp3ppp/8/8/8/8/PPP1BPPP/6K1 w - - 0 1',
      '5r1k/4n1pp/p7/1p6/2B2Q2/1P6/P4PPP/6K1 w - - 0 1',
      '6k1/pp3p1p/2q3p1/8/3b4/Q3n3/PP3PPP/4K3 b - - 0 1',
      '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1',
      'n4r1k/6pp/p6N/1p6/2Q5/1P6/P4PPP/6Kb w - - 0 1',
      '2kr3Q/ppp2Bpp/8/8/8/7P/PPP2PPB/7K w - - 0 1',
      'R1n4k/5p1p/p4p2/8/8/4Q1P1/PP3P1P/6K1 w - - 0 1',
      '1r2k3/pp3ppp/3P4/8/2Q5/P7/1PP3PP/2K5 w - - 0 1',
      '2k5/1pp2Bpp/p3r3/8/8/6P1/P4P1P/2R1rbK1 b - - 0 1',
      '6k1/1p1n1pp1/p4RQp/8/8/P7/1PP3PP/2K5 w - - 0 1',
      '2kr4/ppp3pp/b6Q/7n/8/7P/PPP2PP1/3R3K w - - 0 1',
      '6k1/p1R2ppp/1p6/8/3bq3/P6P/1P1b1PP1/6K1 b - - 0 1',
      '7k/4Np1p/p4p2/8/6B1/P1R5/1PP3PP/1nK5 w - - 0 1',
      '7k/4Rp1p/p4p2/8/8/1P4b1/P4PPP/2B3K1 w - - 0 1',
    ],
  },
  {
    // Longer ones. The third and fourth are mate one move sooner without pointless blocks; the last takes eight moves.
    name: DEMO_LONG_SET,
    fens: [
      '1Q6/4k3/4p3/N7/6p1/6P1/P4PK1/5R1R w - - 0 1',
      '7k/8/4K3/8/8/8/8/1Q6 w - - 0 1',
      '6k1/5ppp/3b4/8/8/B7/5PPP/4R1K1 w - - 0 1',
      '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1',
      '8/8/3k4/8/8/8/1Q6/K7 w - - 0 1',
    ],
  },
];

/** The first two sets as they look in the mirror are a third one: other boards, the same ideas. */
const MIRRORED = MADE_SETS.slice(0, 2)
  .flatMap(({ fens }) => fens)
  .map((fen) => makeFen(mirrorFiles(getDraft(fen))));

export const DEMO_SETS: readonly DemoSet[] = [...MADE_SETS, { name: DEMO_WEEKLY_SET, fens: MIRRORED }];
