import { getDraft, getMove, getPosition } from '@/core/notation';
import { playMove } from '@/core/rules';
import type { Fate } from '@/core/proof';
import { answerLineText, ledgerText, segmentText, suggestionText, thoughtText, PLAIN_TERMS } from '.';

const MATE_IN_2 = '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1';
const VALUES = { pawn: 1, knight: 3, bishop: 3, rook: 5, queen: 9, king: 0 };
const at = getPosition(MATE_IN_2);

test('what becomes of a suggestion names the man that is lost and the move that takes it', () => {
  const loses: Fate = {
    kind: 'material',
    gain: -5,
    seenPlies: 5,
    line: ['e1e4', 'a4e4'].map(getMove),
  };
  expect(suggestionText(at, loses, 0, PLAIN_TERMS)).toBe('loses a rook, by Qxe4 (seen 5 plies deep)');
  const slow: Fate = { kind: 'mates', inMoves: 4, line: [getMove('e1e8')] };
  expect(suggestionText(at, slow, 2, PLAIN_TERMS)).toBe('mates in 4, 2 moves later (proved)');
  expect(suggestionText(at, { ...slow, inMoves: 2 }, 0, PLAIN_TERMS)).toBe('mates in 2 (proved)');
});

test('a queen for a queen is crossed out of what is lost', () => {
  const home = getPosition('3qr1k1/5ppp/8/8/8/8/PP1Q2PP/6K1 w - - 0 1');
  const line = ['d2d8', 'e8d8', 'h2h3', 'd8d2', 'h3h4', 'd2b2', 'h4h5', 'b2a2'].map(getMove);
  expect(suggestionText(home, { kind: 'material', gain: -2, seenPlies: 4, line }, 0, PLAIN_TERMS)).toBe(
    'loses two pawns, by Rxd8 (seen 4 plies deep)',
  );
});

test('the ledger counts by the club’s points', () => {
  const home = getPosition('3q2k1/P4ppp/8/8/8/8/3R2PP/6K1 w - - 0 1');
  expect(ledgerText(home.board, VALUES)).toBe('Black is 4 ahead');
  const takes = playMove(home, getMove('d2d8'));
  expect(ledgerText(takes.board, VALUES)).toBe('White is 5 ahead');
  expect(ledgerText(getDraft('8/8/8/8/8/8/8/8 w - - 0 1').board, VALUES)).toBe('Even');
});

test('thinking is told in steps of five seconds', () => {
  expect([0, 4999, 5000, 64_000, 125_000].map(thoughtText)).toEqual([
    '0 s',
    '0 s',
    '5 s',
    '1 min 0 s',
    '2 min 5 s',
  ]);
});

test('an answer is told as moves are written, as far as they are possible', () => {
  const play = (moves: readonly string[]) => ({ kind: 'play' as const, moves: [...moves], slips: 0 });
  const task = { family: 'mate' as const, task: { fen: MATE_IN_2 } };
  expect(answerLineText(task, play(['d6d8', 'a4e8', 'd8e8']), PLAIN_TERMS)).toBe('1. Rd8+ Qe8 2. Rdxe8#');
  expect(answerLineText(task, play(['d6d8', 'a1a2']), PLAIN_TERMS)).toBe('1. Rd8+');
  expect(answerLineText(task, play([]), PLAIN_TERMS)).toBe('nothing');
  const exercise = {
    family: 'find-square' as const,
    level: 1 as const,
    task: { square: 12, bottom: 'white' as const, hasCoordinates: true },
  };
  expect(answerLineText(exercise, { kind: 'tap', marks: [{ square: 20 }] }, PLAIN_TERMS)).toBe('e3');
});

test('a segment without a title is told by its kind', () => {
  expect(segmentText({ kind: 'ask', title: '', minutes: 1 })).toBe('Ask, 1 minute');
  expect(segmentText({ kind: 'show', title: 'Forks', minutes: 10 })).toBe('Show: Forks, 10 minutes');
});
