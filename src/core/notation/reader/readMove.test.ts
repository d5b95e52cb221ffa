import { Chess } from 'chess.js';
import { PERFT, positionOf } from '../../../../tests/fixtures/positions';
import { makeMoveText } from '..';
import { listLegalMoves, playMove, type Position } from '../../rules';
import { createRandom, pickOne } from '../../shared';
import { makeSan } from '../san';
import { LANGUAGES, NOTATION_DIAGNOSES, readMove } from '.';

const START = 'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1';
/** White: castles both ways, captures with the e- and b-pawn, en passant on d6, knights on b1 and f3. */
const OPEN = 'r3k2r/pp3ppp/2n2n2/2bpPb2/1PB5/2N2N2/P4PPP/R3K2R w KQkq d6 0 9';
const PROMOTE = '3n4/4P3/7k/8/8/8/8/4K3 w - - 0 1';
const MATE = '6k1/5ppp/8/8/8/8/8/R3K3 w Q - 0 1';
/** Rooks on a1 and h1, nothing between; knights on b1 and f1 both reach d2; rooks on h4 and h8 reach h6. */
const TWINS = '7R/4k3/8/8/7R/8/8/RN2KN2 w - - 0 1';
/** The b-pawn may take on c4, the bishop may too. */
const B_CASE = '4k3/8/8/8/2p5/1P6/4B3/4K3 w - - 0 1';
const B_BISHOP = '4k3/8/8/8/2p5/8/4B3/4K3 w - - 0 1';
const PINNED = '4r1k1/8/8/8/8/4N3/8/4K3 w - - 0 1';
const CHECKED = '4r1k1/8/8/8/8/8/3P4/R3K3 w Q - 0 1';
const GUARDED = '5rk1/8/8/8/8/8/8/R3K2R w KQ - 0 1';
const DOUBLE = '4k3/8/8/8/4N3/8/8/K3R3 w - - 0 1';

test.each([
  [START, 'e4', 'e4', []],
  [OPEN, 'O-O', 'O-O', []],
  [OPEN, 'exd6', 'exd6', []],
  [MATE, 'Ra8#', 'Ra8#', []],
] as const)('%s %s is the standard form', (fen, text, san, diagnoses) => {
  expect(readMove(positionOf(fen), text)).toMatchObject({ kind: 'exact', san, diagnoses });
});

/** Each remark at least once; the texts are common practice among children and in older or foreign books. */
const TOLERABLE = [
  [MATE, 'Ra8', 'Ra8#', ['missing-mate']],
  [MATE, 'Ra8+', 'Ra8#', ['check-sign-for-mate']],
  [MATE, 'Ra8++', 'Ra8#', ['double-plus-mate']],
  [MATE, 'Ra7+', 'Ra7', ['false-check']],
  [MATE, 'Ra7#', 'Ra7', ['false-mate']],
  [OPEN, 'Bxd5#', 'Bxd5', ['false-mate']],
  [DOUBLE, 'Nf6', 'Nf6+', ['missing-check']],
  [DOUBLE, 'Nf6++', 'Nf6+', ['double-plus']],
  [OPEN, 'Nd5', 'Nxd5', ['missing-capture']],
  [OPEN, 'Nxe4', 'Ne4', ['false-capture']],
  [OPEN, 'N:d5', 'Nxd5', ['capture-sign']],
  [OPEN, 'Nd5:', 'Nxd5', ['capture-sign']],
  [OPEN, 'exd6 e.p.', 'exd6', ['ep-suffix']],
  [OPEN, 'exd6ep', 'exd6', ['ep-suffix']],
  [PROMOTE, 'e8Q', 'e8=Q', ['promotion-form']],
  [PROMOTE, 'e8(Q)', 'e8=Q', ['promotion-form']],
  [PROMOTE, 'exd8/N', 'exd8=N', ['promotion-form']],
  [PROMOTE, 'e8=q', 'e8=Q', ['promotion-form']],
  [OPEN, '0-0', 'O-O', ['zero-castling']],
  [OPEN, '0-0-0', 'O-O-O', ['zero-castling']],
  [OPEN, 'o-o', 'O-O', ['lower-case-castling']],
  [OPEN, 'OO', 'O-O', ['castling-form']],
  [OPEN, 'Kg1', 'O-O', ['castling-as-king-move']],
  [OPEN, 'nd5', 'Nxd5', ['missing-capture', 'lower-case-piece']],
  [B_BISHOP, 'bxc4', 'Bxc4', ['lower-case-piece']],
  [START, 'E4', 'e4', ['upper-case-file']],
  [START, 'NF3', 'Nf3', ['upper-case-file']],
  [START, 'Pe4', 'e4', ['pawn-letter']],
  [START, 'Sf3', 'Nf3', ['foreign-letter']],
  [START, '♘f3', 'Nf3', ['figurine']],
  [START, '4e', 'e4', ['reversed-coordinates']],
  [START, 'N3f', 'Nf3', ['reversed-coordinates']],
  [START, 'e2-e4', 'e4', ['long-algebraic']],
  [START, 'e2e4', 'e4', ['long-algebraic']],
  [START, 'Ng1-f3', 'Nf3', ['long-algebraic']],
  [START, 'g1f3', 'Nf3', ['long-algebraic']],
  [START, 'Ngf3', 'Nf3', ['over-disambiguation']],
  [TWINS, 'Nb1d2', 'Nbd2', ['over-disambiguation']],
  [TWINS, 'R4h6', 'R4h6', undefined],
  [TWINS, 'Raa3', 'Ra3', ['over-disambiguation']],
  [OPEN, 'ed6', 'exd6', ['missing-capture']],
  [OPEN, 'exd', 'exd6', ['short-pawn-capture']],
  [START, 'e4!', 'e4', ['annotation-suffix']],
  [START, '1. e4', 'e4', ['move-number']],
  [START, ' e4', 'e4', ['spacing']],
  [START, 'N f3', 'Nf3', ['spacing']],
  [OPEN, 'knight takes d5', 'Nxd5', ['spoken-words']],
  [MATE, 'rook a8 mate', 'Ra8#', ['spoken-words']],
  [OPEN, 'castles long', 'O-O-O', ['spoken-words']],
  [PROMOTE, 'pawn to e8 becomes a queen', 'e8=Q', ['spoken-words']],
  [OPEN, 'pawn takes d6 en passant', 'exd6', ['spoken-words']],
  [START, 'knight to f three', 'Nf3', ['spoken-words']],
  [DOUBLE, 'Nf6 check', 'Nf6+', ['spoken-words']],
  [OPEN, 'Knight takes d5', 'Nxd5', ['spoken-words']],
  [OPEN, 'pawn takes d6 en-passant', 'exd6', ['spoken-words']],
  [START, 'e4.', 'e4', ['trailing-punctuation']],
  [START, '1.e4!?,', 'e4', ['annotation-suffix', 'move-number', 'trailing-punctuation']],
  [OPEN, 'e5:d6', 'exd6', ['capture-sign', 'long-algebraic']],
] as const;

test.each(TOLERABLE)('%s "%s" means %s', (fen, text, san, diagnoses) => {
  const read = readMove(positionOf(fen), text);
  if (diagnoses === undefined) expect(read).toMatchObject({ kind: 'exact', san });
  else expect(read).toMatchObject({ kind: 'tolerable', san, diagnoses });
});

test('a rank where the file would do is a remark of its own', () => {
  // Knights on b1 and f3 both reach d2: the standard tells them apart by file.
  const position = positionOf('4k3/8/8/8/8/5N2/8/1N2K3 w - - 0 1');
  expect(readMove(position, 'N1d2')).toMatchObject({
    kind: 'tolerable',
    san: 'Nbd2',
    diagnoses: ['non-preferred-disambiguation'],
  });
});

test('every remark has an example', () => {
  const shown = new Set<string>(TOLERABLE.flatMap(([, , , diagnoses]) => diagnoses ?? []));
  shown.add('non-preferred-disambiguation');
  expect(NOTATION_DIAGNOSES.filter((code) => !shown.has(code))).toEqual([]);
});

test.each([
  [START, '', { code: 'empty' }],
  [START, '  ', { code: 'empty' }],
  [START, 'hello', { code: 'not-a-move' }],
  [START, 'N', { code: 'incomplete' }],
  [START, 'Nf', { code: 'incomplete' }],
  [START, 'e', { code: 'incomplete' }],
  [START, 'Nj3', { code: 'no-such-square', found: 'j3' }],
  [START, 'e9', { code: 'no-such-square', found: 'e9' }],
  [START, 'Xf3', { code: 'no-such-piece-letter', found: 'X' }],
  [MATE, 'Qa8', { code: 'no-such-piece', side: 'white', role: 'queen' }],
  [START, 'Nd4', { code: 'unreachable', role: 'knight', to: 27 }],
  [START, 'Ke2', { code: 'own-piece-on-square', to: 12, own: 'pawn' }],
  [TWINS, 'Nd2', { code: 'ambiguous', sans: ['Nbd2', 'Nfd2'] }],
  [B_CASE, 'bc4', { code: 'ambiguous', sans: ['bxc4', 'Bxc4'] }],
  [START, 'Nbf3', { code: 'wrong-disambiguation', san: 'Nf3' }],
  [PINNED, 'Nd5', { code: 'pinned', role: 'knight', from: 20, by: 60 }],
  [GUARDED, 'Kf2', { code: 'moves-into-check', to: 13, by: 61 }],
  [CHECKED, 'Ra2', { code: 'leaves-king-in-check', by: 60 }],
  [START, 'O-O', { code: 'castling-blocked', wing: 'short', by: 5 }],
  [MATE, 'O-O', { code: 'castling-no-right', wing: 'short' }],
  [GUARDED, 'O-O', { code: 'castling-through-check', square: 5, by: 61 }],
  [CHECKED, 'O-O-O', { code: 'castling-through-check', square: 4, by: 60 }],
  [OPEN.replace(' d6 ', ' - '), 'exd6', { code: 'illegal-en-passant', to: 43 }],
  [START, 'e4=Q', { code: 'illegal-promotion', to: 28 }],
  [PROMOTE, 'e8=K', { code: 'illegal-promotion', to: 60 }],
  [PROMOTE, 'e8', { code: 'missing-promotion', to: 60 }],
  [START, 'e5', { code: 'wrong-side', side: 'white' }],
  [START, 'e4 e5', { code: 'more-than-one-move' }],
  [START, '--', { code: 'null-move' }],
] as const)('%s "%s" is refused', (fen, text, reason) => {
  expect(readMove(positionOf(fen), text)).toEqual({ kind: 'wrong', reason });
});

test('a language brings its letters, also those that are English men', () => {
  const position = positionOf(START);
  expect(readMove(position, 'Cf3', { language: 'french' })).toMatchObject({ san: 'Nf3' });
  expect(readMove(position, 'Cf3', { language: 'german' })).toMatchObject({ kind: 'wrong' });
  // The French R is the king.
  const rook = positionOf('4k3/8/8/8/8/8/8/R3K3 w - - 0 1');
  expect(readMove(rook, 'Rf2', { language: 'french' })).toMatchObject({ san: 'Kf2' });
  expect(readMove(rook, 'Rf2')).toMatchObject({ kind: 'wrong', reason: { code: 'unreachable' } });
  expect(LANGUAGES).toHaveLength(17);
});

/** Positions along seeded random games. */
function* randomPositions(seed: number, count: number): Generator<Position> {
  const random = createRandom(seed);
  for (let game = 0; game < count; game += 1) {
    let position = positionOf(pickOne(random, PERFT).fen);
    for (let ply = 0; ply < 12; ply += 1) {
      yield position;
      const legal = listLegalMoves(position);
      if (legal.length === 0) break;
      position = playMove(position, pickOne(random, legal));
    }
  }
}

test('the standard form of every legal move is exact, and so is what chess.js writes', () => {
  for (const { fen } of PERFT) {
    const position = positionOf(fen);
    for (const { san, lan } of new Chess(fen).moves({ verbose: true })) {
      const read = readMove(position, san);
      expect(read).toMatchObject({ kind: 'exact', san });
      if (read.kind === 'exact') expect(makeMoveText(read.move)).toBe(lan);
    }
  }
});

test('however a legal move is disfigured, it is read as itself or refused as ambiguous, never as another', () => {
  const disfigure: readonly ((san: string) => string)[] = [
    (san) => san.replace(/[+#]/, ''),
    (san) => `${san}++`.replace(/[+#]+$/, '++'),
    (san) => san.replace('x', ':'),
    (san) => san.replace('x', ''),
    (san) => san.replace('=', ''),
    (san) => san.replaceAll('O', '0'),
    (san) => `12. ${san}!`,
    (san) => ` ${san} `,
    (san) => san.replace(/^([NBRQK])/, (letter) => letter.toLowerCase()),
    (san) => san.replace(/([a-h])([1-8])([+#]?)$/, '$2$1$3'),
    (san) => san.replace(/[a-h](?=[1-8])/, (file) => file.toUpperCase()),
  ];
  for (const position of randomPositions(77, 12)) {
    for (const move of listLegalMoves(position)) {
      const san = makeSan(position, move);
      for (const change of disfigure) {
        const text = change(san);
        const read = readMove(position, text);
        // "Bxc3" in small letters may be a pawn's move to the letter.
        if (read.kind === 'exact') expect(read.san).toBe(text);
        else if (read.kind === 'wrong') expect([text, read.reason.code]).toEqual([text, 'ambiguous']);
        else expect([text, read.san]).toEqual([text, san]);
        if (read.kind === 'tolerable') expect(read.diagnoses.length).toBeGreaterThan(0);
      }
      const lan = readMove(position, makeMoveText(move));
      expect(lan).toMatchObject({ san });
    }
  }
});

test('any text at all gets an answer', () => {
  const random = createRandom(5);
  const signs = 'abcdefghNBRQKPO0x=+#-12345678 .!?()e.p'.split('');
  for (const position of randomPositions(8, 4)) {
    for (let round = 0; round < 60; round += 1) {
      const text = Array.from({ length: 1 + Math.floor(random() * 6) }, () => pickOne(random, signs)).join(
        '',
      );
      const read = readMove(position, text);
      if (read.kind === 'tolerable') expect(read.diagnoses.length).toBeGreaterThan(0);
    }
  }
});

test('a long text is read as quickly as a short one: nothing in it is looked for again and again', () => {
  const position = positionOf(START);
  const blanks = (count: number) => ' '.repeat(count);
  expect(readMove(position, `${blanks(50_000)}e4${blanks(50_000)}`)).toMatchObject({
    kind: 'tolerable',
    san: 'e4',
  });
  expect(readMove(position, `1.${blanks(90)}e4`)).toMatchObject({ kind: 'tolerable', san: 'e4' });
  for (const long of [
    `e4${blanks(100_000)}x`,
    '!'.repeat(100_000),
    'e.p.'.repeat(25_000),
    '\u00a0x'.repeat(50_000),
  ])
    expect(readMove(position, long)).toEqual({ kind: 'wrong', reason: { code: 'not-a-move' } });
});
