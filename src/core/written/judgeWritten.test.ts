import { positionOf } from '../../../tests/fixtures/positions';
import { findLegal } from '../../../tests/fixtures/moves';
import { makeFen, makeNumberedLine, makeSan } from '../notation';
import { playMove } from '../rules';
import { createMateSearch } from '../search';
import { BREAK_REASONS, judgeWritten, type BreakReason, type WrittenLimits } from '.';

const search = createMateSearch();
const judge = (fen: string, line: string, limits: WrittenLimits = {}) =>
  judgeWritten(search, positionOf(fen), line, limits);

/** Kf7 or Kg6 and mate next move. */
const QUIET = '7k/8/5K2/8/8/8/8/R7 w - - 0 1';
/** 1 Rd8+ Qe8 2 Rdxe8# or Rexe8#; without pointless blocks it is mate in 1. */
const BLOCK = '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1';
/** 1 Qc7+ Kf6 lasts to the third move, Ke8 and Kf8 are mated at once; from random play, lengths by the prover. */
const LONGER = '1Q6/4k3/4p3/N7/6p1/6P1/P4PK1/5R1R w - - 0 1';
/** After 1 e4 e5 2 Bc4 Nc6 3 Qh5. */
const SCHOLARS = 'r1bqkbnr/pppp1ppp/2n5/4p2Q/2B1P3/8/PPPP1PPP/RNB1K1NR b KQkq - 3 3';
const STALE = 'k7/8/1K6/8/8/8/8/2Q5 w - - 0 1';

test.each<[string, string, WrittenLimits]>([
  [QUIET, '1 Kf7 Kh7 2 Rh1#', {}],
  [QUIET, '1. Kg6 Kg8 2. Ra8#', { claimed: 2 }],
  [QUIET, '1 Kf7! {the quiet way} (1 Kg6 Kg8 2 Ra8#) Kh7 2 Rh1# 1-0', {}],
  [BLOCK, '1 Rd8+ Qe8 2 Rexe8#', { claimed: 2 }],
  [BLOCK, '1 Rd8#', { isBlockless: true }],
  [BLOCK, '1 Rd8+', { isBlockless: true, claimed: 1 }],
  // What is written behind the mate by the club's count is only there to be complete.
  [BLOCK, '1 Rd8# Qe8 2 Rexe8#', { isBlockless: true }],
  // The line begins with the other side's move: whoever mates is the attacker.
  [SCHOLARS, '3... Nf6 4. Qxf7#', {}],
  [SCHOLARS, '3... Nf6 4. Qxf7#', { claimed: 1 }],
  // Black can be the attacker.
  ['r5k1/8/8/8/8/8/5PPP/6K1 b - - 0 1', '1... Ra1#', { claimed: 1 }],
])('%s: %s holds', (fen, line, limits) => {
  expect(judge(fen, line, limits)).toMatchObject({ kind: 'holds' });
});

test.each<[string, string, WrittenLimits, number, BreakReason, readonly string[]]>([
  [QUIET, '1 Rb3 Kh7', {}, 1, 'illegal-move', []],
  [QUIET, '1 Kf7 Kg8 2 Ra8#', {}, 2, 'illegal-move', []],
  ['8/k7/8/8/8/1K6/8/2R4R w - - 0 1', '1 Rd1 Kb8', {}, 1, 'ambiguous-move', ['Rcd1', 'Rhd1']],
  [BLOCK, '1 Rd8 Qe8 2 Rexe8#', {}, 1, 'missing-check-sign', ['Rd8+']],
  [QUIET, '1 Kf7+ Kh7 2 Rh1#', {}, 1, 'false-check-sign', ['Kf7']],
  [BLOCK, '1 Rd8# Qe8 2 Rexe8#', {}, 1, 'mate-sign-for-check', ['Rd8+']],
  [QUIET, '1 Kf7 Kh7 2 Rh1+', {}, 3, 'missing-mate-sign', ['Rh1#']],
  [QUIET, '1 Kf7 Kh7 2 Rh1', {}, 3, 'missing-mate-sign', ['Rh1#']],
  [QUIET, '1 Ra2 Kh7 2 Ra8 Kh6 3 Rh8#', {}, 1, 'too-slow', ['Kg6', 'Kg8', 'Ra8#']],
  [QUIET, '1 Ra7 Kg8 2 Kg6 Kf8 3 Ra8+', {}, 1, 'not-forced', ['Kg8']],
  [QUIET, '1 Kf7 Kh7 2 Rh1#', { claimed: 3 }, 1, 'too-slow', ['Kg6', 'Kg8', 'Ra8#']],
  [QUIET, '1 Kf7 Kh7 2 Rh1#', { claimed: 1 }, 1, 'not-forced', ['Kh7', 'Rh1#']],
  [BLOCK, '1 Re8+ Qxe8 2 Rd8 Qxd8', {}, 1, 'not-forced', ['Qxe8']],
  [QUIET, '1 Kf7', {}, 1, 'no-mate-at-end', ['Kh7', 'Rh1#']],
  [QUIET, '1 Kf7 Kh7', {}, 2, 'no-mate-at-end', ['Rh1#']],
  [STALE, '1 Qc7', {}, 1, 'stalemate', ['Qc8#']],
  // A bracket breaks where its own move does.
  [QUIET, '1 Kf7 (1 Rb1 Kh7 2 Rh1+) Kh7 2 Rh1#', {}, 1, 'too-slow', ['Kg6', 'Kg8', 'Ra8#']],
  // A check that only a pointless block meets is no mate by the full count.
  [BLOCK, '1 Rd8+', {}, 1, 'no-mate-at-end', ['Qe8', 'Rexe8#']],
])('%s: %s %j breaks at %d: %s', (fen, line, limits, ply, reason, better) => {
  const verdict = judge(fen, line, limits);
  expect(verdict).toMatchObject({ kind: 'breaks', ply, reason, severity: BREAK_REASONS[reason] });
  if (verdict.kind === 'breaks') expect(verdict.better).toEqual(better);
});

test('a written defence that shortens the mate is named, and the longer one shown; in brackets it is welcome', () => {
  const proved = search.prove(positionOf(LONGER), { maxMoves: 3 });
  if (proved.kind !== 'mate') throw new Error(proved.kind);
  const longest = makeNumberedLine(positionOf(LONGER), proved.line);
  expect(judge(LONGER, longest)).toEqual({ kind: 'holds', mateInMoves: 3 });
  const short = judge(LONGER, '1 Qc7+ Kf8 2 Qf7#');
  expect(short).toMatchObject({ kind: 'breaks', ply: 2, reason: 'not-best-defence' });
  if (short.kind === 'breaks') expect(short.better[0]).toBe('Kf6');
  const [, first = '', second = '', ...rest] = longest.split(' ');
  const after = ['Qc7+', 'Kf8'].reduce(
    (at, san) => playMove(at, findLegal(makeFen(at), san)),
    positionOf(LONGER),
  );
  const [mate] = search.listMatingMoves(after, 1);
  if (mate === undefined) throw new Error('Kf8 is mated at once');
  const bracket = `(1... Kf8 2 ${makeSan(after, mate)})`;
  expect(judge(LONGER, `1 ${first} ${second} ${bracket} ${rest.join(' ')}`)).toMatchObject({ kind: 'holds' });
});

test('an unreadable text says where, a small budget decides nothing', () => {
  expect(judge(QUIET, '1 Kf7 (')).toMatchObject({
    kind: 'unreadable',
    fault: { code: 'movetext/open-bracket' },
  });
  const middlegame = 'r4rk1/1pp1qppp/p1np1n2/2b1p1B1/2B1P1b1/P1NP1N2/1PP1QPPP/R4RK1 w - - 0 10';
  expect(judge(middlegame, '1 Bxf7+ Rxf7 2 Bxf6 Qxf6 3 Nd5', { budgetNodes: 200 })).toEqual({
    kind: 'undecided',
  });
});

test('a line that begins with the other side counts its plies from there', () => {
  expect(judge(SCHOLARS, '3... Nf6 4. Qxf7')).toMatchObject({
    kind: 'breaks',
    ply: 2,
    reason: 'missing-mate-sign',
  });
  expect(judge(SCHOLARS, '3... Nf6 4. Qxf7#', { claimed: 2 })).toMatchObject({ kind: 'breaks', ply: 2 });
});
