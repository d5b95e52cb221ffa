import { findLegal } from '../../tests/fixtures/moves';
import { positionOf } from '../../tests/fixtures/positions';
import { BARE_PICTURES, namePatterns } from '@/core/patterns';
import type { ServiceFault } from '@/contracts/faults';
import type { MateDiagnosis } from '@/core/exercises';
import type { StoredFate } from '@/core/puzzles';
import { BREAK_REASONS, type BreakReason } from '@/core/written';
import {
  rightSentence,
  atMostText,
  blocklessText,
  countText,
  defenceText,
  fateText,
  faultText,
  listWords,
  mateCalledText,
  mateText,
  moveKindText,
  moveSentence,
  noMateText,
  progressText,
  takenText,
  undecidedText,
  writtenVerdictText,
  wrongSentence,
  PLAIN_TERMS,
} from '.';

/** One of each fault, so that a code without a sentence fails here and wording is looked at when it changes. */
const FAULTS: readonly ServiceFault[] = [
  { code: 'fen/empty' },
  { code: 'fen/too-long', found: 500, most: 120 },
  { code: 'fen/field-count', found: 2 },
  { code: 'fen/rank-count', field: 'board', found: 7 },
  { code: 'fen/rank-length', field: 'board', at: 1, found: 9 },
  { code: 'fen/board-letter', field: 'board', at: 18, found: 'X' },
  { code: 'fen/field-text', field: 'castling', found: 'QK' },
  { code: 'epd/operation', at: 2, found: 'bm Rh8' },
  { code: 'position/no-king', side: 'black' },
  { code: 'position/many-kings', side: 'white', squares: [4, 5] },
  { code: 'position/kings-touch', squares: [4, 12] },
  { code: 'position/pawn-on-edge', side: 'white', square: 0 },
  { code: 'position/too-many-men', side: 'white', found: 17 },
  { code: 'position/too-many-pawns', side: 'white', found: 9 },
  { code: 'position/too-many-promoted', side: 'white', found: 2, most: 1 },
  { code: 'position/waiting-side-in-check', side: 'black', by: [12] },
  { code: 'position/too-many-checkers', side: 'white', by: [1, 2, 3] },
  { code: 'position/castling-men-moved', side: 'white', wing: 'short' },
  { code: 'position/en-passant-impossible', square: 43 },
  { code: 'input/not-valid', fields: ['name'] },
  { code: 'access/not-signed-in' },
  { code: 'access/not-allowed' },
  { code: 'sign-in/wrong' },
  { code: 'sign-in/too-many-tries', waitSeconds: 240 },
  { code: 'join/no-such-code' },
  { code: 'join/not-in-class' },
  { code: 'set-up/wrong-code' },
  { code: 'set-up/done-already' },
  { code: 'puzzle/no-mate', within: 3 },
  { code: 'puzzle/undecided', noMateWithin: 2 },
  { code: 'puzzle/uncertified', mateInMoves: 5 },
  { code: 'movetext/empty' },
  { code: 'movetext/too-long', found: 70000, most: 65536 },
  { code: 'movetext/open-comment', at: 3 },
  { code: 'movetext/open-bracket', at: 3 },
  { code: 'movetext/stray-bracket', at: 3 },
  { code: 'movetext/too-deep', at: 99 },
  { code: 'set/empty' },
  { code: 'set/not-found' },
  { code: 'class/not-found' },
  { code: 'round/not-found' },
  { code: 'term/none' },
  { code: 'term/not-found' },
  { code: 'term/ends-before-it-starts' },
  { code: 'term/overlaps', name: 'Autumn' },
  { code: 'coach/sign-in-name-taken' },
  { code: 'student/other-name' },
  { code: 'plan/not-found' },
  { code: 'email/not-found' },
  { code: 'report/nobody' },
  { code: 'plan/changed' },
  { code: 'plan/nothing-to-practise' },
  { code: 'lesson/not-found' },
  { code: 'live/not-found' },
  { code: 'live/no-such-move' },
  { code: 'lesson/no-such-days' },
  { code: 'lesson/too-many', most: 100 },
  { code: 'roster/changed' },
  { code: 'roster/change-not-found' },
  { code: 'roster/too-late-to-undo' },
  { code: 'roster/unreadable', line: 3 },
  { code: 'roster/no-names' },
  { code: 'roster/too-long', most: 100 },
  { code: 'workers/busy' },
];

test('the sentences of all faults', () => {
  expect(FAULTS.map(faultText)).toMatchInlineSnapshot(`
   [
     "There is no text to read. Paste a FEN.",
     "This text has 500 letters; a FEN has at most 120. Paste one position only.",
     "A FEN has 6 parts with spaces between them (4 are enough); this text has 2.",
     "The board needs 8 rows with "/" between them; this text has 7.",
     "Row 1 of the board has 9 squares; it needs 8.",
     ""X" at place 18 of the board is not a piece. Pieces are K Q R B N P for White, k q r b n p for Black.",
     "The third part says who may still castle: letters KQkq in this order, or a dash. Here it says "QK".",
     "Operation 2 is not an opcode with a semicolon at its end: "bm Rh8".",
     "Black has no king. Put one on the board.",
     "White has 2 kings, on e1 and f1. Leave one.",
     "The kings on e1 and e2 touch. There must be a square between them.",
     "A white pawn is on a1. Pawns are never on the first or last rank.",
     "White has 17 pieces and pawns; an army has 16.",
     "White has 9 pawns; an army has 8.",
     "White would need 2 promoted pawns, but only 1 pawn is gone.",
     "Black is in check from e2, but it is White's move. Change whose move it is, or move a piece.",
     "White is in check from 3 pieces at once, on b1, c1 and d1. No move can do that.",
     "White cannot castle short: king and rook are not on their first squares.",
     "No pawn can just have passed d6.",
     "Please look again at: name.",
     "You are not signed in any more. Sign in again; what you were doing is kept.",
     "This belongs to somebody else.",
     "That was not right. Try again.",
     "Too many tries. Wait 4 minutes, then try again.",
     "No class has this code. Look at it once more, letter by letter.",
     "This name is not in the class now. Ask your coach.",
     "This is not the code from the terminal. Look at it once more.",
     "This installation has been set up already. Sign in instead.",
     "There is no mate in 3 or fewer here, so this is not a mate puzzle.",
     "There is no mate in 2 or fewer; beyond that it was too hard to decide in time, so it was not stored.",
     "There is a mate in 5, but its shortest length was not proved twice in the time allowed. It was not stored.",
     "There is no move to read. Write the solution, such as 1 Qg6 hxg6 2 Rh3#.",
     "This text has 70000 letters; 65536 are read at most. Paste one solution only.",
     "The comment that begins at letter 4 has no closing brace.",
     "The bracket at letter 4 is not closed.",
     "The bracket at letter 4 belongs to no move.",
     "At letter 100 too many brackets stand inside each other.",
     "This set has no puzzles yet. Add one on the Desk, then give it.",
     "This set is not there. Somebody may have deleted it.",
     "This class is not there, or it is not one of yours.",
     "This set does not lie on your place any more. Go back and choose another one.",
     "The club has no term yet.",
     "This term is not there.",
     "The last day comes before the first one. Nothing was changed.",
     "These days lie partly in Autumn. A club has one term at a time.",
     "Somebody signs in by this name already. Choose another one.",
     "That is not the name of this child. Nothing was erased.",
     "This plan is not there. Somebody may have deleted it.",
     "This email is not in the outbox any more.",
     "There is nobody to write this for yet.",
     "Somebody has saved this plan meanwhile. Load the page again to see it; copy what you have written before.",
     "The plan of this lesson holds no exercises and no set to catch up with.",
     "This lesson is not there.",
     "This lesson is not at the board any more.",
     "That move is not possible in the position that was asked about.",
     "Between these days lies no lesson: the last day comes first, none of them is such a weekday, or all are holidays.",
     "More than 100 lessons at once. Choose fewer weeks.",
     "A child is in another class by now. Load the page again; nobody was moved.",
     "This change is not there.",
     "This can no longer be undone: there is work in a new class, or a child has been moved again. Move the children by hand.",
     "The list cannot be read from line 3 on: a quotation mark is opened there and not closed, or a row has too few fields.",
     "No column of names was found. The first row should hold the word "name", or each row only a name.",
     "That is more than 100 rows. Bring the list in by parts.",
     "Many positions are being proved right now. Try again in a moment.",
   ]
  `);
});

test('each kind of proof says no more than it proved', () => {
  expect([
    mateText('white', 3, ['Qg6']),
    mateText('black', 1, ['Qe2#', 'Qf1#', 'Qg2#']),
    noMateText('white', 3),
    undecidedText('white', 2),
    undecidedText('white', 0),
    progressText({ noMateWithin: 2, examining: 3, nodes: 1234567 }, 1500),
    progressText({ noMateWithin: 4, examining: 5, atMost: 8, nodes: 100 }, 20),
    progressText({ noMateWithin: 7, examining: 8, atMost: 8, nodes: 100 }, 20),
    atMostText('white', 8, 4, 'Qxh7+'),
    atMostText('black', 8, 0, undefined),
    atMostText('white', 8, 7, undefined),
    blocklessText(2),
  ]).toMatchInlineSnapshot(`
   [
     "White mates in 3; one key: 1 Qg6",
     "Black mates in 1; 3 keys: 1... Qe2#, 1... Qf1# and 1... Qg2#",
     "Proved: White has no forced mate in 3 or fewer.",
     "Stopped. Proved so far: White has no forced mate in 2 or fewer. Longer ones are open.",
     "Stopped before anything was proved.",
     "No mate in 2. Looking for mate in 3: 1,234,567 positions in 1.5 s.",
     "No mate in 4. Mate in at most 8 is proved. Looking for mate in 5: 100 positions in 0.0 s.",
     "No mate in 7. Mate in 8 is proved. Looking for every key: 100 positions in 0.0 s.",
     "Proved: White mates in at most 8, by 1 Qxh7+. None in 4 or fewer; between, it is open.",
     "Proved: Black mates in at most 8. Shorter ones are open.",
     "Proved: White mates in 8.",
     "Without pointless blocks: mate in 2.",
   ]
  `);
});

test('moves in words', () => {
  const say = (fen: string, san: string) => moveSentence(positionOf(fen), findLegal(fen, san), PLAIN_TERMS);
  expect([
    say('4k3/8/8/8/8/8/8/R3K2R w KQ - 0 1', 'O-O'),
    say('4k3/8/8/8/8/8/8/R3K2R w KQ - 0 1', 'Ra8+'),
    say('6k1/4P3/8/8/8/8/8/4K3 w - - 0 1', 'e8=N'),
    say('4k3/8/8/3pP3/8/8/8/4K3 w - d6 0 1', 'exd6'),
  ]).toMatchInlineSnapshot(`
   [
     "White castles short.",
     "White's rook goes to a8, check.",
     "White's pawn goes to e8 and becomes a knight.",
     "White's pawn captures the pawn on d5 en passant and goes to d6.",
   ]
  `);
});

const wrong = (
  diagnosis: MateDiagnosis,
  fate: StoredFate | undefined,
  reply: string | undefined,
  isReplyCapture = false,
) => {
  const known = { defender: 'black', mateInMoves: 2, taken: 'You lose a queen.' } as const;
  return wrongSentence({ diagnosis, fate, reply, isReplyCapture, ...known }, PLAIN_TERMS);
};

test('fates in words: proved is said plainly, seen says how deep', () => {
  expect([
    fateText('white', { kind: 'mates', inMoves: 2 }, PLAIN_TERMS),
    fateText('white', { kind: 'mated', inMoves: 1 }, PLAIN_TERMS),
    fateText('white', { kind: 'draw', why: 'stalemate', gain: -5 }, PLAIN_TERMS),
    fateText('black', { kind: 'draw', why: 'threefold', gain: 0, seenPlies: 6 }, PLAIN_TERMS),
    fateText('black', { kind: 'material', gain: -3, seenPlies: 4 }, PLAIN_TERMS),
    fateText('black', { kind: 'material', gain: 0.5, seenPlies: 1 }, PLAIN_TERMS),
    fateText('black', { kind: 'material', gain: 0, seenPlies: 4 }, PLAIN_TERMS),
  ]).toMatchInlineSnapshot(`
   [
     "mates in 2 (proved)",
     "Black mates in 1 (proved)",
     "draw: stalemate, 5 worse than the board now (proved)",
     "draw: the same position again and again (seen 6 plies deep)",
     "loses 3 (seen 4 plies deep)",
     "wins 0.5 (seen 1 ply deep)",
     "nothing found in 4 plies",
   ]
  `);
});

test('what a line takes, for the side that begins it', () => {
  const position = positionOf('6k1/5ppp/8/3r4/8/8/3Q1PPP/6K1 w - - 0 1');
  expect(takenText(position, ['d2d5'], PLAIN_TERMS)).toBe('');
  expect(takenText(position, ['d2a5', 'd5a5'], PLAIN_TERMS)).toBe('You lose a queen.');
  expect(
    takenText(positionOf('6k1/3r1ppp/8/3p4/8/8/3Q1PPP/6K1 w - - 0 1'), ['d2d5', 'd7d5'], PLAIN_TERMS),
  ).toBe('You lose a queen and win a pawn.');
});

test('the verdict on a written solution, and a solution read aloud', () => {
  expect([
    writtenVerdictText({ kind: 'holds', mateInMoves: 3 }, PLAIN_TERMS),
    writtenVerdictText({ kind: 'undecided' }, PLAIN_TERMS),
    ...Object.keys(BREAK_REASONS).map((reason) =>
      writtenVerdictText(
        {
          kind: 'breaks',
          ply: 3,
          reason: reason as BreakReason,
          better: reason === 'illegal-move' ? [] : ['Qg6', 'hxg6'],
        },
        PLAIN_TERMS,
      ),
    ),
    defenceText('black', 'takes', ['hxg6', 'fxg6'], PLAIN_TERMS),
    defenceText('white', 'runs', ['Kh8'], PLAIN_TERMS),
    defenceText('white', 'blocks', ['Rf8'], PLAIN_TERMS),
    defenceText('black', 'moves', ['a6', 'a5', 'b6', 'b5', 'c6', 'c5', 'd6'], PLAIN_TERMS),
    moveKindText({ isCheck: true, isCapture: true, isQuiet: false, isSacrifice: true }),
    moveKindText({ isCheck: false, isCapture: false, isQuiet: true, isSacrifice: false }),
    moveKindText({ isCheck: false, isCapture: false, isQuiet: false, isSacrifice: false }),
  ]).toMatchInlineSnapshot(`
   [
     "The solution is right: mate in 3, every move checked.",
     "Not decided: the time was not enough. Nothing is claimed.",
     "Ply 3: this is no legal move here.",
     "Ply 3: two pieces can make this move. Say which one. It may mean: Qg6 hxg6.",
     "Ply 3: it gives check. The sign + is missing. Write: Qg6 hxg6.",
     "Ply 3: it gives no check. Leave the sign out. Write: Qg6 hxg6.",
     "Ply 3: it is check, but not mate. Write: Qg6 hxg6.",
     "Ply 3: it is mate. The sign # is missing. Write: Qg6 hxg6.",
     "A remark on ply 3: the other side can hold out longer. Longer: Qg6 hxg6.",
     "Ply 3: it is not forced. The other side gets away. The way out: Qg6 hxg6.",
     "A remark on ply 3: it is forced, but not the shortest mate. Quicker: Qg6 hxg6.",
     "Ply 3: it is stalemate, a draw. Instead: Qg6 hxg6.",
     "Ply 3: the line ends before the mate. Still to come: Qg6 hxg6.",
     "If Black captures (hxg6, fxg6):",
     "If the king runs (Kh8):",
     "If White blocks (Rf8):",
     "If Black plays a6, a5, b6 or 4 more:",
     "check, capture and sacrifice",
     "quiet move",
     "promotion",
   ]
  `);
});

test('the goal is reached on the board, or but for pointless blocks; the moves played are said', () => {
  expect([
    rightSentence(1, true, '', PLAIN_TERMS),
    rightSentence(3, true, '', PLAIN_TERMS),
    rightSentence(2, false, '', PLAIN_TERMS),
  ]).toEqual([
    'Yes, checkmate.',
    'Yes, checkmate in 3.',
    'Yes. Only pointless blocks are left: that counts as mate in 2.',
  ]);
});

test('a mate is called by its name when it strictly has one', () => {
  const named = namePatterns(positionOf(BARE_PICTURES.smothered));
  expect(rightSentence(2, true, mateCalledText(named, []), PLAIN_TERMS)).toBe(
    'Yes, checkmate in 2. It is called: Smothered mate.',
  );
  expect(rightSentence(1, true, mateCalledText([], ['Harbour gate']), PLAIN_TERMS)).toBe(
    'Yes, checkmate. We call it: Harbour gate.',
  );
  const broad = named.map((match) => ({ ...match, reading: 'loose' as const }));
  expect(rightSentence(2, true, mateCalledText(broad, []), PLAIN_TERMS)).toBe('Yes, checkmate in 2.');
});

test('why a move is not right: shown by the reply, never scolding', () => {
  expect([
    wrong('escapes', { kind: 'open', line: 'g8g7' }, "Black's king takes the rook on g7."),
    wrong('escapes', { kind: 'material', gain: 2, seenPlies: 4, line: '' }, "Black's king goes to h8."),
    wrong('slower', { kind: 'mates', inMoves: 3, line: 'g8h8' }, "Black's king goes to h8."),
    wrong('gets-mated', { kind: 'mated', inMoves: 1, line: 'a8a1' }, "Black's rook goes to a1, checkmate."),
    wrong('gets-mated', { kind: 'mated', inMoves: 2, line: 'a8a1' }, "Black's rook goes to a1, check."),
    wrong(
      'loses-men',
      { kind: 'material', gain: -9, seenPlies: 4, line: 'f7g6' },
      "Black's pawn takes the queen on g6.",
      true,
    ),
    wrong(
      'loses-men',
      { kind: 'material', gain: -9, seenPlies: 4, line: 'f7g7' },
      "Black's king goes to g7.",
    ),
    wrong(
      'draws',
      { kind: 'draw', why: 'dead', gain: -5, seenPlies: 4, line: 'g8g7' },
      "Black's king takes the rook on g7.",
    ),
    wrong('stalemate', { kind: 'draw', why: 'stalemate', gain: -9, line: '' }, undefined),
    wrong('not-in-task', undefined, undefined),
  ]).toMatchInlineSnapshot(`
   [
     "Black's king takes the rook on g7: the mate in 2 is gone.",
     "Black's king goes to h8: the mate in 2 is gone.",
     "That mates too, but there is a quicker way.",
     "Black's rook goes to a1, checkmate.",
     "Black's rook goes to a1, check: now Black can checkmate you.",
     "Black's pawn takes the queen on g6.",
     "Black's king goes to g7: you lose a queen.",
     "Black's king takes the rook on g7: now Black can get a draw.",
     "Black has no move and is not in check: stalemate, a draw.",
     "The mate in 2 is gone.",
   ]
  `);
});

test('small words', () => {
  expect([
    countText(1, 'child'),
    countText(12, 'puzzle'),
    listWords(['e4', 'f5', 'g6']),
    listWords([]),
  ]).toEqual(['1 child', '12 puzzles', 'e4, f5 and g6', '']);
});
