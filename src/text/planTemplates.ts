/**
 * The usual lesson of each stage, to begin a plan with: what is shown and said (common practice), the questions to the class, exercises of
 * the stage's families, a game, homework. Positions are boards of the study board, kings or not.
 */
import type { PlanItem, Segment, SegmentKind } from '@/contracts/lessons';
import { EXERCISE_IDS, EXERCISES, type ExerciseId, type Stage } from '@/core/exercises';

interface Usual {
  readonly show: string;
  readonly ask: string;
  readonly play: string;
  readonly items: readonly PlanItem[];
  readonly asked: readonly PlanItem[];
}

const position = (fen: string, label: string): PlanItem => ({ kind: 'position', fen, label });
const START = 'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1';

const USUAL: Readonly<Record<Stage, Usual>> = {
  board: {
    show: 'A light square at each player’s right. Files, ranks, diagonals. The queen on her own colour.',
    ask: 'Where is e4? Which colour has h1? What is wrong on this board?',
    play: 'Two children set up one board against the clock of their neighbours.',
    items: [position(START, 'The armies at home')],
    asked: [position('rnbkqbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w - - 0 1', 'What is wrong here?')],
  },
  movement: {
    show: 'One man alone on the board, then with men in its way. The knight leaps and changes colour each time.',
    ask: 'How many squares has it from the corner, how many from the middle?',
    play: 'Two men chase each other; whoever is caught begins anew.',
    items: [
      position('8/8/8/3R4/8/8/8/8 w - - 0 1', 'The rook alone'),
      position('8/8/8/8/3N4/8/8/8 w - - 0 1', 'The knight in the middle'),
    ],
    asked: [position('8/8/8/8/8/2p5/8/N7 w - - 0 1', 'How does the knight get to c3?')],
  },
  capturing: {
    show: 'One man a move, by landing on it. Pawns move straight and capture diagonally.',
    ask: 'What may be taken here? None forgotten?',
    play: 'The game of pawns alone: the first one through wins.',
    items: [position('8/8/8/2p1p3/3P4/8/8/8 w - - 0 1', 'What may the pawn take?')],
    asked: [position('8/5p2/8/2n1R2b/8/4p3/8/8 w - - 0 1', 'Every capture of the rook')],
  },
  attack: {
    show: 'Attacked and protected. A piece nobody protects is free to take.',
    ask: 'The rook is attacked: what are all the answers?',
    play: 'A game in which each move is first looked at by the neighbour: does it leave a man alone?',
    items: [position('4k3/8/8/3b4/8/8/6R1/4K3 w - - 0 1', 'The rook is attacked')],
    asked: [position('4k3/8/2p5/3n4/8/8/3R4/4K3 w - - 0 1', 'Is the knight protected?')],
  },
  values: {
    show: 'What the men are worth to this club. Good, even and bad trades; count attackers and defenders.',
    ask: 'Who is ahead, and by how much? Take or leave it?',
    play: 'A game; after ten moves each side counts its points aloud.',
    items: [
      position('4k3/8/2p5/3p4/8/4N3/8/3RK3 w - - 0 1', 'How often is d5 attacked, how often protected?'),
    ],
    asked: [position('4k3/8/1p6/2n5/3N4/8/8/2R1K3 w - - 0 1', 'Take or leave it?')],
  },
  check: {
    show: 'Three answers to a check: go away, take, put something between. None of them: mate. No move and no check: stalemate.',
    ask: 'Check, mate, stalemate or nothing?',
    play: 'A game from a position one move before mate; then sides are changed.',
    items: [
      position('R5k1/5ppp/8/8/8/8/8/6K1 b - - 0 1', 'Mate'),
      position('7k/5Q2/6K1/8/8/8/8/8 b - - 0 1', 'Stalemate'),
    ],
    asked: [position('4k3/8/8/8/4r3/8/3P4/4K3 w - - 0 1', 'Which answers are there?')],
  },
  'special-moves': {
    show: 'Castling with each condition by its name. In passing: at once or never. A pawn may become any of four.',
    ask: 'May the king castle here, and if not, why?',
    play: 'A game in which whoever castles first gets a point.',
    items: [
      position('r3k2r/8/8/8/8/8/8/R3K2R w KQkq - 0 1', 'Both sides may castle'),
      position('4k3/8/8/3pP3/8/8/8/4K3 w - d6 0 1', 'In passing, now'),
    ],
    asked: [position('4k3/8/8/8/8/5r2/8/R3K2R w KQ - 0 1', 'Which way may White castle?')],
  },
  notation: {
    show: 'A letter for the man, the square it goes to, x for a capture, + for check. The pawn has no letter.',
    ask: 'One child plays, the class says how it is written.',
    play: 'A game of ten moves with a score sheet.',
    items: [{ kind: 'line', pgn: '1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Bxc6 dxc6', label: 'Write it down' }],
    asked: [position('4k3/8/8/8/8/8/4N3/N3K3 w - - 0 1', 'Which knight goes to c3?')],
  },
  'basic-mates': {
    show: 'A fence and a push, by turns. When the king comes near a fence, go to its far end.',
    ask: 'How many squares has the king left?',
    play: 'Two rooks against the king, by pairs, with a count of moves.',
    items: [position('8/8/8/4k3/8/8/R7/1R2K3 w - - 0 1', 'The fence with two rooks')],
    asked: [position('8/8/3k4/8/8/8/1Q6/K7 w - - 0 1', 'Where does the queen fence it in?')],
  },
  'quick-mate': {
    show: 'The square only the king guards. How the mate comes, and above all how it is met.',
    ask: 'Black to move: which moves stop the mate? Which of them lose nothing?',
    play: 'A game that begins after the queen has come out: the defender wins more often.',
    items: [{ kind: 'line', pgn: '1. e4 e5 2. Bc4 Bc5 3. Qh5 Nf6 4. Qxf7#', label: 'How it happens' }],
    asked: [
      position('rnbqk1nr/pppp1ppp/8/2b1p2Q/2B1P3/8/PPPP1PPP/RNB1K1NR b KQkq - 3 3', 'What does Black play?'),
    ],
  },
  opening: {
    show: 'A pawn in the middle, the small pieces out, the king into safety. Not the same man twice without a reason.',
    ask: 'Who has more men in play? Which move was lost?',
    play: 'A game of ten moves; then both count the men that are out.',
    items: [{ kind: 'line', pgn: '1. e4 e5 2. Nf3 Nc6 3. Bc4 Bc5 4. d3 Nf6 5. O-O', label: 'Men come out' }],
    asked: [
      position('rnbqkb1r/pppp1ppp/5n2/4p3/2B1P3/8/PPPP1PPP/RNBQK1NR w KQkq - 2 3', 'What now, and why?'),
    ],
  },
  motifs: {
    show: 'Fork, pin, skewer, discovered check: one move, two threats.',
    ask: 'What would they do if it were their turn again?',
    play: 'A game; whoever sees a fork says it after the move.',
    items: [position('4k3/8/8/8/2q3r1/8/8/3NK3 w - - 0 1', 'Where does the knight fork?')],
    asked: [position('4k3/4n3/8/8/8/8/8/4R1K1 b - - 0 1', 'Why may the knight not move?')],
  },
  'named-mates': {
    show: 'Who guards which square, what must be open, what is given up.',
    ask: 'Which man is missing? What would it be called?',
    play: 'A game from a position two moves before a named mate.',
    items: [
      { kind: 'pattern', pattern: 'back-rank' },
      { kind: 'pattern', pattern: 'smothered' },
    ],
    asked: [position('6rk/6pp/8/6N1/8/8/8/6K1 w - - 0 1', 'One move')],
  },
  'forced-mates': {
    show: 'Every check, every capture, every threat. Then the quiet moves. The whole line is told before a man is touched.',
    ask: 'What if they answer otherwise?',
    play: 'Pairs set each other a mate in two from the last sheet.',
    items: [position('6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1', 'Mate in two')],
    asked: [position('6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1', 'Why not the other rook?')],
  },
  'kings-and-pawns': {
    show: 'Kings face each other: whoever is to move gives way. The squares in front of the pawn.',
    ask: 'Who has the opposition? Is the king inside the pawn’s square?',
    play: 'King and pawn against king, by pairs, both sides in turn.',
    items: [position('4k3/8/4K3/4P3/8/8/8/8 w - - 0 1', 'White to move')],
    asked: [position('8/8/8/4k3/8/4K3/4P3/8 b - - 0 1', 'Black to move: who wins what?')],
  },
};

const MINUTES: Readonly<Record<SegmentKind, number>> = {
  show: 10,
  ask: 8,
  practise: 15,
  play: 10,
  homework: 2,
};
const MOST_FAMILIES = 3;
const EACH = 4;

/** A plan's first form for a stage; the same seed gives the same exercises. */
export function makeStagePlan(stage: Stage, seed: number): Segment[] {
  const { show, ask, play, items, asked } = USUAL[stage];
  const families = EXERCISE_IDS.filter((id) => EXERCISES[id].stage === stage).slice(0, MOST_FAMILIES);
  const rounds = (from: number): PlanItem[] =>
    families.map((family: ExerciseId, place) => ({
      kind: 'round',
      family,
      level: 1,
      seed: from + 10 * place,
      count: EACH,
    }));
  const segment = (kind: SegmentKind, notes: string, held: readonly PlanItem[]): Segment => ({
    key: kind,
    kind,
    title: '',
    minutes: MINUTES[kind],
    notes,
    items: [...held],
  });
  const practise =
    families.length === 0
      ? [
          segment(
            'practise',
            'Positions of the Desk or a set of your own; the stage has no exercises yet.',
            [],
          ),
        ]
      : [segment('practise', '', rounds(seed))];
  const homework = families.length === 0 ? [] : [segment('homework', '', rounds(seed + 500).slice(0, 1))];
  return [
    segment('show', show, items),
    segment('ask', ask, asked),
    ...practise,
    segment('play', play, []),
    ...homework,
  ];
}
