import { parseSquareName } from '@/core/board';
import { getDraft } from '@/core/notation';
import { getExerciseFamily, openExercise, type Answer, type ExerciseId, type Note } from '@/core/exercises';
import { plainWords } from '../../tests/support/plainWords';
import { familyName, hintText, noteText, questionText, verdictText, PLAIN_TERMS } from '.';
import { EXERCISE_IDS, listLevels } from '@/core/exercises';

const at = (name: string): number => parseSquareName(name) ?? -1;
const tap = (...names: string[]): Answer => ({
  kind: 'tap',
  marks: names.map((name) => {
    const [square = '', label] = name.split(' ');
    return label === undefined ? { square: at(square) } : { square: at(square), label };
  }),
});
const choose = (...options: string[]): Answer => ({ kind: 'choose', options, ordered: false });
const play = (...moves: string[]): Answer => ({ kind: 'play', moves, slips: 0 });
const write = (text: string): Answer => ({ kind: 'write', text });
const number = (value: number): Answer => ({ kind: 'number', value });
const VALUES = { pawn: 1, knight: 3, bishop: 3, rook: 5, queen: 9, king: 0 };

/** Every sentence of the verdict on this answer. */
function sentencesOf(family: ExerciseId, task: unknown, answer: Answer): string[] {
  const exercise = openExercise({ family, task });
  return exercise.judge(answer).notes.map((note) => noteText(plainWords(family), note, exercise.scene));
}

/** White: rook a1, own pawn a4, knight d1, pawn e2; black: pawn d3, knight e3. */
const REACH = '8/8/8/8/P7/3pn3/4P3/R2N4 w - - 0 1';
/** White: rook e1; black: knight e5 protected by the pawn d6, bishop a7 alone, pawn h2. */
const CAPTURES = '8/b7/3p4/4n3/8/8/7p/R3R3 w - - 0 1';
/** Back rank: rook a1 to a8 is mate. */
const BACK_RANK = '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1';

/** Board with the men of the initial position, two of them exchanged. */
function setUp(change: (men: Map<string, string>) => void): Answer {
  const men = new Map<string, string>();
  for (const [index, role] of [
    'rook',
    'knight',
    'bishop',
    'queen',
    'king',
    'bishop',
    'knight',
    'rook',
  ].entries()) {
    men.set(`${'abcdefgh'.charAt(index)}1`, role);
    men.set(`${'abcdefgh'.charAt(index)}2`, 'pawn');
  }
  change(men);
  return {
    kind: 'place',
    slips: 0,
    men: [...men].map(([name, role]) => {
      const [side, plain = role] = role.includes(' ') ? role.split(' ') : ['white', role];
      return { square: at(name), side: side as 'white', role: plain as 'king' };
    }),
  };
}
const WHITE_ARMY = { sides: ['white'], areOfficersOnly: false, bottom: 'white' };
const move = (men: Map<string, string>, from: string, to: string) => {
  const role = men.get(from);
  men.delete(from);
  if (role !== undefined) men.set(to, role);
};
const exchange = (men: Map<string, string>, one: string, other: string) => {
  const [first = '', second = ''] = [men.get(one), men.get(other)];
  men.set(one, second);
  men.set(other, first);
};

type Row = readonly [ExerciseId, unknown, Answer, string];

const ROWS: readonly Row[] = [
  ['reach', { fen: REACH, square: at('a1') }, tap('a4'), 'a4: your own pawn is there.'],
  ['reach', { fen: REACH, square: at('a1') }, tap('a6'), "a6: the piece on a4 is in the rook's way."],
  ['reach', { fen: REACH, square: at('a1') }, tap('b2'), 'b2: a rook does not go that way.'],
  ['reach', { fen: REACH, square: at('a1') }, tap('a1'), 'a1: the rook is already here.'],
  ['reach', { fen: REACH, square: at('e2') }, tap(), 'd3: the pawn on e2 gets there.'],
  [
    'pawn-moves',
    { fen: REACH, square: at('e2') },
    tap('e3'),
    'e3: a pawn moves straight and captures diagonally, and a piece is there.',
  ],
  [
    'pawn-moves',
    { fen: REACH, square: at('e2') },
    tap('f3'),
    'f3: a pawn moves diagonally only to capture, and no piece is there.',
  ],
  [
    'pawn-moves',
    { fen: '8/8/8/3pP3/8/8/8/8 w - - 0 1', square: at('e5') },
    tap('e6', 'd6'),
    'd6: no capture en passant here. The pawn beside it did not just move two steps.',
  ],
  ['count-reach', { fen: REACH, square: at('d1') }, number(9), 'That is too many.'],
  ['count-reach', { fen: REACH, square: at('d1') }, number(0), 'There are more.'],
  ['captures', { fen: CAPTURES }, tap('d6'), 'd6: nothing can capture the pawn there.'],
  ['captures', { fen: CAPTURES }, tap('c3'), 'c3: no piece is there.'],
  ['captures', { fen: CAPTURES }, tap('a1'), 'a1: that is your own piece.'],
  ['captures', { fen: CAPTURES }, tap('a7'), 'e5: the rook on e1 gets there.'],
  ['free-men', { fen: CAPTURES }, tap('e5', 'a7'), 'e5: the pawn on d6 captures back.'],
  ['unprotected', { fen: CAPTURES }, tap('e5', 'a7'), 'e5: the pawn on d6 protects the knight.'],
  ['unprotected', { fen: CAPTURES }, tap('a7', 'd6'), 'h2: nobody protects the pawn.'],
  ['trapped', { fen: 'n6b/7p/8/P7/8/8/8/2R5 w - - 0 1' }, tap('h8'), 'h8: the bishop can go to g7.'],
  ['trapped', { fen: 'n6b/7p/8/P7/8/8/8/2R5 w - - 0 1' }, tap('h8'), 'a8: the knight has no safe square.'],
  [
    'trapped',
    { fen: 'n6b/7p/8/P7/8/8/8/2R5 w - - 0 1' },
    tap('a8', 'h7'),
    'h7: the question is not about a pawn.',
  ],
  [
    'attack-from',
    { fen: '3r4/8/8/8/n7/8/8/7R w - - 0 1', square: at('h1'), target: at('a4') },
    tap('h4', 'd1'),
    'd1: from there the rook does not attack a4.',
  ],
  [
    'attack-from',
    { fen: '7r/8/8/8/n7/8/8/6R1 w - - 0 1', square: at('g1'), target: at('a4') },
    tap('g4', 'h1'),
    'h1: from there the rook does not attack a4.',
  ],
  [
    'attack-from',
    { fen: '8/8/8/2b5/n7/8/8/6R1 w - - 0 1', square: at('g1'), target: at('a4') },
    tap('a1'),
    'g4: from there the rook attacks a4, and nobody can capture it.',
  ],
  [
    'attack-from',
    { fen: '8/6r1/8/8/n7/8/8/6R1 w - - 0 1', square: at('g1'), target: at('a4') },
    tap('a1', 'g4'),
    'g4: the rook on g7 could capture it there.',
  ],
  [
    'attack-from',
    { fen: '8/8/8/8/n7/8/8/R7 w - - 0 1', square: at('a1'), target: at('a4') },
    tap('a4', 'a2', 'a3'),
    'a4: that is the target. Attack it, do not capture it.',
  ],
  [
    'king-squares',
    { fen: '4k3/8/8/8/8/8/4r3/4K3 w - - 0 1' },
    tap('f2 free'),
    'f2: the rook on e2 guards it.',
  ],
  [
    'king-squares',
    { fen: '4k3/8/8/8/3K3r/8/8/8 w - - 0 1' },
    tap('c4 free'),
    'c4: the rook on h4 guards it, for its line goes on when the king steps back.',
  ],
  [
    'king-squares',
    { fen: '4k3/8/8/8/8/8/3P4/4K3 w - - 0 1' },
    tap('d2 free'),
    'd2: the king’s own piece is there.',
  ],
  [
    'king-squares',
    { fen: '4k3/8/8/8/8/8/8/4K3 w - - 0 1' },
    tap('d1 guarded'),
    'd1: nobody guards it, the king may go there.',
  ],
  ['king-squares', { fen: '4k3/8/8/8/8/8/8/4K3 w - - 0 1' }, tap('a1 free'), 'a1 is not beside the king.'],
  [
    'find-square',
    { square: at('e3'), bottom: 'white', hasCoordinates: true },
    tap('c5'),
    'This is c5. The letter comes first: e3 is on the e-file.',
  ],
  [
    'find-square',
    { square: at('e3'), bottom: 'white', hasCoordinates: true },
    tap('d3'),
    'This is d3: the number is right, the letter is not.',
  ],
  [
    'find-square',
    { square: at('e3'), bottom: 'white', hasCoordinates: true },
    tap('e4'),
    'This is e4: the letter is right, the number is not.',
  ],
  ['find-square', { square: at('e3'), bottom: 'white', hasCoordinates: true }, tap('h8'), 'This is h8.'],
  [
    'name-square',
    { square: at('e3'), bottom: 'white', hasCoordinates: true },
    write('3e'),
    'You mean e3. The letter comes first, then the number.',
  ],
  [
    'name-square',
    { square: at('e3'), bottom: 'white', hasCoordinates: true },
    write('k9'),
    '"k9" is not a square. Write a letter from a to h, then a number from 1 to 8.',
  ],
  [
    'square-colour',
    { square: at('f3') },
    choose('dark'),
    'Dark? f3 is light. The corner a1 is dark. Count the steps from there.',
  ],
  [
    'name-line',
    { kind: 'file', from: at('e1'), to: at('e8'), asks: 'name', bottom: 'white', hasCoordinates: true },
    choose('file-d'),
    'The d-file? The line goes from e1 to e8.',
  ],
  [
    'set-up',
    WHITE_ARMY,
    setUp((men) => exchange(men, 'd1', 'e1')),
    'King and queen are swapped: the queen starts on her own colour, on d1.',
  ],
  [
    'set-up',
    WHITE_ARMY,
    setUp((men) => exchange(men, 'b1', 'c1')),
    'Knight and bishop are swapped: the knight goes beside the rook, on b1.',
  ],
  [
    'set-up',
    WHITE_ARMY,
    setUp((men) => exchange(men, 'g1', 'f1')),
    'Knight and bishop are swapped: the knight goes beside the rook, on g1.',
  ],
  ['set-up', WHITE_ARMY, setUp((men) => move(men, 'e2', 'e4')), 'e4: the pawn there is one too many.'],
  ['set-up', WHITE_ARMY, setUp((men) => men.delete('a1')), 'a1: a rook is missing there.'],
  [
    'set-up',
    WHITE_ARMY,
    setUp((men) => men.set('a1', 'black rook')),
    'a1: the rook there belongs to the other army.',
  ],
  ['set-up', WHITE_ARMY, setUp((men) => exchange(men, 'a1', 'd1')), 'a1: the queen does not belong there.'],
  [
    'set-up',
    WHITE_ARMY,
    setUp((men) => {
      for (const name of [...men.keys()]) move(men, name, `${name.charAt(0)}${9 - Number(name.charAt(1))}`);
    }),
    'The armies are on the wrong sides. White belongs on ranks 1 and 2, Black on ranks 7 and 8.',
  ],
  [
    'set-up',
    WHITE_ARMY,
    setUp((men) => {
      for (const name of [...men.keys()])
        move(
          men,
          name,
          `${'abcdefgh'.charAt(8 - Number(name.charAt(1)))}${'abcdefgh'.indexOf(name.charAt(0)) + 1} `,
        );
      for (const name of [...men.keys()]) move(men, name, name.trim());
    }),
    'The board is turned sideways. White belongs on ranks 1 and 2.',
  ],
  [
    'route',
    { fen: '8/8/8/8/8/8/8/R7 w - - 0 1', square: at('a1'), targets: [at('h8')] },
    play('a1a2', 'a2a8', 'a8h8'),
    'That took 3 moves. It can be done in 2.',
  ],
  [
    'route',
    { fen: '8/8/8/8/p7/8/8/R7 w - - 0 1', square: at('a1'), targets: [at('h8')] },
    play('a1a4'),
    'a4: a piece is there. Find a way without capturing.',
  ],
  [
    'route',
    { fen: '8/8/8/8/8/8/8/R7 w - - 0 1', square: at('a1'), targets: [at('h8')], commit: 'line' },
    play('a1a8'),
    'The way does not reach its end yet.',
  ],
  [
    'route-unguarded',
    { fen: '7r/8/8/8/8/8/8/R7 w - - 0 1', square: at('a1'), targets: [at('g7')] },
    play('a1a8'),
    'a8: the rook on h8 could capture it there.',
  ],
  [
    'who-is-ahead',
    { fen: '4k3/p7/8/8/8/8/8/R3K3 w - - 0 1', values: VALUES },
    choose('even'),
    'Nobody is ahead? White has 5 points, Black has 1.',
  ],
  [
    'trade',
    { given: ['rook'], taken: ['knight', 'pawn'], values: VALUES },
    choose('good'),
    'A good trade? You give 5 points and get 4.',
  ],
  [
    'take-or-leave',
    { fen: '4k3/8/2p5/3p4/8/8/8/3RK3 w - - 0 1', move: 'd1d5', values: VALUES },
    choose('wins-men'),
    'It wins points? Rxd5, cxd5: 4 points lost.',
  ],
  ['what-is-it', { fen: BACK_RANK }, choose('check'), 'Check? The king is not attacked.'],
  [
    'what-is-it',
    { fen: 'R5k1/5ppp/8/8/8/8/8/6K1 b - - 0 1' },
    choose('check'),
    'Check? It is checkmate: check, and no legal move.',
  ],
  [
    'what-is-it',
    { fen: '7k/5Q2/6K1/8/8/8/8/8 b - - 0 1' },
    choose('mate'),
    'Checkmate? The king is not attacked.',
  ],
  [
    'answers-to-check',
    { fen: '4k3/8/8/8/8/8/4r3/4K3 w - - 0 1' },
    choose('put-between', 'take'),
    'Something goes in between? Nothing does that here.',
  ],
  ['answers-to-check', { fen: '4k3/8/8/8/8/8/4r3/4K3 w - - 0 1' }, choose('take'), 'There is Kf1 and Kd1.'],
  ['mate-in-one', { fen: BACK_RANK }, play('a1a7'), 'Ra7 does not even give check.'],
  [
    'mate-in-one',
    { fen: '6k1/6pp/8/8/8/8/8/R4RK1 w - - 0 1' },
    play('f1f8'),
    'Rf8+ is check, but there is an answer: Kxf8.',
  ],
  [
    'mate-in-one',
    { fen: '7k/8/5KQ1/8/8/8/8/8 w - - 0 1' },
    play('g6f7'),
    'After Qf7 the other side has no move and is not in check: stalemate, a draw.',
  ],
  ['stop-mate', { fen: '6k1/5ppp/8/8/8/8/8/R4bK1 b - - 0 1' }, play('f1c4'), 'Now Ra8# mates.'],
  [
    'is-safe-move',
    { fen: '6k1/5ppp/8/8/8/8/8/R4bK1 b - - 0 1', move: 'f1c4' },
    choose('allows-none'),
    'No, no mate? Ra8# would mate.',
  ],
  [
    'draw-kind',
    { fen: BACK_RANK, story: { times: 2, quietMoves: 49, haveAgreed: false } },
    choose('fifty-moves'),
    'Fifty moves without a capture or pawn move? That needs 50 moves; there were 49.',
  ],
  [
    'draw-kind',
    { fen: BACK_RANK, story: { times: 2, quietMoves: 0, haveAgreed: false } },
    choose('repetition'),
    'Three times the same position? It must be there three times.',
  ],
  [
    'draw-kind',
    { fen: BACK_RANK, story: { times: 2, quietMoves: 0, haveAgreed: false } },
    choose('stalemate'),
    'Stalemate? There is a move: Ra2.',
  ],
  [
    'why-stopped',
    { fen: BACK_RANK, story: { times: 1, quietMoves: 0, haveAgreed: false }, result: '1-0' },
    choose('agreement'),
    'They agreed to a draw? Somebody has won, so it was not a draw.',
  ],
  [
    'stalemating',
    { fen: '7k/8/5KQ1/8/8/8/8/8 w - - 0 1', sans: ['Qf7', 'Qg7#', 'Ke5'] },
    choose('Qf7', 'Qg7#'),
    'Qg7#? It is checkmate: check, and no legal move.',
  ],
  [
    'result',
    { ending: 'mates', side: 'black' },
    choose('1-0'),
    '1-0? The first number is what White gets, the second what Black gets.',
  ],
  [
    'may-castle',
    { fen: '4kr2/8/8/8/8/8/8/4K2R w - - 0 1', wing: 'short', hasMoved: 'nobody', wasInCheck: false },
    choose('may-castle'),
    'Yes, it may? f1 is attacked from f8.',
  ],
  [
    'promote-to',
    { fen: 'k7/6P1/1K6/8/8/8/8/8 w - - 0 1', from: at('g7'), to: at('g8'), goal: 'mate' },
    choose('bishop'),
    'Bishop? There is a move: Kb8.',
  ],
  ['write-move', { fen: BACK_RANK, move: 'a1a8' }, write('Ra7'), 'That would be Ra7, another move.'],
  ['write-move', { fen: BACK_RANK, move: 'a1a8' }, write('Na8'), 'White has no knight here.'],
  ['write-move', { fen: BACK_RANK, move: 'a1a8' }, write('Ra8'), 'We write it Ra8#.'],
  [
    'play-written',
    { fen: BACK_RANK, move: 'a1a8' },
    play('a1a7'),
    'That was Ra7. You were asked to play Ra8#.',
  ],
  ['play-written', { fen: BACK_RANK, move: 'a1a8' }, play('a1b3'), 'That move is not allowed here.'],
  [
    'which-man',
    { fen: '6k1/8/8/8/8/8/K7/R6R w - - 0 1', move: 'a1d1' },
    tap('h1'),
    "h1: that piece's move is written Rhd1.",
  ],
  [
    'which-man',
    { fen: '6k1/8/8/8/8/8/K7/R6R w - - 0 1', move: 'a1d1' },
    tap('a2'),
    'a2: Rad1 does not mean the piece there.',
  ],
  [
    'repair-line',
    { fen: BACK_RANK, move: 'a1a8', before: '', faulty: 'Ra8' },
    write('Ra8'),
    'Ra8: it is mate.',
  ],
];

test.each(ROWS)('%s: %j answered %j says why', (family, task, answer, sentence) => {
  expect(sentencesOf(family, task, answer)).toContain(sentence);
});

test('every code of a note is said in some sentence above or in the words of the coach', () => {
  const seen = new Set<Note['code']>();
  for (const [family, task, answer] of ROWS)
    for (const { code } of openExercise({ family, task }).judge(answer).notes) seen.add(code);
  expect([...seen].length).toBeGreaterThanOrEqual(50);
});

/** Named mates: 1 Qg8+ Rxg8 2 Nf7# is the books' smothered mate; here its last move, its pictures and what is not it. */
const put = (
  fen: string,
  ...added: readonly [name: string, man: 'knight' | 'rook' | 'queen' | 'black pawn'][]
): Answer => ({
  kind: 'place',
  slips: 0,
  men: [
    ...getDraft(fen).board.flatMap((man, square) => (man === undefined ? [] : [{ square, ...man }])),
    ...added.map(([name, man]) => {
      const [role, side] = man === 'black pawn' ? (['pawn', 'black'] as const) : ([man, 'white'] as const);
      return { square: at(name), side, role };
    }),
  ],
});
const NO_KNIGHT = {
  fen: '6rk/6pp/8/8/8/8/8/6K1 b - - 0 1',
  id: 'smothered',
  square: at('f7'),
  role: 'knight',
};
const NO_PAWN = {
  fen: '6rk/5N1p/8/8/8/8/8/6K1 b - - 0 1',
  id: 'smothered',
  square: at('g7'),
  man: { side: 'black', role: 'pawn' },
  tray: [
    { side: 'white', role: 'knight' },
    { side: 'black', role: 'pawn' },
  ],
};
/** White mates on d8; Black has no rook. */
const WHO_MATES = '6k1/5ppp/8/8/8/8/5PPP/3R2K1 b - - 0 1';
/** The rook can check on e1, and take the pawn that the other rook protects. */
const FORCING = { fen: '4k3/3r4/8/3p4/8/8/8/3R2K1 w - - 0 1', values: VALUES };
const MISSING = { ...NO_KNIGHT, tray: ['knight', 'rook'] };

test.each<[ExerciseId, unknown, Answer, readonly string[]]>([
  [
    'name-mate',
    { fen: '6rk/5Npp/8/8/8/8/8/6K1 b - - 0 1', options: ['smothered', 'opera', 'ladder'] },
    choose('opera'),
    ['Opera mate? The piece on f7 gives check.', 'It is called: Smothered mate. The knight on f7 gives it.'],
  ],
  [
    'mate-by-name',
    { fen: '6rk/6pp/7N/8/8/8/8/Q5K1 w - - 0 1', id: 'smothered', isNamed: true },
    play('h6f7'),
    [],
  ],
  [
    'mate-by-name',
    { fen: '3r2k1/5ppp/8/8/8/8/5PPP/3RR1K1 w - - 0 1', id: 'back-rank', isNamed: true },
    play('d1d7'),
    ['Rd7 does not even give check.'],
  ],
  ['missing-man', MISSING, put(NO_KNIGHT.fen, ['f7', 'knight']), []],
  ['missing-man', MISSING, put(NO_KNIGHT.fen, ['e7', 'knight']), ['e7: with a knight there it is not mate.']],
  [
    'missing-man',
    MISSING,
    put(NO_KNIGHT.fen),
    ['Put one piece on the board. Leave the others where they are.'],
  ],
  [
    'missing-man',
    MISSING,
    put(NO_KNIGHT.fen, ['f7', 'knight'], ['a1', 'rook']),
    ['Put one piece on the board. Leave the others where they are.'],
  ],
  ['missing-part', NO_PAWN, put(NO_PAWN.fen, ['g7', 'black pawn']), []],
  ['missing-part', NO_PAWN, put(NO_PAWN.fen, ['g2', 'knight']), ['g2: with a knight there it is not mate.']],
  [
    'missing-part',
    NO_PAWN,
    put(NO_PAWN.fen),
    ['Put one piece on the board. Leave the others where they are.'],
  ],
  ['who-mates', { fen: WHO_MATES }, choose('white-mates'), []],
  [
    'who-mates',
    { fen: WHO_MATES },
    choose('both-mate'),
    ['Both, each on its turn? Rd8# would mate.', 'Rd8# would mate.'],
  ],
  [
    'who-mates',
    { fen: '6k1/5pp1/8/8/8/8/5PPP/3R2K1 b - - 0 1' },
    choose('white-mates'),
    ['White? Nothing does that here.', 'Nothing does that here.'],
  ],
  ['forcing-moves', { ...FORCING, asked: 'checks' }, tap('e1'), []],
  [
    'forcing-moves',
    { ...FORCING, asked: 'checks' },
    tap('d5'),
    ['d5: no such move goes there.', 'e1: Re1+. It gives check.'],
  ],
  [
    'forcing-moves',
    { ...FORCING, asked: 'kinds' },
    tap('e1 checks', 'd5 threats'),
    ['d5: Rxd5. It captures.'],
  ],
  [
    'forcing-moves',
    { ...FORCING, asked: 'gains' },
    tap('e1 wins-men', 'd5 loses-men'),
    ['e1: Re1+. It comes out even there.'],
  ],
  ['spare-men', { fen: '6rk/5Npp/8/8/8/8/R7/6K1 b - - 0 1' }, tap('a2'), []],
  [
    'spare-men',
    { fen: '6rk/5Npp/8/8/8/8/R7/6K1 b - - 0 1' },
    tap('f7', 'g7', 'b1'),
    [
      'b1: no piece is there.',
      'f7: without the knight it is not mate.',
      'g7: the question is not about a pawn.',
      'a2: without the rook it is still mate.',
    ],
  ],
  [
    'who-takes',
    { fen: '3Rk3/5p2/8/6B1/8/8/8/6K1 b - - 0 1' },
    tap('d7 rook', 'd8 bishop', 'e7 bishop', 'f7 own-man', 'f8 rook'),
    [],
  ],
  [
    'who-takes',
    { fen: '3Rk3/5p2/8/6B1/8/8/8/6K1 b - - 0 1' },
    tap('d7 bishop', 'd8 bishop', 'e7 bishop', 'f7 own-man', 'c7 rook'),
    [
      'c7 is not beside the king.',
      'd7: the rook on d8 guards it.',
      'f8: the rook on d8 guards it, for its line goes on when the king steps back.',
    ],
  ],
  ['open-line', { fen: '3R1Nk1/5ppp/8/8/8/8/8/6K1 b - - 0 1' }, tap('f8'), []],
  [
    'open-line',
    { fen: '3R1Nk1/5ppp/8/8/8/8/8/6K1 b - - 0 1' },
    tap('d8'),
    ['d8: without the rook it is not mate either.', 'f8: without the knight it is mate.'],
  ],
])('%s: %#', (family, task, answer, sentences) => {
  expect(sentencesOf(family, task, answer)).toEqual(sentences);
});

test('a mate that is not the one asked for is told from it', () => {
  // 1 Nf7 and 1 Qxg8 both give mate; the smothered one is asked for.
  const task = { fen: '6rk/6pp/7N/8/8/8/Q7/6K1 w - - 0 1', id: 'smothered', isNamed: true };
  expect(sentencesOf('mate-by-name', task, play('h6f7'))).toEqual([]);
  expect(sentencesOf('mate-by-name', task, play('a2g8'))).toEqual([
    'g8: the queen gives mate there, but not this one: Smothered mate.',
  ]);
  // In a mixed review any mate will do.
  expect(sentencesOf('mate-by-name', { ...task, isNamed: false }, play('a2g8'))).toEqual([]);
});

const TAP = { kind: 'tap', isSingle: false, labels: [] } as const;

test('the head of a verdict counts what is wrong and what is missing', () => {
  const { judge } = openExercise({ family: 'reach', task: { fen: REACH, square: at('a1') } });
  expect(verdictText(judge(tap('a2', 'a3', 'b1', 'c1')), TAP)).toBe('Yes, all 4.');
  expect(verdictText(judge(tap('a2', 'a3')), TAP)).toBe('Right so far. 2 are still missing.');
  expect(verdictText(judge(tap('a2', 'b2')), TAP)).toBe('1 square not right, 3 missing.');
  expect(verdictText(judge(tap('a2', 'a3', 'b1', 'c1', 'd1')), TAP)).toBe('1 square not right.');
  // Of one square there is nothing to count.
  expect(verdictText(judge(tap('b2')), { ...TAP, isSingle: true })).toBe('Not yet.');
});

const SHEET = { fen: 'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1', moves: ['e2e4', 'e7e5'] };
const ATTACKED = { fen: '3r4/7k/8/8/3N4/8/8/1R4K1 w - - 0 1', target: at('d4'), values: VALUES };

/** The families in which more is counted than one square: the sentence names what was counted. */
test.each([
  [
    'best-square',
    {
      fen: '8/8/8/8/1p6/8/8/N7 w - - 0 1',
      square: at('a1'),
      candidates: [at('b3'), at('c2')],
      weights: { middle: 1, attacked: 1, blocked: 1, moves: 1 },
    },
    tap('b3'),
    ['b3: 1 middle square, 1 move: 0 points.', 'c2: 1 middle square, 1 piece attacked, 1 move: 1 point.'],
  ],
  [
    'best-square',
    {
      fen: '8/8/8/8/1p6/8/8/N7 w - - 0 1',
      square: at('a1'),
      candidates: [at('b3'), at('c2')],
      weights: { middle: 1, attacked: 1, blocked: 1, moves: 1 },
    },
    tap('h8'),
    ['h8 is not one of the marked squares.', 'c2: 1 middle square, 1 piece attacked, 1 move: 1 point.'],
  ],
  ['attack-men', { ...ATTACKED, answer: 'take' }, tap('b1'), undefined],
  [
    'attack-men',
    { ...ATTACKED, answer: 'go-away' },
    tap('b3', 'b5', 'c2', 'c6', 'e2', 'e6', 'f3', 'd6'),
    ['d6: a knight does not go that way.', 'f5: Nf5 does it.'],
  ],
  [
    'attack-men',
    { ...ATTACKED, answer: 'in-between' },
    tap('b1', 'd4', 'd8', 'g1', 'a5'),
    [
      'd4: the knight can help with Ne6, but not in this way.',
      'd8: that piece is theirs.',
      'g1: the king has no check and no threat of mate.',
    ],
  ],
  ['keep-score', SHEET, write('e4\ne6'), ['1... "e6": played was e5.']],
  ['keep-score', SHEET, write('e4'), ['1... is missing: played was e5.']],
  ['keep-score', SHEET, write('E4\ne5'), ['We write it e4.']],
  [
    'pawn-game',
    { fen: '8/8/P7/7p/7P/8/1p6/8 w - - 0 1', goal: 'promotion', strength: 'steady', seed: 1, won: ['a6a7'] },
    play('a6a7'),
    ['Black has won: a pawn reached the last rank.'],
  ],
  [
    'promote-to',
    { fen: '8/1P6/3k4/2q5/8/8/8/6K1 w - - 0 1', from: at('b7'), to: at('b8'), goal: 'fork' },
    choose('queen'),
    undefined,
  ],
] as const)('%s tells what was counted', (family, task, answer, expected) => {
  // Tasks without one right answer are no tasks at all.
  if (expected === undefined) expect(getExerciseFamily(family).isTask(task)).toBe(false);
  else expect(sentencesOf(family, task, answer).slice(0, 4)).toEqual(expect.arrayContaining([...expected]));
});

test('every family has a name, a rule and words for each of its levels', () => {
  for (const id of EXERCISE_IDS) {
    const { name, rule, levels } = plainWords(id);
    expect(name).not.toBe('');
    expect(rule.length).toBeLessThan(180);
    expect([id, levels.length]).toEqual([id, listLevels(id).length]);
  }
  const names = ([...EXERCISE_IDS, 'mate'] as const).map((id) => familyName(id, PLAIN_TERMS));
  expect(new Set(names).size).toBe(names.length);
});

test('questions and hints are whole sentences about the task', () => {
  const route = openExercise({
    family: 'route',
    task: { fen: '8/8/8/8/8/8/8/R7 w - - 0 1', square: at('a1'), targets: [at('h8')] },
  });
  expect(questionText(plainWords('route'), route.question)).toBe(
    'Move the rook to h8 in as few moves as you can.',
  );
  const told = openExercise({
    family: 'route',
    task: { fen: '8/8/8/8/8/8/8/R7 w - - 0 1', square: at('a1'), targets: [at('h8')], commit: 'line' },
  });
  expect(questionText(plainWords('route'), told.question)).toBe(
    'Move the rook to h8 in as few moves as you can. Show the whole way first. The piece stays put.',
  );
  expect(route.hints.map((hint) => hintText(plainWords('route'), hint))).toEqual([
    'Think backwards: from which squares can your piece reach the target?',
    'It can be done in 2 moves.',
  ]);
  const trade = openExercise({
    family: 'trade',
    task: { given: ['rook'], taken: ['knight', 'pawn', 'pawn'], values: VALUES },
  });
  expect(questionText(plainWords('trade'), trade.question)).toBe(
    'You give a rook and get a knight and two pawns. How is that trade?',
  );
  const passing = openExercise({
    family: 'may-pass',
    task: {
      fen: '4k3/8/8/3pP3/8/8/8/4K3 w - - 0 1',
      pawn: at('e5'),
      from: at('d7'),
      to: at('d5'),
      isLate: true,
    },
  });
  expect(questionText(plainWords('may-pass'), passing.question)).toBe(
    "Black's pawn went from d7 to d5 a move ago. Other moves came after that. May the pawn on e5 capture it en passant?",
  );
});
