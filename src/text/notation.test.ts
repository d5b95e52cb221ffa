import { positionOf } from '../../tests/fixtures/positions';
import { readMove } from '@/core/notation';
import { readMoveText, PLAIN_TERMS } from '.';

const said = (fen: string, text: string) => {
  const position = positionOf(fen);
  return readMoveText(position, readMove(position, text), PLAIN_TERMS);
};

const START = 'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1';
const OPEN = 'r3k2r/pp3ppp/2n2n2/2bpPb2/1PB5/2N2N2/P4PPP/R3K2R w KQkq d6 0 9';
const PROMOTE = '3n4/4P3/7k/8/8/8/8/4K3 w - - 0 1';
const MATE = '6k1/5ppp/8/8/8/8/8/R3K3 w Q - 0 1';
const DOUBLE = '4k3/8/8/8/4N3/8/8/K3R3 w - - 0 1';
const GUARDED = '5rk1/8/8/8/8/8/8/R3K2R w KQ - 0 1';
const CHECKED = '4r1k1/8/8/8/8/8/3P4/R3K3 w Q - 0 1';
const KNIGHTS = '4k3/8/8/8/8/5N2/8/1N2K3 w - - 0 1';

test('each remark names the man and the square it is about', () => {
  expect(
    [
      [MATE, 'Ra8'],
      [MATE, 'Ra8+'],
      [MATE, 'Ra8++'],
      [MATE, 'Ra7+'],
      [MATE, 'Ra7#'],
      [OPEN, 'Bxf7#'],
      [DOUBLE, 'Nf6'],
      [DOUBLE, 'Nf6++'],
      [OPEN, 'Nd5'],
      [OPEN, 'Nxe4'],
      [OPEN, 'N:d5'],
      [OPEN, 'exd6 e.p.'],
      [PROMOTE, 'e8(R)'],
      [OPEN, '0-0'],
      [OPEN, 'o-o'],
      [OPEN, 'OO'],
      [OPEN, 'Kg1'],
      [START, 'nf3'],
      [START, 'NF3'],
      [START, 'Pe4'],
      [START, 'Sf3'],
      [START, '♘f3'],
      [START, 'N3f'],
      [START, 'e2-e4'],
      [KNIGHTS, 'Nb1d2'],
      [KNIGHTS, 'N1d2'],
      [OPEN, 'exd'],
      [START, 'e4!'],
      [START, '1. e4'],
      [START, 'N f3'],
      [OPEN, 'knight takes d5'],
      [START, 'e4.'],
    ].map(([fen = '', text = '']) => `${text} -> ${said(fen, text)}`),
  ).toMatchInlineSnapshot(`
   [
     "Ra8 -> I read Ra8#. The rook's move to a8 is mate: a # belongs at the end.",
     "Ra8+ -> I read Ra8#. The rook's move to a8 is more than check. It is mate: write #.",
     "Ra8++ -> I read Ra8#. The rook's move to a8 is mate: we write # for that.",
     "Ra7+ -> I read Ra7. The rook's move to a7 gives no check: leave the + out.",
     "Ra7# -> I read Ra7. The rook's move to a7 is not mate: leave the # out.",
     "Bxf7# -> No white bishop can go to f7.",
     "Nf6 -> I read Nf6+. The knight's move to f6 gives check: a + belongs at the end.",
     "Nf6++ -> I read Nf6+. The knight's move to f6 gives check: one + is enough.",
     "Nd5 -> I read Nxd5. The knight captures the pawn: an x belongs before d5.",
     "Nxe4 -> I read Ne4. Nothing is captured on e4: leave the x out.",
     "N:d5 -> I read Nxd5. A capture on d5 is written with an x.",
     "exd6 e.p. -> I read exd6. exd6 is enough: a capture en passant needs no extra sign.",
     "e8(R) -> I read e8=R. The pawn becomes a rook on e8: write e8=R.",
     "0-0 -> I read O-O. Castling is written with the letter O, not with a zero: O-O.",
     "o-o -> I read O-O. Castling is written with capital letters: O-O.",
     "OO -> I read O-O. A dash goes between the letters: O-O.",
     "Kg1 -> I read O-O. The king goes from e1 to g1 and the rook goes with it: that is castling, O-O.",
     "nf3 -> I read Nf3. The knight is a capital N; small letters are files.",
     "NF3 -> I read Nf3. Files are small letters: f3.",
     "Pe4 -> I read e4. A pawn has no letter: e4.",
     "Sf3 -> I read Nf3. In English letters the knight to f3 is Nf3.",
     "♘f3 -> I read Nf3. With a letter the knight to f3 is Nf3.",
     "N3f -> I read Nf3. The letter comes first, then the number: f3.",
     "e2-e4 -> I read e4. You don't need to write that the pawn comes from e2: e4.",
     "Nb1d2 -> I read Nbd2. Less is enough to know which knight goes to d2: Nbd2.",
     "N1d2 -> I read Nbd2. Use the file first to say which knight goes to d2: Nbd2.",
     "exd -> I read exd6. Write the pawn's file and the whole square: exd6.",
     "e4! -> I read e4. Signs such as ! and ? say how good e4 is; they are not part of it.",
     "1. e4 -> I read e4. The number is not part of the move e4.",
     "N f3 -> I read Nf3. No spaces around or in Nf3.",
     "knight takes d5 -> I read Nxd5. In short: Nxd5.",
     "e4. -> I read e4. Nothing goes after e4.",
   ]
  `);
});

test('each refusal names what stands against the move', () => {
  expect(
    [
      [START, ''],
      [START, 'hello'],
      [START, 'Nf'],
      [START, '--'],
      [START, 'e4 e5'],
      [START, 'Nj3'],
      [START, 'Xf3'],
      [MATE, 'Qa8'],
      [START, 'Nd4'],
      [START, 'Ke2'],
      [KNIGHTS, 'Nd2'],
      [START, 'Nbf3'],
      ['4r1k1/8/8/8/8/4N3/8/4K3 w - - 0 1', 'Nd5'],
      [GUARDED, 'Kf2'],
      [CHECKED, 'Ra2'],
      [MATE, 'O-O'],
      [START, 'O-O'],
      [GUARDED, 'O-O'],
      [CHECKED, 'O-O-O'],
      [OPEN.replace(' d6 ', ' - '), 'exd6'],
      [PROMOTE, 'e8=K'],
      [PROMOTE, 'e8'],
      [START, 'e5'],
    ].map(([fen = '', text = '']) => `${text} -> ${said(fen, text)}`),
  ).toMatchInlineSnapshot(`
   [
     " -> Nothing is written here yet.",
     "hello -> This does not read as a move.",
     "Nf -> Something is missing: which piece goes to which square?",
     "-- -> You have to make a move.",
     "e4 e5 -> These are several moves. One at a time.",
     "Nj3 -> There is no square j3: files go from a to h, ranks from 1 to 8.",
     "Xf3 -> No piece has the letter X.",
     "Qa8 -> White has no queen here.",
     "Nd4 -> No white knight can go to d4.",
     "Ke2 -> Your own pawn is on e2.",
     "Nd2 -> This can be Nbd2 or Nfd2. Which one?",
     "Nbf3 -> That one cannot go there, another can: Nf3.",
     "Nd5 -> The knight on e3 is pinned by the rook on e8: the king would be captured.",
     "Kf2 -> The king cannot go to f2: the rook on f8 guards it.",
     "Ra2 -> The rook on e8 gives check, and this move does not answer it.",
     "O-O -> Castling short is not allowed here: king and rook must be at home and must not have moved.",
     "O-O -> The bishop on f1 is between king and rook.",
     "O-O -> The king cannot castle over or to f1: the rook on f8 guards it.",
     "O-O-O -> The rook on e8 gives check: no castling now.",
     "exd6 -> No pawn has just gone past d6 in a double step, so there is nothing to capture there.",
     "e8=K -> On e8 nothing becomes that: a pawn on the last rank becomes a queen, rook, bishop or knight.",
     "e8 -> The pawn reaches e8. What does it become? Add =Q, =R, =B or =N.",
     "e5 -> It is White's move.",
   ]
  `);
});
