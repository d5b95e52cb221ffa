/** Games in and out, clause by clause of the PGN standard ("Portable Game Notation Specification and Implementation Guide", 1994). */
import { Chess } from 'chess.js';
import { INITIAL_POSITION, listLegalMoves, playMove, type Position } from '../../rules';
import { createRandom, pickOne, randomBelow } from '../../shared';
import { makeFen } from '../fen';
import { makeSan } from '../san';
import { decodePgn, makePgn, readPgn, type PgnGame, type PgnLine, type PgnMove, type ReadGame } from '.';

const read = (text: string): ReadGame[] => [...readPgn(text)];

/** The only game of a text. */
function one(text: string): ReadGame & { readonly game: PgnGame } {
  const games = read(text);
  const [first] = games;
  if (first?.game === undefined || games.length !== 1) throw new Error(`${games.length} games`);
  return { ...first, game: first.game };
}
const sansOf = (line: PgnLine) => line.map(({ san }) => san).join(' ');
const codes = ({ warnings }: ReadGame) => warnings.map(({ code }) => code);
const finalOf = ({ start, line }: PgnGame) =>
  makeFen(line.reduce((position, { move }) => playMove(position, move), start));

/** The game the standard itself shows (section 2.3), with the sign that gives mate or check where it is played. */
const STANDARD_GAME = `[Event "F/S Return Match"]
[Site "Belgrade, Serbia JUG"]
[Date "1992.11.04"]
[Round "29"]
[White "Player, One"]
[Black "Player, Two"]
[Result "1/2-1/2"]

1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 Nf6 5. O-O Be7 6. Re1 b5 7. Bb3 d6 8. c3
O-O 9. h3 Nb8 10. d4 Nbd7 11. c4 c6 12. cxb5 axb5 13. Nc3 Bb7 14. Bg5 b4 15.
Nb1 h6 16. Bh4 c5 17. dxe5 Nxe4 18. Bxe7 Qxe7 19. exd6 Qf6 20. Nbd2 Nxd6 21.
Nc4 Nxc4 22. Bxc4 Nb6 23. Ne5 Rae8 24. Bxf7+ Rxf7 25. Nxf7 Rxe1+ 26. Qxe1 Kxf7
27. Qe3 Qg5 28. Qxg5 hxg5 29. b3 Ke6 30. a3 Kd6 31. axb4 cxb4 32. Ra5 Nd5 33.
f3 Bc8 34. Kf2 Bf5 35. Ra7 g6 36. Ra6+ Kc5 37. Ke1 Nf4 38. g3 Nxh3 39. Kd2 Kb5
40. Rd6 Kc5 41. Ra6 Nf2 42. g4 Bd3 43. Re6 1/2-1/2
`;

test('the example of the standard (section 2.3) is read without a remark and written again letter by letter', () => {
  const { game, warnings, fault } = one(STANDARD_GAME);
  expect(fault).toBeUndefined();
  expect(warnings).toEqual([]);
  expect(game.line).toHaveLength(85);
  expect(game.result).toBe('1/2-1/2');
  expect(game.tags.get('Site')).toBe('Belgrade, Serbia JUG');
  expect(makePgn(game)).toBe(`${STANDARD_GAME}\n`);
  const reference = new Chess();
  reference.loadPgn(STANDARD_GAME);
  expect(finalOf(game)).toBe(reference.fen({ forceEnpassantSquare: true }));
});

test('comments in braces and behind a semicolon, escape lines (sections 5 and 6)', () => {
  const { game } = one(
    '%for the program 1. a4\n1. e4 {good; and { so} e5 ; to the end ) }\n2. Nf3\n% more\n*',
  );
  expect(sansOf(game.line)).toBe('e4 e5 Nf3');
  expect(game.line.map(({ after }) => after)).toEqual([['good; and { so'], ['to the end ) }'], []]);
});

test('tag pairs: escapes, order, twice, not one (section 7 and 8.1)', () => {
  const { game, warnings } = one(
    '[White "A \\"Q\\" \\\\ B"] [Black "x"]\n[White "again"]\n[Odd no quotes]\n[ Round  "3" ]\n\n1. d4 *',
  );
  expect([...game.tags]).toEqual([
    ['White', 'A "Q" \\ B'],
    ['Black', 'x'],
    ['Round', '3'],
  ]);
  expect(warnings.map(({ code, line }) => [code, line])).toEqual([
    ['pgn/tag-twice', 2],
    ['pgn/odd-tag', 3],
  ]);
  expect(makePgn(game)).toContain('[White "A \\"Q\\" \\\\ B"]\n');
});

test('move numbers, dots and suffixes are read in any shape (sections 8.2.2 and 8.2.3.8)', () => {
  const { game, warnings } = one('1.e4!e5?2 . Nf3!! 2...Nc6 $14 3 Bb5 1-0');
  expect(sansOf(game.line)).toBe('e4 e5 Nf3 Nc6 Bb5');
  expect(game.line.map(({ glyphs }) => glyphs)).toEqual([[1], [2], [3], [14], []]);
  expect(warnings).toEqual([]);
});

test('variations inside variations, after the move they replace (section 8.2.5)', () => {
  const { game } = one('1. e4 (1. d4 d5 (1... Nf6 2. c4) 2. c4) (1. c4) 1... e5 *');
  expect(sansOf(game.line)).toBe('e4 e5');
  const [d4, c4] = game.line[0]?.variations ?? [];
  expect([sansOf(d4 ?? []), sansOf(c4 ?? [])]).toEqual(['d4 d5 c4', 'c4']);
  expect(d4?.[1]?.variations.map(sansOf)).toEqual(['Nf6 c4']);
  expect(one(makePgn(game)).game.line).toEqual(game.line);
});

test('results in the tag and at the end (section 8.2.6)', () => {
  expect(one('[Result "1-0"]\n\n1. e4 0-1')).toMatchObject({
    game: { result: '0-1' },
    warnings: [{ code: 'pgn/result-differs', tag: '1-0', result: '0-1' }],
  });
  expect(one('[Result "1-0"]\n\n1. e4')).toMatchObject({
    game: { result: '1-0' },
    warnings: [{ code: 'pgn/no-result' }],
  });
  expect(one('1. e4').game.result).toBe('*');
  // A result in a variation ends the variation alone.
  expect(sansOf(one('1. e4 (1. d4 1-0) e5 *').game.line)).toBe('e4 e5');
});

test('a game that begins elsewhere says so (section 9.7)', () => {
  const fen = '4k3/8/8/8/8/8/8/R3K2R b KQ - 3 40';
  const { game } = one(`[SetUp "1"]\n[FEN "${fen}"]\n\n40... Kd7 41. O-O-O+ *`);
  expect(makeFen(game.start)).toBe(fen);
  expect(makePgn(game)).toContain(`[FEN "${fen}"]\n[SetUp "1"]\n\n40... Kd7 41. O-O-O+ *\n`);
});

test('moves written otherwise are read with a warning, zeros in castling among them', () => {
  const { game, warnings } = one('1. e2-e4 e5 2. Ng1f3 Nc6 3. Bc4 Bc5 4. 0-0 Nf6 5. d2d3 *');
  expect(sansOf(game.line)).toBe('e4 e5 Nf3 Nc6 Bc4 Bc5 O-O Nf6 d3');
  expect(warnings.map((warning) => warning.code === 'pgn/written-otherwise' && warning.san)).toEqual([
    'e4',
    'Nf3',
    'O-O',
    'd3',
  ]);
});

test('a faulty game keeps its moves up to the fault, and the games behind it are read', () => {
  const games = read(
    '[Event "a"]\n\n1. e4 e5 2. Ke3 Nc6 (2... d5 1-0) 3. d4 1-0\n\n[Event "b"]\n\n1. d4 *\n\n1. c4 1. Nf6 xx\n\n[Event "d"]\n[FEN "8/8/8/8/8/8/8/8 w - - 0 1"]\n\n1. d4 *\n[Event "e"]\n\n*\n',
  );
  expect(games.map(({ game, fault }) => [game && sansOf(game.line), fault?.code, fault?.line])).toEqual([
    ['e4 e5', 'pgn/bad-move', 3],
    ['d4', undefined, undefined],
    ['c4 Nf6', 'pgn/bad-move', 9],
    [undefined, 'pgn/bad-start', 11],
    ['', undefined, undefined],
  ]);
  expect(games[0]?.fault).toMatchObject({ move: 'Ke3', number: '2.', reason: { code: 'unreachable' } });
  expect(games.map(({ number }) => number)).toEqual([1, 2, 3, 4, 5]);
});

test('a game without a position to begin with ends with its result; the one behind it, without tags, is read', () => {
  const games = read('[FEN "8/8/8/8/8/8/8/8 w - - 0 1"]\n\n*\n1. d4 d5 *');
  expect(games.map(({ game, fault }) => [game && sansOf(game.line), fault?.code])).toEqual([
    [undefined, 'pgn/bad-start'],
    ['d4 d5', undefined],
  ]);
});

test('an escape line begins in the first column only', () => {
  expect(sansOf(one('%1. a4\n1. e4\n % 1... e5 *').game.line)).toBe('e4 e5');
});

test('a faulty variation is cut, the game goes on', () => {
  const { game, warnings } = one('1. e4 (1. d4 Ke7 2. c4 (2. g3)) 1... e5 *');
  expect(sansOf(game.line)).toBe('e4 e5');
  expect(game.line[0]?.variations.map(sansOf)).toEqual(['d4']);
  expect(warnings).toMatchObject([{ code: 'pgn/variation-cut', move: 'Ke7' }]);
});

test('a comment that never ends does not swallow the games behind it', () => {
  const games = read(
    '[Event "a"]\n\n1. e4 {oh\n\n[Event "b"]\n\n1. d4 {fine} *\n\n[Event "c"]\n\n1. c4 {[%x "1"] no\n end',
  );
  expect(games.map(({ game, fault }) => [game && sansOf(game.line), fault?.code])).toEqual([
    ['e4', 'pgn/open-comment'],
    ['d4', undefined],
    ['c4', 'pgn/open-comment'],
  ]);
});

test('stray brackets, null moves, decorations and cut files are told, not fatal', () => {
  expect(codes(one('( 1. e4 ) 1. d4 d5 ) +- N *'))).toEqual(
    expect.arrayContaining(['pgn/stray-bracket', 'pgn/odd-token']),
  );
  expect(one('1. e4 (1. -- d5) e5 *')).toMatchObject({
    warnings: [{ code: 'pgn/variation-cut', move: '--' }],
  });
  const cut = one('1. e4 e5 2. Nf3 (2. Nc3');
  expect(sansOf(cut.game.line)).toBe('e4 e5 Nf3');
  expect(codes(cut)).toEqual(['pgn/stray-bracket', 'pgn/no-result']);
});

test('line ends, marks and character sets', () => {
  const bytes = (text: string) => new TextEncoder().encode(text);
  const textOf = (input: Uint8Array) => {
    const decoded = decodePgn(input);
    return decoded.ok ? decoded.value : decoded.error.code;
  };
  const german = '[White "Müller"]\r\n\r\n1. e4\r\n*\r\n';
  expect(one(textOf(bytes(`\uFEFF${german}`))).game.tags.get('White')).toBe('Müller');
  expect(one(textOf(Uint8Array.from(german, (sign) => sign.charCodeAt(0)))).game.tags.get('White')).toBe(
    'Müller',
  );
  const wide = Uint8Array.from([
    0xff,
    0xfe,
    ...Array.from(german, (sign) => [sign.charCodeAt(0) & 255, 0]).flat(),
  ]);
  expect(one(textOf(wide)).game.tags.get('White')).toBe('Müller');
  expect(textOf(Uint8Array.from([80, 75, 3, 4, 0, 0]))).toBe('pgn/binary');
  const old = one(textOf(bytes('1. e4 ; yes\r1... e5\r% no\r*')));
  expect([sansOf(old.game.line), old.game.result]).toEqual(['e4 e5', '*']);
});

test('hostile texts end in order: brackets without end, one huge line, endless comments, long lines of moves', () => {
  expect(one('1. e4 '.concat('(1. d4 '.repeat(5_000), '*')).fault?.code).toBe('pgn/too-deep');
  expect(one(`1. e4 ${'x'.repeat(200_000)} *`).fault?.code).toBe('pgn/bad-move');
  expect(read('{'.repeat(20_000))).toEqual([]);
  expect(read('[Event "a"]\n\n1. e4 {\n\n'.repeat(2_000))).toHaveLength(2_000);
  const long = one(`1. Nf3 ${'Nf6 Ng1 Ng8 Nf3 '.repeat(150)} *`);
  expect(long.game.line).toHaveLength(601);
  expect(long.fault).toBeUndefined();
  expect(one(`[White "${'a'.repeat(900)}"]\n\n*`)).toMatchObject({
    warnings: [{ code: 'pgn/tag-cut', most: 500 }],
  });
  expect(one(`1. e4 {${'a '.repeat(4_000)}} *`)).toMatchObject({ warnings: [{ code: 'pgn/comment-cut' }] });
  const tags = Array.from({ length: 103 }, (_, index) => `[Tag${index} "x"]`).join('\n');
  expect(one(`${tags}\n\n*`)).toMatchObject({
    warnings: [
      { name: 'Tag100' },
      { name: 'Tag101' },
      { code: 'pgn/tag-left-out', name: 'Tag102', most: 100 },
    ],
  });
  expect(one(`1. e4 ${'+- '.repeat(5_000)} *`).warnings).toHaveLength(100);
  expect(one('[__proto__ "x"]\n\n1. e4 *').game.tags.get('__proto__')).toBe('x');
});

/** A game by chance with comments, glyphs and variations. */
function makeGame(seed: number): PgnGame {
  const random = createRandom(seed);
  const say = () => (randomBelow(random, 6) === 0 ? ['said {here} 1. "x" ; %'] : []);
  const makeLine = (start: Position, plies: number, depth: number): PgnMove[] => {
    const line: PgnMove[] = [];
    let position = start;
    for (let ply = 0; ply < plies; ply += 1) {
      const legal = listLegalMoves(position);
      if (legal.length === 0) break;
      const move = pickOne(random, legal);
      const hasVariation = depth < 3 && legal.length > 1 && randomBelow(random, 8) === 0;
      line.push({
        move,
        san: makeSan(position, move),
        glyphs: randomBelow(random, 5) === 0 ? [randomBelow(random, 140)] : [],
        before: ply === 0 ? say() : [],
        after: say(),
        variations: hasVariation ? [makeLine(position, 1 + randomBelow(random, 6), depth + 1)] : [],
      });
      position = playMove(position, move);
    }
    return line;
  };
  return {
    tags: new Map([['White', `Child ${seed}`]]),
    start: INITIAL_POSITION,
    line: makeLine(INITIAL_POSITION, 60, 0),
    result: pickOne(random, ['1-0', '0-1', '1/2-1/2', '*']),
  };
}

test('what is written is read again as the same game, and chess.js comes to the same final position', () => {
  const braced = (line: PgnLine): PgnLine =>
    line.map((move) => ({
      ...move,
      before: move.before.map((text) => text.replaceAll('}', ')')),
      after: move.after.map((text) => text.replaceAll('}', ')')),
      variations: move.variations.map(braced),
    }));
  for (let seed = 1; seed <= 40; seed += 1) {
    const game = makeGame(seed);
    const text = makePgn(game);
    for (const line of text.split('\n')) expect(line.length).toBeLessThan(80);
    const again = one(text);
    expect(again.warnings).toEqual([]);
    expect(again.game.line).toEqual(braced(game.line));
    expect(again.game.result).toBe(game.result);
    expect(makePgn(again.game)).toBe(text);
    const reference = new Chess();
    reference.loadPgn(text);
    expect(reference.fen({ forceEnpassantSquare: true }).split(' ').slice(0, 3)).toEqual(
      finalOf(game).split(' ').slice(0, 3),
    );
  }
});
