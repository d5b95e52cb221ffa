/**
 * The usual lesson of each stage, to begin a plan with: what is shown and said (common practice), the questions to the class, exercises of
 * the stage's families, a game, homework. Positions are boards of the study board, kings or not.
 */
import type { PlanItem, Segment, SegmentKind } from '@/contracts/lessons';
import { EXERCISE_IDS, EXERCISES, type ExerciseId, type Stage } from '@/core/exercises';
import { capital, type Terms } from './terms';

interface Usual {
  readonly show: string;
  readonly ask: string;
  readonly play: string;
  readonly items: readonly PlanItem[];
  readonly asked: readonly PlanItem[];
}

const position = (fen: string, label: string): PlanItem => ({ kind: 'position', fen, label });
const START = 'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1';

const usual = (terms: Terms): Readonly<Record<Stage, Usual>> => ({
  board: {
    show: `A light square at each player’s right. ${capital(terms.many('file'))}, ${terms.many('rank')}, ${terms.many('diagonal')}. The ${terms.one('queen')} on her own colour.`,
    ask: 'Where is e4? What colour is h1? What is wrong on this board?',
    play: 'Two children set up one board against the clock of their neighbours.',
    items: [position(START, 'The armies at home')],
    asked: [position('rnbkqbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w - - 0 1', 'What is wrong here?')],
  },
  movement: {
    show: `One piece alone on the board, then with pieces in its way. The ${terms.one('knight')} jumps and changes colour each time.`,
    ask: 'How many squares can it go to from the corner? And from the middle?',
    play: 'Two pieces chase each other. Whoever is caught starts again.',
    items: [
      position('8/8/8/3R4/8/8/8/8 w - - 0 1', `The ${terms.one('rook')} alone`),
      position('8/8/8/8/3N4/8/8/8 w - - 0 1', `The ${terms.one('knight')} in the middle`),
    ],
    asked: [position('8/8/8/8/8/2p5/8/N7 w - - 0 1', `How does the ${terms.one('knight')} get to c3?`)],
  },
  capturing: {
    show: `Land on a piece to ${terms.one('capture')} it. ${capital(terms.many('pawn'))} move straight and ${terms.one('capture')} diagonally.`,
    ask: `What can be ${terms.done('capture')} here? Is that everything?`,
    play: `The game of ${terms.many('pawn')} alone: the first one through wins.`,
    items: [
      position(
        '8/8/8/2p1p3/3P4/8/8/8 w - - 0 1',
        `What can the ${terms.one('pawn')} ${terms.one('capture')}?`,
      ),
    ],
    asked: [position('8/5p2/8/2n1R2b/8/4p3/8/8 w - - 0 1', `Every capture of the ${terms.one('rook')}`)],
  },
  attack: {
    show: `Attacked and protected. A piece that nobody protects is free to ${terms.one('capture')}.`,
    ask: `The ${terms.one('rook')} is attacked: what are all the answers?`,
    play: 'A game where the neighbour checks each move first: does it leave a piece unprotected?',
    items: [position('4k3/8/8/3b4/8/8/6R1/4K3 w - - 0 1', `The ${terms.one('rook')} is attacked`)],
    asked: [position('4k3/8/2p5/3n4/8/8/3R4/4K3 w - - 0 1', `Is the ${terms.one('knight')} protected?`)],
  },
  values: {
    show: 'What the pieces are worth in this club. Good, even and bad trades. Count attackers and defenders.',
    ask: 'Who is ahead, and by how much? Take or leave it?',
    play: 'A game. After ten moves each side counts its points aloud.',
    items: [position('4k3/8/2p5/3p4/8/4N3/8/3RK3 w - - 0 1', 'How many attack d5? How many protect it?')],
    asked: [position('4k3/8/1p6/2n5/3N4/8/8/2R1K3 w - - 0 1', 'Take or leave it?')],
  },
  check: {
    show: `Three answers to a check: move away, ${terms.one('capture')}, put something in between. If none works, it is mate. No move and no check: ${terms.one('stalemate')}.`,
    ask: `Check, mate, ${terms.one('stalemate')} or nothing?`,
    play: 'A game from a position one move before mate. Then swap sides.',
    items: [
      position('R5k1/5ppp/8/8/8/8/8/6K1 b - - 0 1', 'Mate'),
      position('7k/5Q2/6K1/8/8/8/8/8 b - - 0 1', capital(terms.one('stalemate'))),
    ],
    asked: [position('4k3/8/8/8/4r3/8/3P4/4K3 w - - 0 1', 'Which answers are there?')],
  },
  'special-moves': {
    show: `Castling, condition by condition. ${capital(terms.one('in-passing'))}: at once or never. ${capital(terms.a('pawn'))} can become any of four pieces.`,
    ask: `Can the ${terms.one('king')} ${terms.one('castle')} here? If not, why?`,
    play: `A game where whoever ${terms.many('castle')} first gets a point.`,
    items: [
      position('r3k2r/8/8/8/8/8/8/R3K2R w KQkq - 0 1', `Both sides can ${terms.one('castle')}`),
      position('4k3/8/8/3pP3/8/8/8/4K3 w - d6 0 1', `${capital(terms.one('in-passing'))}, now`),
    ],
    asked: [position('4k3/8/8/8/8/5r2/8/R3K2R w KQ - 0 1', `Which way can White ${terms.one('castle')}?`)],
  },
  notation: {
    show: `A letter for the piece, the square it goes to, x for a capture, + for check. The ${terms.one('pawn')} has no letter.`,
    ask: 'One child plays a move, the class says how to write it.',
    play: 'A game of ten moves with a score sheet.',
    items: [{ kind: 'line', pgn: '1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Bxc6 dxc6', label: 'Write it down' }],
    asked: [position('4k3/8/8/8/8/8/4N3/N3K3 w - - 0 1', `Which ${terms.one('knight')} goes to c3?`)],
  },
  'basic-mates': {
    show: `Fence and push, by turns. When the ${terms.one('king')} comes near ${terms.a('rook')}, move that ${terms.one('rook')} to the far end.`,
    ask: `How many squares does the ${terms.one('king')} have left?`,
    play: `Two ${terms.many('rook')} against the ${terms.one('king')}, in pairs. Count the moves.`,
    items: [position('8/8/8/4k3/8/8/R7/1R2K3 w - - 0 1', `The fence with two ${terms.many('rook')}`)],
    asked: [
      position(
        '8/8/3k4/8/8/8/1Q6/K7 w - - 0 1',
        `Where does the ${terms.one('queen')} fence the ${terms.one('king')} in?`,
      ),
    ],
  },
  'quick-mate': {
    show: `The square that only the ${terms.one('king')} guards. How the mate happens, and above all how to stop it.`,
    ask: 'Black to move: which moves stop the mate without losing anything?',
    play: `A game that starts after the ${terms.one('queen')} has come out. The defender often wins.`,
    items: [{ kind: 'line', pgn: '1. e4 e5 2. Bc4 Bc5 3. Qh5 Nf6 4. Qxf7#', label: 'How it happens' }],
    asked: [
      position('rnbqk1nr/pppp1ppp/8/2b1p2Q/2B1P3/8/PPPP1PPP/RNB1K1NR b KQkq - 3 3', 'What does Black play?'),
    ],
  },
  opening: {
    show: `${capital(terms.a('pawn'))} in the middle, ${terms.many('knight')} and ${terms.many('bishop')} out, the ${terms.one('king')} safe. Do not move the same piece twice without a reason.`,
    ask: 'Who has more pieces out? Which move was wasted?',
    play: 'A game of ten moves. Then both sides count the pieces that are out.',
    items: [
      { kind: 'line', pgn: '1. e4 e5 2. Nf3 Nc6 3. Bc4 Bc5 4. d3 Nf6 5. O-O', label: 'The pieces come out' },
    ],
    asked: [
      position('rnbqkb1r/pppp1ppp/5n2/4p3/2B1P3/8/PPPP1PPP/RNBQK1NR w KQkq - 2 3', 'What now, and why?'),
    ],
  },
  motifs: {
    show: 'Fork, pin, skewer, discovered check: one move, two threats.',
    ask: 'What would they do if it were their turn again?',
    play: 'A game. Whoever sees a fork says so after the move.',
    items: [position('4k3/8/8/8/2q3r1/8/8/3NK3 w - - 0 1', `Where does the ${terms.one('knight')} fork?`)],
    asked: [position('4k3/4n3/8/8/8/8/8/4R1K1 b - - 0 1', `Why can’t the ${terms.one('knight')} move?`)],
  },
  'named-mates': {
    show: 'Who guards which square, which line must be open, what is sacrificed.',
    ask: 'Which piece is missing? What is this mate called?',
    play: 'A game from a position two moves before a named mate.',
    items: [
      { kind: 'pattern', pattern: 'back-rank' },
      { kind: 'pattern', pattern: 'smothered' },
    ],
    asked: [position('6rk/6pp/8/6N1/8/8/8/6K1 w - - 0 1', 'One move')],
  },
  'forced-mates': {
    show: 'Every check, every capture, every threat. Then the quiet moves. Say the whole line before you touch a piece.',
    ask: 'What if they play something else?',
    play: 'In pairs, children give each other a mate in two from the last worksheet.',
    items: [position('6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1', 'Mate in two')],
    asked: [
      position(
        '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1',
        `Why not the other ${terms.one('rook')}?`,
      ),
    ],
  },
  'kings-and-pawns': {
    show: `${capital(terms.many('king'))} face each other: whoever has to move gives way. The squares in front of the ${terms.one('pawn')}.`,
    ask: `Who has the opposition? Is the ${terms.one('king')} inside the ${terms.one('pawn')}’s square?`,
    play: `${capital(terms.one('king'))} and ${terms.one('pawn')} against ${terms.one('king')}, in pairs, each side once.`,
    items: [position('4k3/8/4K3/4P3/8/8/8/8 w - - 0 1', 'White to move')],
    asked: [position('8/8/8/4k3/8/4K3/4P3/8 b - - 0 1', 'Black to move: who wins what?')],
  },
});

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
export function makeStagePlan(stage: Stage, seed: number, terms: Terms): Segment[] {
  const { show, ask, play, items, asked } = usual(terms)[stage];
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
            'Use positions from the Desk or a set of your own. This stage has no exercises yet.',
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
