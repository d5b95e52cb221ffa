/**
 * The named mates as pictures. Names and meanings after general chess literature (from memory); books differ, so each has a strict
 * reading, which is always told, and a loose one for what some books count too.
 *
 * Made sharper here: a bishop guards "across" when it takes flights on diagonals across the checking one only, "along" when on parallel
 * ones only, so that the criss-cross and the two parallel bishops exclude each other. A rook or queen as "held" stands next to the
 * king. The other distances of the epaulette mate begin next to the king, where shoulders are blocked just so.
 */
import { BISHOP_STEPS, QUEEN_STEPS, ROOK_STEPS, type Role } from '../board';
import type { Form, PatternDefinition, Place, Spot } from './form';

const LEFT: Spot = [-1, 0];
const RIGHT: Spot = [1, 0];
const FRONT: Spot = [0, -1];
const BEHIND: Spot = [0, 1];
const FRONT_LEFT: Spot = [-1, -1];
const FRONT_RIGHT: Spot = [1, -1];
const FRONTS: readonly Spot[] = [FRONT_LEFT, FRONT, FRONT_RIGHT];
const NEXT_STRAIGHT: readonly Spot[] = ROOK_STEPS;
const NEXT_SLANT: readonly Spot[] = BISHOP_STEPS;
const AROUND: readonly Spot[] = QUEEN_STEPS;
const HEAVY: readonly Role[] = ['rook', 'queen'];
const ANY: readonly Role[] = ['pawn', 'knight', 'bishop', 'rook', 'queen', 'king'];

/** Along the king's rank, or its file, from so many steps on. */
const alongRank = (least: number): readonly Place[] => [
  { step: LEFT, least },
  { step: RIGHT, least },
];
const alongFile = (least: number): readonly Place[] => [
  { step: FRONT, least },
  { step: BEHIND, least },
];
/** The line in front of the king, beyond the squares next to it. */
const FENCE: readonly Place[] = [
  { from: FRONT, step: LEFT, least: 2 },
  { from: FRONT, step: RIGHT, least: 2 },
];
/** The diagonal from the square beside the king through the one in front of it. */
const throughFront = (least: number): Place => ({ from: RIGHT, step: FRONT_LEFT, least });

const ladder = (checkerFrom: number): Pick<Form, 'king' | 'turns' | 'checker' | 'at'> => ({
  king: 'top',
  turns: 'all',
  checker: HEAVY,
  at: alongRank(checkerFrom),
});

const DEFINITIONS = [
  {
    id: 'legal',
    rank: 1,
    strict: [
      {
        king: { on: 'e7' },
        turns: 'none',
        checker: ['knight'],
        at: [[-1, -2]],
        and: [
          { is: 'man', as: 'supporter', who: ['bishop'], at: [RIGHT] },
          { is: 'man', as: 'second', who: ['knight'], at: [[0, -2]] },
        ],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['knight'],
        and: [
          { is: 'man', as: 'supporter', who: ['bishop'], isEssential: true },
          { is: 'man', as: 'second', who: ['knight'], isEssential: true },
        ],
      },
    ],
  },
  {
    id: 'scholars',
    rank: 2,
    strict: [
      {
        king: { on: 'e8' },
        turns: 'none',
        checker: ['queen'],
        at: [FRONT_RIGHT],
        and: [
          {
            is: 'man',
            as: 'supporter',
            who: ['bishop'],
            at: [{ from: FRONT_RIGHT, step: FRONT_LEFT, least: 1 }, [2, 0]],
            holds: 'mating',
          },
          { is: 'blocked', at: [LEFT], need: 'all' },
          { is: 'not-theirs', at: RIGHT },
        ],
      },
    ],
    loose: [
      {
        king: { on: 'e8' },
        turns: 'none',
        checker: ['queen'],
        at: [FRONT_RIGHT],
        and: [
          { is: 'man', as: 'supporter', who: ANY, holds: 'mating' },
          { is: 'blocked', at: [LEFT], need: 'all' },
          { is: 'not-theirs', at: RIGHT },
        ],
      },
    ],
  },
  {
    id: 'fools',
    rank: 3,
    strict: [
      {
        king: { on: 'e8' },
        turns: 'none',
        checker: ['queen'],
        at: [{ step: FRONT_RIGHT, least: 2 }],
        and: [
          { is: 'empty', at: [FRONT_RIGHT] },
          { is: 'count', unblocked: [1, 1] },
        ],
      },
    ],
    loose: [
      {
        king: { on: 'e8' },
        turns: 'none',
        checker: ['queen', 'bishop'],
        at: [{ step: FRONT_RIGHT, least: 2 }],
        and: [
          { is: 'empty', at: [FRONT_RIGHT] },
          { is: 'count', unblocked: [1, 2] },
        ],
      },
    ],
  },
  {
    id: 'max-lange',
    rank: 4,
    strict: [
      {
        king: { on: 'h7' },
        turns: 'mirror',
        checker: ['queen'],
        at: [[-1, 1]],
        and: [
          {
            is: 'man',
            as: 'supporter',
            who: ['bishop'],
            at: [[-2, 0]],
            isEssential: true,
            holds: 'mating',
          },
        ],
      },
    ],
    loose: [
      {
        king: 'top',
        turns: 'none',
        checker: ['queen'],
        at: [LEFT, RIGHT],
        and: [{ is: 'man', as: 'supporter', who: ['bishop'], holds: 'mating' }],
      },
      {
        king: 'second',
        turns: 'none',
        checker: ['queen'],
        at: [[-1, 1], BEHIND, [1, 1]],
        and: [{ is: 'man', as: 'supporter', who: ['bishop'], holds: 'mating' }],
      },
    ],
  },
  {
    id: 'lolli',
    rank: 5,
    strict: [
      {
        king: { on: 'g8' },
        turns: 'mirror',
        checker: ['queen'],
        at: [FRONT],
        and: [{ is: 'man', as: 'supporter', who: ['pawn'], at: [[-1, -2]], holds: 'mating' }],
      },
    ],
    loose: [
      {
        king: 'top',
        turns: 'mirror',
        checker: ['queen'],
        at: [FRONT],
        and: [{ is: 'man', as: 'supporter', who: ['pawn'], at: [[-1, -2]], holds: 'mating' }],
      },
      {
        king: { on: 'h8' },
        turns: 'mirror',
        checker: ['queen'],
        at: [FRONT_LEFT],
        and: [
          {
            is: 'man',
            as: 'supporter',
            who: ['pawn'],
            at: [
              [-2, -2],
              [0, -2],
            ],
            holds: 'mating',
          },
        ],
      },
    ],
  },
  {
    id: 'damiano',
    rank: 6,
    strict: [
      {
        king: { on: 'g8' },
        turns: 'mirror',
        checker: ['queen'],
        at: [FRONT_RIGHT],
        and: [{ is: 'man', as: 'supporter', who: ['pawn'], at: [[0, -2]], holds: 'mating' }],
      },
    ],
    loose: [
      {
        king: 'top',
        turns: 'mirror',
        checker: ['queen'],
        at: [FRONT_RIGHT],
        and: [{ is: 'man', as: 'supporter', who: ['pawn'], at: [[0, -2]], holds: 'mating' }],
      },
    ],
  },
  {
    id: 'anderssen',
    rank: 7,
    strict: [
      {
        king: { on: 'g8' },
        turns: 'mirror',
        checker: HEAVY,
        at: [RIGHT],
        and: [
          { is: 'man', as: 'supporter', who: ['pawn'], at: [FRONT], holds: 'mating' },
          { is: 'protected', part: 'supporter' },
        ],
      },
    ],
    loose: [
      {
        king: 'top',
        turns: 'mirror',
        checker: HEAVY,
        at: [RIGHT],
        and: [
          { is: 'man', as: 'supporter', who: ['pawn'], at: [FRONT], holds: 'mating' },
          { is: 'protected', part: 'supporter' },
        ],
      },
      {
        king: 'top',
        turns: 'mirror',
        checker: HEAVY,
        at: [RIGHT],
        and: [{ is: 'man', as: 'supporter', who: ['bishop'], at: [throughFront(1)], holds: 'mating' }],
      },
    ],
  },
  {
    id: 'mayet',
    rank: 8,
    strict: [
      {
        king: { on: 'g8' },
        turns: 'mirror',
        checker: ['rook'],
        at: [RIGHT],
        and: [{ is: 'man', as: 'supporter', who: ['bishop'], at: [throughFront(2)], holds: 'mating' }],
      },
    ],
    loose: [
      {
        king: 'top',
        turns: 'mirror',
        checker: HEAVY,
        at: [RIGHT],
        and: [{ is: 'man', as: 'supporter', who: ['bishop'], at: [throughFront(1)], holds: 'mating' }],
      },
    ],
  },
  {
    id: 'blackburne',
    rank: 9,
    strict: [
      {
        king: 'top',
        turns: 'mirror',
        checker: ['bishop'],
        at: [FRONT_RIGHT],
        and: [
          { is: 'blocked', at: [LEFT], need: 'all', mustExist: true },
          { is: 'man', as: 'supporter', who: ['knight'], isEssential: true, holds: 'mating' },
          { is: 'man', as: 'second', who: ['bishop'], isEssential: true },
        ],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['bishop'],
        and: [
          { is: 'man', as: 'supporter', who: ['knight'], isEssential: true },
          { is: 'man', as: 'second', who: ['bishop'], isEssential: true },
        ],
      },
    ],
  },
  {
    id: 'pillsbury',
    rank: 10,
    strict: [
      {
        king: { on: 'g8' },
        turns: 'mirror',
        checker: ['rook'],
        at: [{ step: FRONT, least: 2 }],
        mayDouble: 'bishop',
        and: [
          { is: 'blocked', at: [FRONT_LEFT, FRONT_RIGHT], need: 'all' },
          { is: 'man', as: 'supporter', who: ['bishop'], isEssential: true, guards: [RIGHT, FRONT] },
        ],
      },
    ],
    loose: [
      {
        king: 'wing',
        turns: 'mirror',
        checker: ['rook'],
        at: alongFile(1),
        mayDouble: 'bishop',
        and: [{ is: 'man', as: 'supporter', who: ['bishop'], isEssential: true }],
      },
    ],
  },
  {
    id: 'morphy',
    rank: 11,
    strict: [
      {
        king: { on: 'h8' },
        turns: 'mirror',
        checker: ['bishop'],
        at: [{ step: FRONT_LEFT, least: 2 }],
        and: [
          { is: 'blocked', at: [FRONT], need: 'all' },
          {
            is: 'man',
            as: 'supporter',
            who: ['rook'],
            at: [{ from: LEFT, step: FRONT, least: 1 }],
            isEssential: true,
            guards: [LEFT],
          },
        ],
      },
    ],
    loose: [
      {
        king: 'corner',
        turns: 'all',
        checker: ['bishop'],
        at: [{ step: FRONT_LEFT, least: 2 }],
        and: [
          {
            is: 'man',
            as: 'supporter',
            who: HEAVY,
            at: [{ from: LEFT, step: FRONT, least: 1 }],
            isEssential: true,
            guards: [LEFT],
          },
        ],
      },
    ],
  },
  {
    id: 'hook',
    rank: 12,
    strict: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['rook'],
        at: NEXT_STRAIGHT,
        and: [
          { is: 'blocked', at: AROUND, need: 'some', with: 'pawn' },
          {
            is: 'man',
            as: 'supporter',
            who: ['knight'],
            isNextToKing: true,
            isEssential: true,
            holds: 'mating',
          },
          { is: 'man', as: 'second', who: ['pawn'], isEssential: true, holds: 'supporter' },
        ],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['rook'],
        at: NEXT_STRAIGHT,
        and: [
          { is: 'man', as: 'supporter', who: ['knight'], holds: 'mating' },
          { is: 'man', as: 'second', who: ['pawn'], holds: 'supporter' },
        ],
      },
    ],
  },
  {
    id: 'greco',
    rank: 13,
    strict: [
      {
        king: { on: 'h8' },
        turns: 'mirror',
        checker: HEAVY,
        at: [{ step: FRONT, least: 2 }],
        and: [
          { is: 'blocked', at: [FRONT_LEFT], need: 'all', with: 'pawn' },
          { is: 'empty', at: [LEFT] },
          { is: 'man', as: 'supporter', who: ['bishop'], isEssential: true, guards: [LEFT] },
        ],
      },
    ],
    loose: [
      {
        king: 'corner',
        turns: 'all',
        checker: HEAVY,
        at: [{ step: FRONT, least: 1 }],
        and: [
          { is: 'blocked', at: [FRONT_LEFT], need: 'all' },
          { is: 'empty', at: [LEFT] },
          { is: 'man', as: 'supporter', who: ['bishop'], isEssential: true, guards: [LEFT] },
        ],
      },
    ],
  },
  {
    id: 'reti',
    rank: 14,
    strict: [
      {
        king: 'second',
        turns: 'mirror',
        checker: ['bishop'],
        at: [[1, 1]],
        and: [
          { is: 'count', blocked: [4, 8] },
          {
            is: 'man',
            as: 'supporter',
            who: HEAVY,
            at: [{ from: [1, 1], step: FRONT, least: 1 }],
            holds: 'mating',
          },
        ],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['bishop'],
        at: NEXT_SLANT,
        and: [
          { is: 'count', blocked: [3, 8] },
          { is: 'man', as: 'supporter', who: HEAVY, holds: 'mating' },
        ],
      },
    ],
  },
  {
    id: 'vukovic',
    rank: 15,
    strict: [
      {
        king: 'top-inner',
        turns: 'all',
        checker: ['rook'],
        at: [FRONT],
        and: [
          { is: 'man', as: 'second', who: ['knight'], at: [[0, -2]], isEssential: true },
          { is: 'man', as: 'supporter', who: ['king', 'pawn'], holds: 'mating' },
        ],
      },
    ],
    loose: [
      {
        king: 'top-inner',
        turns: 'all',
        checker: ['rook'],
        at: [FRONT],
        and: [
          { is: 'man', as: 'second', who: ['knight'], isEssential: true },
          { is: 'man', as: 'supporter', who: ANY, holds: 'mating' },
        ],
      },
    ],
  },
  {
    id: 'anastasia',
    rank: 16,
    strict: [
      {
        king: 'side',
        turns: 'mirror',
        checker: HEAVY,
        at: alongFile(1),
        and: [
          { is: 'blocked', at: [LEFT], need: 'all' },
          { is: 'man', as: 'supporter', who: ['knight'], at: [[-3, 0]], isEssential: true },
        ],
      },
    ],
    loose: [
      {
        king: 'side',
        turns: 'all',
        checker: HEAVY,
        at: alongFile(1),
        and: [
          { is: 'blocked', at: [LEFT], need: 'all' },
          { is: 'man', as: 'supporter', who: ['knight'], at: [[-3, 0]], isEssential: true },
        ],
      },
      {
        king: 'corner',
        turns: 'all',
        checker: HEAVY,
        at: [{ step: FRONT, least: 1 }],
        and: [
          { is: 'blocked', at: [FRONT_LEFT], need: 'all' },
          { is: 'man', as: 'supporter', who: ['knight'], at: [[-3, -1]], isEssential: true },
        ],
      },
    ],
  },
  {
    id: 'arabian',
    rank: 17,
    strict: [
      {
        king: 'corner',
        turns: 'all',
        checker: ['rook'],
        at: [FRONT],
        and: [{ is: 'man', as: 'supporter', who: ['knight'], at: [[-2, -2]], holds: 'mating' }],
      },
    ],
    loose: [
      {
        king: 'edge',
        turns: 'none',
        checker: ['rook'],
        at: NEXT_STRAIGHT,
        and: [{ is: 'man', as: 'supporter', who: ['knight'], holds: 'mating', guardsSome: true }],
      },
    ],
  },
  {
    id: 'opera',
    rank: 18,
    strict: [
      {
        king: 'top',
        turns: 'mirror',
        checker: ['rook'],
        at: [RIGHT],
        and: [
          { is: 'exists', at: [2, 0] },
          { is: 'count', blocked: [1, 8] },
          { is: 'man', as: 'supporter', who: ['bishop'], at: [throughFront(2)], holds: 'mating' },
        ],
      },
    ],
    loose: [
      {
        king: 'top',
        turns: 'mirror',
        checker: HEAVY,
        at: [RIGHT],
        and: [
          {
            is: 'man',
            as: 'supporter',
            who: ['bishop'],
            at: [throughFront(2), { from: RIGHT, step: FRONT_RIGHT, least: 1 }],
            holds: 'mating',
          },
        ],
      },
    ],
  },
  {
    id: 'kill-box',
    rank: 19,
    strict: [
      {
        king: 'anywhere',
        turns: 'all',
        checker: ['rook'],
        at: [RIGHT],
        and: [
          { is: 'empty', at: [FRONT] },
          { is: 'shut', at: BEHIND },
          { is: 'man', as: 'supporter', who: ['queen'], at: [[-1, -2]] },
        ],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'all',
        checker: ['rook'],
        at: [RIGHT],
        and: [
          { is: 'empty', at: [FRONT] },
          { is: 'man', as: 'supporter', who: ['queen'], at: [[-1, -2]] },
        ],
      },
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['rook'],
        at: NEXT_STRAIGHT,
        and: [{ is: 'man', as: 'supporter', who: ['queen'], isEssential: true, holds: 'mating' }],
      },
    ],
  },
  {
    id: 'triangle',
    rank: 20,
    strict: [
      {
        king: 'anywhere',
        turns: 'all',
        checker: ['queen'],
        at: [FRONT_RIGHT],
        and: [
          { is: 'empty', at: [FRONT] },
          { is: 'shut', at: BEHIND },
          { is: 'man', as: 'supporter', who: ['rook'], at: [FRONT_LEFT] },
        ],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'all',
        checker: ['queen'],
        at: [FRONT_RIGHT],
        and: [
          { is: 'empty', at: [FRONT] },
          { is: 'man', as: 'supporter', who: ['rook'], at: [FRONT_LEFT] },
        ],
      },
      {
        king: 'anywhere',
        turns: 'all',
        checker: ['queen'],
        at: [FRONT],
        and: [
          { is: 'empty', at: [FRONT_RIGHT] },
          { is: 'man', as: 'supporter', who: ['rook'], at: [[2, -1]] },
        ],
      },
      {
        king: 'anywhere',
        turns: 'all',
        checker: ['queen'],
        at: [FRONT],
        and: [
          { is: 'empty', at: [[0, -2]] },
          { is: 'man', as: 'supporter', who: ['rook'], at: [[0, -3]] },
        ],
      },
    ],
  },
  {
    id: 'damiano-bishop',
    rank: 21,
    strict: [
      {
        king: 'top',
        turns: 'none',
        checker: ['queen'],
        at: [FRONT],
        and: [
          { is: 'man', as: 'supporter', who: ['bishop'], isEssential: true, holds: 'mating' },
          { is: 'suffice', parts: ['mating', 'supporter'] },
        ],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['queen'],
        at: AROUND,
        and: [{ is: 'man', as: 'supporter', who: ['bishop'], holds: 'mating' }],
      },
    ],
  },
  {
    id: 'corner',
    rank: 22,
    strict: [
      {
        king: 'corner',
        turns: 'files',
        checker: ['knight'],
        and: [
          { is: 'blocked', at: [FRONT], need: 'all' },
          {
            is: 'man',
            as: 'supporter',
            who: HEAVY,
            at: [{ from: LEFT, step: FRONT, least: 1 }],
            guards: [LEFT, FRONT_LEFT],
          },
          { is: 'suffice', parts: ['mating', 'supporter'] },
        ],
      },
    ],
    loose: [
      {
        king: 'corner',
        turns: 'all',
        checker: ['knight'],
        and: [
          {
            is: 'man',
            as: 'supporter',
            who: HEAVY,
            at: [{ from: LEFT, step: FRONT, least: 1 }],
            guards: [LEFT, FRONT_LEFT],
          },
        ],
      },
    ],
  },
  {
    id: 'epaulette',
    rank: 23,
    strict: [
      {
        king: 'top',
        turns: 'none',
        checker: ['queen'],
        at: [[0, -2]],
        and: [
          { is: 'blocked', at: [LEFT, RIGHT], need: 'all', mustExist: true },
          { is: 'blocked', at: [FRONT_LEFT, FRONT_RIGHT], need: 'not-all' },
          { is: 'suffice', parts: ['mating'] },
        ],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'all',
        checker: HEAVY,
        at: [{ step: FRONT, least: 1 }],
        and: [
          { is: 'blocked', at: [LEFT, RIGHT], need: 'all', mustExist: true },
          { is: 'blocked', at: [FRONT_LEFT, FRONT_RIGHT], need: 'not-all' },
        ],
      },
    ],
  },
  {
    id: 'boden',
    rank: 24,
    strict: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['bishop'],
        and: [
          { is: 'count', blocked: [2, 8] },
          { is: 'man', as: 'supporter', who: ['bishop'], isEssential: true, axis: 'across' },
          { is: 'suffice', parts: ['mating', 'supporter'] },
        ],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['bishop'],
        and: [{ is: 'man', as: 'supporter', who: ['bishop'], isEssential: true, axis: 'across' }],
      },
    ],
  },
  {
    id: 'double-bishop',
    rank: 25,
    strict: [
      {
        king: 'edge',
        turns: 'none',
        checker: ['bishop'],
        and: [
          { is: 'count', blocked: [1, 8] },
          { is: 'man', as: 'supporter', who: ['bishop'], isEssential: true, axis: 'along' },
          { is: 'suffice', parts: ['mating', 'supporter'] },
        ],
      },
    ],
    loose: [
      {
        king: 'edge',
        turns: 'none',
        checker: ['bishop'],
        and: [
          { is: 'man', as: 'supporter', who: ['bishop'], isEssential: true, axis: 'along' },
          { is: 'suffice', parts: ['mating', 'supporter'], withKing: true },
        ],
      },
    ],
  },
  {
    id: 'balestra',
    rank: 26,
    strict: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['bishop'],
        and: [
          { is: 'count', blocked: [0, 1] },
          { is: 'man', as: 'supporter', who: ['queen'], guardsAlone: 2 },
          { is: 'suffice', parts: ['mating', 'supporter'] },
        ],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['bishop'],
        and: [
          { is: 'count', blocked: [0, 3] },
          { is: 'man', as: 'supporter', who: ['queen'], isEssential: true },
        ],
      },
    ],
  },
  {
    id: 'suffocation',
    rank: 27,
    strict: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['knight'],
        and: [
          { is: 'count', blocked: [2, 8] },
          { is: 'man', as: 'supporter', who: ['bishop'], guardsRest: true },
          { is: 'suffice', parts: ['mating', 'supporter'] },
        ],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['knight'],
        and: [
          { is: 'count', blocked: [2, 8] },
          { is: 'man', as: 'supporter', who: ['bishop'], isEssential: true },
        ],
      },
    ],
  },
  {
    id: 'smothered',
    rank: 28,
    strict: [
      { king: 'anywhere', turns: 'none', checker: ['knight'], and: [{ is: 'count', unblocked: [0, 0] }] },
    ],
    loose: [
      { king: 'anywhere', turns: 'none', checker: ['knight'], and: [{ is: 'count', unblocked: [1, 1] }] },
    ],
  },
  {
    id: 'swallows-tail',
    rank: 29,
    strict: [
      {
        king: 'anywhere',
        turns: 'all',
        checker: ['queen'],
        at: [FRONT],
        and: [
          {
            is: 'blocked',
            at: [
              [-1, 1],
              [1, 1],
            ],
            need: 'all',
            mustExist: true,
          },
        ],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'all',
        checker: ['queen'],
        at: [FRONT],
        and: [
          {
            is: 'blocked',
            at: [
              [-1, 1],
              [1, 1],
            ],
            need: 'some',
            mustExist: true,
          },
        ],
      },
    ],
  },
  {
    id: 'dovetail',
    rank: 30,
    strict: [
      {
        king: 'anywhere',
        turns: 'all',
        checker: ['queen'],
        at: [FRONT_LEFT],
        and: [{ is: 'blocked', at: [RIGHT, BEHIND], need: 'all', mustExist: true }],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'all',
        checker: ['queen'],
        at: [FRONT_LEFT],
        and: [{ is: 'blocked', at: [RIGHT, BEHIND], need: 'some', mustExist: true }],
      },
    ],
  },
  {
    id: 'david-goliath',
    rank: 31,
    strict: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['pawn'],
        and: [{ is: 'blocked', at: AROUND, need: 'some', with: 'pawn' }],
      },
    ],
    loose: [{ king: 'anywhere', turns: 'none', checker: ['pawn'], and: [] }],
  },
  {
    id: 'ladder',
    rank: 32,
    strict: [
      {
        ...ladder(2),
        and: [
          { is: 'empty', at: FRONTS },
          { is: 'blocked', at: [LEFT, RIGHT], need: 'none' },
          { is: 'man', as: 'supporter', who: HEAVY, at: FENCE, guards: FRONTS },
        ],
      },
    ],
    loose: [
      {
        ...ladder(1),
        and: [
          { is: 'guarded-along', at: FRONTS, by: HEAVY, from: FENCE },
          { is: 'man', as: 'supporter', who: HEAVY, at: FENCE, guardsSome: true },
        ],
      },
    ],
  },
  {
    id: 'back-rank',
    rank: 33,
    strict: [
      {
        king: 'top',
        turns: 'none',
        checker: HEAVY,
        at: alongRank(1),
        and: [{ is: 'blocked', at: FRONTS, need: 'all', with: 'pawn' }],
      },
    ],
    loose: [
      {
        king: 'top',
        turns: 'all',
        checker: HEAVY,
        at: alongRank(1),
        and: [{ is: 'blocked', at: FRONTS, need: 'some' }],
      },
    ],
  },
  {
    id: 'queen-king-support',
    rank: 34,
    strict: [
      {
        king: 'edge',
        turns: 'none',
        checker: ['queen'],
        at: AROUND,
        and: [
          { is: 'count', blocked: [0, 0] },
          { is: 'man', as: 'supporter', who: ['king'], holds: 'mating' },
          { is: 'suffice', parts: ['mating', 'supporter'] },
        ],
      },
    ],
    loose: [
      {
        king: 'anywhere',
        turns: 'none',
        checker: ['queen'],
        at: AROUND,
        and: [{ is: 'man', as: 'supporter', who: ANY, holds: 'mating' }],
      },
    ],
  },
] as const satisfies readonly PatternDefinition[];

export type PatternId = (typeof DEFINITIONS)[number]['id'];

/** Every named mate, the most specific picture first. */
export const PATTERNS: readonly PatternDefinition<PatternId>[] = DEFINITIONS;
export const PATTERN_IDS: readonly PatternId[] = PATTERNS.map(({ id }) => id);

/** The mates most coaches begin with (common practice). */
export const FIRST_MATES: readonly PatternId[] = [
  'back-rank',
  'smothered',
  'ladder',
  'arabian',
  'queen-king-support',
  'scholars',
  'opera',
  'epaulette',
  'david-goliath',
];

/** Is this the id of a named mate? */
export function isPatternId(text: string): text is PatternId {
  return PATTERNS.some(({ id }) => id === text);
}
