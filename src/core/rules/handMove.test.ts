/** The study board: every legal move of the game is allowed, everything else has a reason that names its man. */
import { parseSquareName, type Square } from '../board';
import { getDraft, makeFen } from '../notation';
import { randomPositions } from '../../../tests/fixtures/positions';
import { handFaultText, PLAIN_TERMS } from '../../text';
import {
  listHandMoves,
  listLegalMoves,
  mirrorFiles,
  playMove,
  swapColours,
  tryHandMove,
  turnQuarter,
  type PositionDraft,
} from '.';

const at = (name: string): Square => parseSquareName(name) ?? -1;
const tryMove = (fen: string, move: string) => {
  const draft = getDraft(fen);
  const tried = tryHandMove(draft, { from: at(move.slice(0, 2)), to: at(move.slice(2, 4)) });
  return tried.ok
    ? makeFen(tried.value.after).split(' ').slice(0, 2).join(' ')
    : handFaultText(draft, tried.error, PLAIN_TERMS);
};

test('for the side to move of a legal position the hand may do what the rules allow, and nothing else', () => {
  let tried = 0;
  for (const position of randomPositions(21, 120)) {
    const legal = listLegalMoves(position);
    for (let from = 0; from < 64; from += 1) {
      if (position.board[from]?.side !== position.turn) continue;
      const own = legal.filter((move) => move.from === from);
      expect([makeFen(position), listHandMoves(position, from)]).toEqual([makeFen(position), own]);
      for (let to = 0; to < 64; to += 1) {
        if (to === from) continue;
        const result = tryHandMove(position, { from, to });
        expect(result.ok).toBe(own.some((move) => move.to === to));
        // Every refusal has a sentence.
        if (!result.ok)
          expect(handFaultText(position, result.error, PLAIN_TERMS)).toMatch(/[a-h][1-8]|castle|attacked/);
        tried += 1;
      }
    }
    const [first] = legal;
    if (first !== undefined) {
      const played = tryHandMove(position, first);
      expect(played.ok && makeFen(played.value.after)).toBe(makeFen(playMove(position, first)));
    }
  }
  expect(tried).toBeGreaterThan(10_000);
});

test('either colour, several times running, with or without kings', () => {
  expect(tryMove('8/8/8/8/8/8/8/R7 b - - 0 1', 'a1a8')).toBe('R7/8/8/8/8/8/8/8 b');
  expect(tryMove('8/p7/8/8/8/8/8/R7 w - - 0 1', 'a7a5')).toBe('8/8/8/p7/8/8/8/R7 w');
  // White moves twice: what it has passed itself is nothing it can take.
  expect(tryMove('8/8/8/8/1PP5/8/8/8 b - c3 0 1', 'b4c3')).toMatch(/forward only/);
});

test.each([
  ['8/8/8/8/8/P7/8/R7 w - - 0 1', 'a1a4', 'The rook does not get to a4: the pawn on a3 is in the way.'],
  ['8/8/8/8/8/P7/8/R7 w - - 0 1', 'a1a3', 'Your own pawn is on a3.'],
  ['8/8/8/8/8/8/8/R7 w - - 0 1', 'a1b3', 'A rook does not go that way: not to b3.'],
  [
    '8/8/8/8/p7/P7/8/8 w - - 0 1',
    'a3a4',
    'The pawn is stopped: the pawn on a4 is in front of it, and a pawn captures diagonally.',
  ],
  [
    '8/8/8/8/8/P7/8/8 w - - 0 1',
    'a3a5',
    'A pawn goes two steps only from its first square: on a3 it has moved already.',
  ],
  [
    '4k3/8/8/3pP3/8/8/8/4K3 w - - 0 1',
    'e5d6',
    'En passant is allowed only at once, after a move of two squares. The pawn on d5 has not just made one.',
  ],
  ['8/8/8/8/8/P7/8/8 w - - 0 1', 'a3b4', 'A pawn moves diagonally only to capture, and no piece is on b4.'],
  ['8/8/8/8/8/P7/8/8 w - - 0 1', 'a3a2', 'A pawn goes forward only: not to a2.'],
  ['k7/8/8/8/8/8/8/R7 w - - 0 1', 'a1a8', 'A king is never captured: on a8 it is in check.'],
  [
    '4r2k/8/8/8/8/8/4B3/4K3 w - - 0 1',
    'e2d3',
    'The bishop is pinned: the rook on e8 would capture the king.',
  ],
  ['4r2k/8/8/8/8/8/3B4/4K3 w - - 0 1', 'd2c3', 'The king is in check from e8, and this does not stop it.'],
  [
    '3r3k/8/8/8/8/8/8/4K3 w - - 0 1',
    'e1d1',
    'A king never moves into check: the rook on d8 attacks that square.',
  ],
  [
    '7k/8/8/8/8/8/8/4K2R w - - 0 1',
    'e1g1',
    'To castle, king and rook must be at home and must not have moved.',
  ],
  ['7k/8/8/8/8/8/8/4KB1R w K - 0 1', 'e1g1', 'They cannot castle: the bishop on f1 is in the way.'],
  ['4r2k/8/8/8/8/8/8/4K2R w K - 0 1', 'e1g1', 'A king in check cannot castle.'],
  ['5r1k/8/8/8/8/8/8/4K2R w K - 0 1', 'e1g1', 'The king cannot cross or reach an attacked square.'],
  ['6rk/8/8/8/8/8/8/4K2R w K - 0 1', 'e1g1', 'The king cannot cross or reach an attacked square.'],
  ['8/8/8/8/8/8/8/8 w - - 0 1', 'a1a2', 'There is no piece on a1.'],
])('%s %s: %s', (fen, move, sentence) => {
  expect(tryMove(fen, move)).toBe(sentence);
});

test('twins: twice is the same again, and the play is the same play', () => {
  for (const position of randomPositions(5, 60)) {
    const bare: PositionDraft = {
      ...position,
      castling: { white: { short: false, long: false }, black: { short: false, long: false } },
    };
    expect(mirrorFiles(mirrorFiles(bare))).toEqual(bare);
    expect(swapColours(swapColours(bare))).toEqual(bare);
    const count = (draft: PositionDraft) =>
      draft.board.reduce(
        (sum, man, from) => sum + (man?.side === draft.turn ? listHandMoves(draft, from).length : 0),
        0,
      );
    expect(count(mirrorFiles(bare))).toBe(count(bare));
    expect(count(swapColours(bare))).toBe(count(bare));
  }
});

test('a quarter-turn goes clockwise, four make a whole, and pawns forbid it', () => {
  const draft = getDraft('8/8/8/8/8/2k5/8/R1K5 w - - 0 1');
  const once = turnQuarter(draft);
  expect(once && makeFen(once)).toBe('R7/8/K1k5/8/8/8/8/8 w - - 0 1');
  const four = [1, 2, 3, 4].reduce<typeof draft | undefined>((one) => one && turnQuarter(one), draft);
  expect(four).toEqual(draft);
  expect(turnQuarter(getDraft('8/8/8/8/8/8/P7/8 w - - 0 1'))).toBeUndefined();
});
