/**
 * What a child hears of a mate puzzle, held against chess.js: every step of help is true of a move that does mate, and what is said of a wrong
 * move is true of the board it is said over. Puzzles of played games, and composed ones by a seed that no other test uses.
 */
import type { Move } from 'chess.js';
import { opponentOf } from '@/core/board';
import { composePuzzles, createTaskSearches, makeMateTask } from '@/core/compose';
import { mateFamily, type TaskResponse } from '@/core/exercises';
import { getMove, getPosition, type MoveText } from '@/core/notation';
import { findCaptured, playMove } from '@/core/rules';
import {
  HELP_STEPS,
  helpStepText,
  moveIdeaText,
  moveSentence,
  takenText,
  wrongSentence,
  PLAIN_TERMS,
} from '@/text';
import { MATES } from '../fixtures/mates';
import { findByText, isMate, isStale, movesOf, open } from './chessBoard';
import { mustBeMated } from './forcedMates';

const searches = createTaskSearches();
const PUZZLES = [
  ...MATES.filter(({ mate }) => mate <= 2).map(({ fen }) => fen),
  ...[...composePuzzles(searches, { moves: 2 }, { count: 8, seed: 4711 })].map(({ fen }) => fen),
];
const SIDES = { w: 'White', b: 'Black' } as const;
const PIECES = { p: 'pawn', n: 'knight', b: 'bishop', r: 'rook', q: 'queen', k: 'king' } as const;

function taskOf(fen: string) {
  const made = makeMateTask(searches, getPosition(fen), { maxMoves: 2 });
  if (made.kind !== 'task') throw new Error(`${fen}: ${made.kind}`);
  return made;
}

function moveOf(fen: string, text: string): Move {
  const move = findByText(fen, text);
  if (move === undefined) throw new Error(`${text} is not legal in ${fen}`);
  return move;
}

/** The move that a sentence about it must describe. */
function expectSentence(sentence: string, { color, piece, captured, to, san }: Move): void {
  expect(sentence).toMatch(new RegExp(`^${SIDES[color]}`));
  if (!san.startsWith('O')) expect(sentence).toContain(`'s ${PIECES[piece]} `);
  if (captured !== undefined) expect(sentence).toContain(`captures the ${PIECES[captured]} on`);
  else if (!san.startsWith('O')) expect(sentence).toContain(`goes to ${to}`);
  expect([sentence, /, check[.:]/.test(sentence)]).toEqual([sentence, san.endsWith('+')]);
  expect([sentence, /, checkmate[.:]/.test(sentence)]).toEqual([sentence, san.endsWith('#')]);
}

test.each(PUZZLES)('%s: help leads step by step to a move that mates, and each step is true of it', (fen) => {
  const { task, graph } = taskOf(fen);
  const text = mateFamily.findRightMove(task, graph, []) ?? '';
  const { after, from, to, piece, captured, promotion, san } = moveOf(fen, text);
  expect(mustBeMated(after, task.mateInMoves - 1)).toBe(true);
  const position = getPosition(fen);
  const idea = moveIdeaText(position, getMove(text), PLAIN_TERMS);
  expect([idea, /every check/.test(idea)]).toEqual([idea, san.endsWith('#')]);
  if (!san.endsWith('#')) {
    expect([idea, idea.includes('gives check') || idea.includes('for a check')]).toEqual([
      idea,
      san.endsWith('+'),
    ]);
    if (idea.includes('quiet'))
      expect([san.endsWith('+'), captured, promotion]).toEqual([false, undefined, undefined]);
    if (idea.includes('capture') && !idea.includes('no capture')) expect(captured).toBeDefined();
    if (idea.includes('promote')) expect(promotion).toBeDefined();
  }
  const [, piecesStep, squareStep, moveStep] = HELP_STEPS.map((step) =>
    step === 'idea' ? idea : helpStepText(position, getMove(text), step, PLAIN_TERMS),
  );
  expect(piecesStep).toBe(`Look at the ${PIECES[piece]} on ${from}.`);
  expect(squareStep).toBe(`Look at the square ${to}.`);
  expect(moveStep).toContain(san.startsWith('O') ? 'castles' : `The ${PIECES[piece]} `);
});

/** What is said of a move that ended wrong, put together as the seat does. */
function tellWrong(
  fen: string,
  played: MoveText,
  { verdict }: Extract<TaskResponse, { kind: 'verdict' }>,
  mateInMoves: number,
): string {
  const before = getPosition(fen);
  const after = playMove(before, getMove(played));
  const [answer] = verdict.refutation;
  return wrongSentence(
    {
      diagnosis: verdict.diagnoses[0],
      fate: verdict.fate,
      defender: opponentOf(before.turn),
      mateInMoves,
      reply: answer === undefined ? undefined : moveSentence(after, getMove(answer), PLAIN_TERMS),
      isReplyCapture: answer !== undefined && findCaptured(after, getMove(answer)) !== undefined,
      taken: takenText(before, [played, ...verdict.refutation], PLAIN_TERMS),
    },
    PLAIN_TERMS,
  );
}

test.each(PUZZLES)('%s: every wrong move is answered with one sentence that is true of the board', (fen) => {
  const { task, graph } = taskOf(fen);
  const { mateInMoves } = task;
  for (const { lan, after } of movesOf(fen)) {
    const response = mateFamily.respond(task, graph, [lan]);
    const isRight = mustBeMated(after, mateInMoves - 1);
    const isWrong = response.kind === 'verdict' && response.verdict.outcome === 'wrong';
    expect([lan, isWrong]).toEqual([lan, !isRight]);
    if (!isWrong) continue;
    const sentence = tellWrong(fen, lan, response, mateInMoves);
    // One sentence, without the coach's words.
    expect(sentence).toMatch(/^[^.]+\.$/);
    expect(sentence).not.toMatch(/proved|seen|pl(y|ies)\b/);
    const [answer] = response.verdict.refutation;
    const reply = answer === undefined ? undefined : moveOf(after, answer);
    const said = [lan, sentence] as const;
    expect([...said, sentence.includes('stalemate')]).toEqual([...said, isStale(after)]);
    if (sentence === 'That mates too, but there is a quicker way.') continue;
    if (isStale(after)) continue;
    if (reply !== undefined) expectSentence(sentence, reply);
    const board = reply?.after ?? after;
    if (sentence.includes('now it is a draw'))
      expect([...said, open(board).isDraw()]).toEqual([...said, true]);
    if (/, checkmate\.$/.test(sentence)) expect([...said, isMate(board)]).toEqual([...said, true]);
    if (/ is gone\.$/.test(sentence)) expect(isRight).toBe(false);
  }
});
