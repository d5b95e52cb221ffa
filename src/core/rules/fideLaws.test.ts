/**
 * The FIDE Laws of Chess (in force from 1 January 2023) article by article: the movement of the men, castling, en passant, promotion,
 * check, mate, stalemate and dead positions. The article stands in the name of each test.
 */
import { makeSquareName, parseSquareName } from '../board';
import { getDraft, getPosition, makeFen, makeSan } from '../notation';
import {
  findOutcome,
  isCheck,
  listAttackers,
  listLegalMoves,
  listLegalMovesFrom,
  listReach,
  playMove,
} from '.';

const at = (name: string): number => parseSquareName(name) ?? -1;
const sans = (fen: string) => {
  const position = getPosition(fen);
  return listLegalMoves(position).map((move) => makeSan(position, move));
};
/** Where the man on a square may go, by name, in alphabetical order. */
const goes = (fen: string, from: string) =>
  [...new Set(listLegalMovesFrom(getPosition(fen), at(from)).map(({ to }) => makeSquareName(to)))]
    .sort()
    .join(' ');
/** The same on a board that need not have kings. */
const reaches = (fen: string, from: string) =>
  [...new Set(listReach(getDraft(fen), at(from)).map(({ to }) => makeSquareName(to)))].sort().join(' ');
const play = (fen: string, san: string) => {
  const position = getPosition(fen);
  const move = listLegalMoves(position).find((one) => makeSan(position, one) === san);
  if (move === undefined) throw new Error(`${san} is not legal in ${fen}`);
  return playMove(position, move);
};

describe('article 3.1: no man moves to a square occupied by one of its own colour; it takes one of the other', () => {
  const fen = '8/8/8/3p4/8/8/8/P2R3P w - - 0 1';
  test('a rook stops before its own men and on the first of theirs', () => {
    expect(reaches(fen, 'd1')).toBe('b1 c1 d2 d3 d4 d5 e1 f1 g1');
  });
  test('3.1.3: a man attacks a square even where it may not go, for its king would be in check', () => {
    const pinned = getPosition('4r1k1/8/8/8/8/8/4N3/4K3 w - - 0 1');
    expect(listLegalMovesFrom(pinned, at('e2'))).toEqual([]);
    expect(listAttackers(pinned.board, at('d4'), 'white')).toEqual([at('e2')]);
  });
});

describe('articles 3.2 to 3.5: bishop, rook and queen', () => {
  test('3.2: the bishop goes along its diagonals', () => {
    expect(reaches('8/8/8/8/3B4/8/8/8 w - - 0 1', 'd4')).toBe('a1 a7 b2 b6 c3 c5 e3 e5 f2 f6 g1 g7 h8');
  });
  test('3.3: the rook goes along its file and rank', () => {
    expect(reaches('8/8/8/8/3R4/8/8/8 w - - 0 1', 'd4')).toBe('a4 b4 c4 d1 d2 d3 d5 d6 d7 d8 e4 f4 g4 h4');
  });
  test('3.4: the queen goes along file, rank and diagonals', () => {
    const both = ['R', 'B']
      .map((letter) => reaches(`8/8/8/8/3${letter}4/8/8/8 w - - 0 1`, 'd4').split(' '))
      .flat();
    expect(reaches('8/8/8/8/3Q4/8/8/8 w - - 0 1', 'd4').split(' ')).toEqual(both.sort());
  });
  test.each(['B', 'R', 'Q'])('3.5: %s does not move over any man', (letter) => {
    expect(reaches(`8/8/8/8/8/PPP5/P1P5/${letter}P6 w - - 0 1`, 'a1')).toBe(letter === 'R' ? '' : 'b2');
  });
});

test('article 3.6: the knight goes to the nearest squares not on its rank, file or diagonal, over any men', () => {
  expect(reaches('8/8/8/2ppp3/2pNp3/2ppp3/8/8 w - - 0 1', 'd4')).toBe('b3 b5 c2 c6 e2 e6 f3 f5');
});

describe('article 3.7: the pawn', () => {
  test('3.7.1 and 3.7.2: one square ahead when it is free; two from its first square when both are', () => {
    expect(reaches('8/8/8/8/8/8/4P3/8 w - - 0 1', 'e2')).toBe('e3 e4');
    expect(reaches('8/8/8/8/4p3/8/4P3/8 w - - 0 1', 'e2')).toBe('e3');
    expect(reaches('8/8/8/8/8/4p3/4P3/8 w - - 0 1', 'e2')).toBe('');
    expect(reaches('8/8/8/8/8/4P3/8/8 w - - 0 1', 'e3')).toBe('e4');
    expect(reaches('8/4p3/8/8/8/8/8/8 b - - 0 1', 'e7')).toBe('e5 e6');
  });
  test('3.7.3: it takes a man of the other side diagonally ahead, on a file beside it', () => {
    expect(reaches('8/8/8/8/8/3pPp2/4P3/8 w - - 0 1', 'e2')).toBe('d3 f3');
    expect(reaches('8/8/8/8/8/7p/P7/8 w - - 0 1', 'a2')).toBe('a3 a4');
  });
  test('3.7.3.1 and 3.7.3.2: en passant, as if it had gone one square, only on the move that follows', () => {
    const fen = '4k3/3p4/8/4P3/8/8/8/4K3 b - - 0 1';
    const after = play(fen, 'd5');
    expect(
      listLegalMovesFrom(after, at('e5'))
        .map(({ to }) => makeSquareName(to))
        .sort(),
    ).toEqual(['d6', 'e6']);
    const taken = playMove(after, { from: at('e5'), to: at('d6') });
    expect(taken.board[at('d5')]).toBeUndefined();
    const later = ['Kf1', 'Kf8'].reduce((fen, san) => makeFen(play(fen, san)), makeFen(after));
    expect(goes(later, 'e5')).toBe('e6');
  });
  test('3.7.3.2: no en passant after a single step', () => {
    const after = play('4k3/8/3p4/4P3/8/8/8/4K3 b - - 0 1', 'd5');
    expect(listLegalMovesFrom(after, at('e5')).map(({ to }) => makeSquareName(to))).toEqual(['e6']);
  });
  test('3.7.3.3 to 3.7.3.5: on the last rank it becomes a queen, rook, bishop or knight of its colour, at once', () => {
    expect(
      sans('8/P7/8/8/8/8/k7/6K1 w - - 0 1')
        .filter((san) => san.startsWith('a8'))
        .sort(),
    ).toEqual(['a8=B', 'a8=N', 'a8=Q+', 'a8=R+']);
    const after = play('8/P7/8/8/8/8/k7/6K1 w - - 0 1', 'a8=N');
    expect(after.board[at('a8')]).toEqual({ side: 'white', role: 'knight' });
  });
});

describe('article 3.8: the king', () => {
  test('3.8.1: one square in any direction, not to an attacked one', () => {
    expect(goes('4k3/8/8/8/8/8/8/4K3 w - - 0 1', 'e1')).toBe('d1 d2 e2 f1 f2');
    expect(goes('3rk3/8/8/8/8/8/8/4K3 w - - 0 1', 'e1')).toBe('e2 f1 f2');
  });
  const CASTLING = 'r3k2r/8/8/8/8/8/8/R3K2R w KQkq - 0 1';
  test('3.8.2: castling moves the king two squares and the rook over it, to either side', () => {
    for (const [san, king, rook] of [
      ['O-O', 'g1', 'f1'],
      ['O-O-O', 'c1', 'd1'],
    ] as const) {
      const after = play(CASTLING, san);
      expect(after.board[at(king)]?.role).toBe('king');
      expect(after.board[at(rook)]?.role).toBe('rook');
      expect(after.castling.white).toEqual({ short: false, long: false });
    }
  });
  test('3.8.2.1: the right is lost when the king has moved, and with a rook that has moved or was taken', () => {
    const back = ['Kf1', 'Kf8', 'Ke1', 'Ke8'].reduce((fen, san) => makeFen(play(fen, san)), CASTLING);
    expect(sans(back).some((san) => san.startsWith('O-O'))).toBe(false);
    const taken = play(CASTLING, 'Rxh8+');
    expect(taken.castling.black).toEqual({ short: false, long: true });
    expect(taken.castling.white).toEqual({ short: false, long: true });
  });
  test.each([
    ['the king is in check', '4r1k1/8/8/8/8/8/8/4K2R w K - 0 1', false],
    ['the square it passes is attacked', '5rk1/8/8/8/8/8/8/4K2R w K - 0 1', false],
    ['the square it lands on is attacked', 'k5r1/8/8/8/8/8/8/4K2R w K - 0 1', false],
    ['a man stands between', '6k1/8/8/8/8/8/8/4KN1R w K - 0 1', false],
    ['only the rook is attacked', '7r/k7/8/8/8/8/8/4K2R w K - 0 1', true],
  ])('3.8.2.2: %s', (_, fen, isAllowed) => {
    expect(sans(fen).some((san) => san.replace(/[+#]/, '') === 'O-O')).toBe(isAllowed);
  });
  test('3.8.2.2: an attacked b-file square does not matter on the long side', () => {
    expect(sans('1r5k/8/8/8/8/8/8/R3K3 w Q - 0 1')).toContain('O-O-O');
  });
});

describe('article 3.9: check', () => {
  test('3.9.1 and 3.9.2: check must be answered, and no move may leave or put the own king in check', () => {
    const fen = '4r1k1/8/8/8/8/8/3P4/4K2B w - - 0 1';
    expect(isCheck(getPosition(fen))).toBe(true);
    expect(sans(fen).sort()).toEqual(['Be4', 'Kd1', 'Kf1', 'Kf2']);
  });
  test('a double check is answered by the king alone', () => {
    const fen = '4r1k1/8/8/8/8/5n2/3PP3/4K2R w - - 0 1';
    expect(sans(fen).every((san) => san.startsWith('K') || san.includes('xf3'))).toBe(true);
    const double = '4r1k1/8/8/8/7b/8/3P4/4K2R w - - 0 1';
    expect(sans(double).every((san) => san.startsWith('K'))).toBe(true);
  });
});

describe('article 5: how a game is completed on the board', () => {
  test('5.1.1: checkmate wins', () => {
    expect(findOutcome(getPosition('R5k1/5ppp/8/8/8/8/8/6K1 b - - 0 1'))).toEqual({
      kind: 'mate',
      winner: 'white',
    });
  });
  test('5.2.1: no legal move and no check is stalemate', () => {
    expect(findOutcome(getPosition('7k/5Q2/6K1/8/8/8/8/8 b - - 0 1'))).toEqual({ kind: 'stalemate' });
  });
  test.each([
    ['bare kings', '4k3/8/8/8/8/8/8/4K3 w - - 0 1', true],
    ['a king and a bishop', '4k3/8/8/8/8/8/8/2B1K3 w - - 0 1', true],
    ['a king and a knight', '4k3/8/8/8/8/8/8/1N2K3 w - - 0 1', true],
    ['bishops of one colour only', '2b1k3/8/8/8/8/8/8/4KB2 w - - 0 1', true],
    ['bishops of both colours', '2b1k3/8/8/8/8/8/8/2B1K3 w - - 0 1', false],
    ['two knights', '4k3/8/8/8/8/8/8/1N2K1N1 w - - 0 1', false],
    ['a pawn', '4k3/8/8/8/8/8/4P3/4K3 w - - 0 1', false],
  ])('5.2.2: neither can mate with %s', (_, fen, isDead) => {
    expect(findOutcome(getPosition(fen))?.kind).toBe(isDead ? 'dead' : undefined);
  });
});
