/**
 * Families of how games end. `draw-kind`: which draw is it, or none; what a diagram cannot show is told (FIDE Laws of Chess, articles
 * 5.2 and 9). `why-stopped`: a game has ended with this result; why? `stalemating`: which of these moves give stalemate?
 * `result`: how is the result written (PGN standard, section 8.2.6)?
 */
import { z } from 'zod/mini';
import { SIDES } from '../board';
import { getPosition, parseSan } from '../notation';
import { EMPTY_DRAFT, findOutcome, isCheck, playMove } from '../rules';
import { findState, reasonOfMoves, whyState } from './check';
import { chooseHints, chooseOptions, compareOptions } from './chooseVerdict';
import { defineFamily } from './family';
import { sceneOf } from './lessonBoard';
import { positionTextSchema, sceneOfPosition } from './legalTask';
import type { GameEnding, GameStory } from './question';
import type { Reason } from './verdict';

/** What the game was before this position. */
const gameStorySchema: z.ZodMiniType<GameStory> = z.object({
  /** How often this position has been on the board, now included. */
  times: z.int().check(z.minimum(1), z.maximum(5)),
  /** Full moves since the last capture or pawn move. */
  quietMoves: z.int().check(z.minimum(0), z.maximum(80)),
  haveAgreed: z.boolean(),
});

export const DRAW_OPTIONS = [
  'stalemate',
  'dead',
  'repetition',
  'fifty-moves',
  'agreement',
  'no-draw',
] as const;
type DrawKind = (typeof DRAW_OPTIONS)[number];

const drawShape = z.object({ fen: positionTextSchema, story: gameStorySchema });
export type DrawTask = z.infer<typeof drawShape>;

/** Every draw that is there or may be claimed: stalemate, dead, repetition (9.2), fifty moves (9.3), agreement (9.1). */
function listDraws({ fen, story }: DrawTask): DrawKind[] {
  const outcome = findOutcome(getPosition(fen))?.kind;
  const draws: DrawKind[] = [];
  if (outcome === 'stalemate' || outcome === 'dead') draws.push(outcome);
  if (story.times >= 3) draws.push('repetition');
  if (story.quietMoves >= 50) draws.push('fifty-moves');
  if (story.haveAgreed) draws.push('agreement');
  return outcome === 'mate' ? [] : draws;
}

const drawTaskSchema = drawShape.check(z.refine((task) => listDraws(task).length <= 1, 'two draws at once'));

/** Why this draw is there, or why it is not. */
function reasonOfDraw({ fen, story }: DrawTask, option: DrawKind): Reason {
  const position = getPosition(fen);
  const state = findState(position);
  switch (option) {
    case 'stalemate':
      if (state === 'mate') return { code: 'it-is-mate' };
      return state === 'stalemate' ? whyState(position, state) : reasonOfMoves(position);
    case 'dead':
      return state === 'dead' ? whyState(position, state) : { code: 'enough-men' };
    case 'repetition':
      return { code: 'times', times: story.times };
    case 'fifty-moves':
      return { code: 'quiet-moves', moves: story.quietMoves };
    case 'agreement':
      return { code: story.haveAgreed ? 'have-agreed' : 'not-agreed' };
    case 'no-draw':
      return state === 'mate' ? { code: 'it-is-mate' } : { code: 'nothing-else-ends-it' };
  }
}

/** Of a wrong "no draw": the draw that there is. Of any other: why that one is there or not. */
function reasonInDraws(task: DrawTask, option: string): Reason {
  const [draw = 'no-draw'] = listDraws(task);
  const asked = DRAW_OPTIONS.find((kind) => kind === option) ?? 'no-draw';
  return reasonOfDraw(task, asked === 'no-draw' ? draw : asked);
}

/** Men, and what is told besides. */
function measureStory({ fen, story }: DrawTask): number {
  const men = getPosition(fen).board.filter((man) => man !== undefined).length;
  return men + (story.times > 1 ? 6 : 0) + (story.quietMoves > 0 ? 6 : 0) + (story.haveAgreed ? 2 : 0);
}

export const drawKindFamily = defineFamily<DrawTask, 'choose'>({
  id: 'draw-kind',
  version: 1,
  stage: 'check',
  skill: 'draws',
  answerMode: 'choose',
  levels: 3,
  taskSchema: drawTaskSchema,
  question: ({ story }) => ({ code: 'draw-kind', story }),
  scene: ({ fen }) => sceneOfPosition(fen, { bottom: 'white' }),
  ask: () => ({ kind: 'choose', options: DRAW_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([listDraws(task)[0] ?? 'no-draw']),
  judge: (task, answer) =>
    compareOptions([listDraws(task)[0] ?? 'no-draw'], answer, (option) => reasonInDraws(task, option)),
  measure: measureStory,
  hints: (task) => chooseHints(DRAW_OPTIONS, [listDraws(task)[0] ?? 'no-draw']),
});

export const STOP_OPTIONS = [
  'mate',
  'resignation',
  'stalemate',
  'dead',
  'repetition',
  'fifty-moves',
  'agreement',
] as const;
type StopReason = (typeof STOP_OPTIONS)[number];

const stopShape = z.object({ ...drawShape.shape, result: z.enum(['1-0', '0-1', '1/2-1/2']) });
export type StopTask = z.infer<typeof stopShape>;

/** Decided: mate, or somebody gave up. Drawn: what the board or the story says, else they have agreed. */
function solveStop(task: StopTask): StopReason {
  if (task.result !== '1/2-1/2')
    return findOutcome(getPosition(task.fen))?.kind === 'mate' ? 'mate' : 'resignation';
  const [draw] = listDraws(task);
  return draw === undefined || draw === 'no-draw' ? 'agreement' : draw;
}

const stopTaskSchema = stopShape.check(
  z.refine((task) => {
    const outcome = findOutcome(getPosition(task.fen));
    if (outcome?.kind === 'mate') return task.result === (outcome.winner === 'white' ? '1-0' : '0-1');
    return listDraws(task).length <= (task.result === '1/2-1/2' ? 1 : 0);
  }, 'the result does not fit the board'),
);

export const whyStoppedFamily = defineFamily<StopTask, 'choose'>({
  id: 'why-stopped',
  version: 1,
  stage: 'check',
  skill: 'ends-of-the-game',
  answerMode: 'choose',
  levels: 3,
  taskSchema: stopTaskSchema,
  question: ({ story, result }) => ({ code: 'why-stopped', story, result }),
  scene: ({ fen }) => sceneOfPosition(fen, { bottom: 'white' }),
  ask: () => ({ kind: 'choose', options: STOP_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([solveStop(task)]),
  judge: (task, answer) =>
    compareOptions([solveStop(task)], answer, (option) =>
      option === solveStop(task) ? whyStopped(task) : whyNotStopped(task, option),
    ),
  measure: measureStory,
  hints: (task) => chooseHints(STOP_OPTIONS, [solveStop(task)]),
});

/** What ended the game. */
function whyStopped(task: StopTask): Reason {
  const reason = solveStop(task);
  switch (reason) {
    case 'mate':
      return { code: 'it-is-mate' };
    case 'resignation':
      return { code: 'nothing-else-ends-it' };
    case 'agreement':
      return { code: task.story.haveAgreed ? 'have-agreed' : 'nothing-else-ends-it' };
    default:
      return reasonOfDraw(task, reason);
  }
}

/** What speaks against another end: the result first, then the board and the story. */
function whyNotStopped(task: StopTask, option: string): Reason {
  const position = getPosition(task.fen);
  const isDrawn = task.result === '1/2-1/2';
  switch (option) {
    case 'mate':
      return isCheck(position) ? reasonOfMoves(position) : { code: 'no-check' };
    case 'resignation':
      return isDrawn ? { code: 'is-a-draw' } : { code: 'it-is-mate' };
    case 'agreement':
      // Something else has ended it.
      return isDrawn ? whyStopped(task) : { code: 'has-a-winner' };
    default: {
      const draw = DRAW_OPTIONS.find((kind) => kind === option);
      return isDrawn && draw !== undefined ? reasonOfDraw(task, draw) : { code: 'has-a-winner' };
    }
  }
}

const stalematingShape = z.object({
  fen: positionTextSchema,
  sans: z.array(z.string()).check(z.minLength(3), z.maxLength(5)),
});
export type StalematingTask = z.infer<typeof stalematingShape>;

function listStalemating({ fen, sans }: StalematingTask): string[] {
  const position = getPosition(fen);
  return sans.filter((san) => {
    const read = parseSan(position, san);
    return read.ok && findOutcome(playMove(position, read.value))?.kind === 'stalemate';
  });
}

const stalematingTaskSchema = stalematingShape.check(
  z.refine(({ fen, sans }) => sans.every((san) => parseSan(getPosition(fen), san).ok), 'not a move'),
  z.refine((task) => listStalemating(task).length > 0, 'no stalemate'),
);

export const stalematingFamily = defineFamily<StalematingTask, 'choose'>({
  id: 'stalemating',
  version: 1,
  stage: 'check',
  skill: 'stalemate',
  answerMode: 'choose',
  levels: 3,
  taskSchema: stalematingTaskSchema,
  question: ({ fen }) => ({ code: 'stalemating', turn: getPosition(fen).turn }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ sans }) => ({ kind: 'choose', options: sans, isMultiple: true }),
  solution: (task) => chooseOptions(listStalemating(task)),
  judge(task, answer) {
    const position = getPosition(task.fen);
    return compareOptions(listStalemating(task), answer, (san) => {
      const read = parseSan(position, san);
      if (!read.ok) return undefined;
      const after = playMove(position, read.value);
      const state = findState(after);
      return state === 'mate' || state === 'stalemate' ? whyState(after, state) : reasonOfMoves(after);
    });
  },
  /** Moves to look at, and men that guard squares. */
  measure: ({ fen, sans }) =>
    5 * sans.length + getPosition(fen).board.filter((man) => man !== undefined).length,
  hints: (task) => chooseHints(task.sans, listStalemating(task)),
});

const GAME_ENDINGS = [
  'mates',
  'resigns',
  'time-runs-out',
  'stalemate',
  'agreement',
  'repetition',
  'time-runs-out-bare-king',
  'still-playing',
] as const satisfies readonly GameEnding[];
export const RESULT_OPTIONS = ['1-0', '0-1', '1/2-1/2', '*'] as const;

const resultTaskSchema = z.object({ ending: z.enum(GAME_ENDINGS), side: z.enum(SIDES) });
export type ResultTask = z.infer<typeof resultTaskSchema>;

/** `side` mates, resigns or runs out of time (articles 5.1 and 6.9; a bare king cannot win, so the time draws). */
function solveResult({ ending, side }: ResultTask): (typeof RESULT_OPTIONS)[number] {
  switch (ending) {
    case 'mates':
      return side === 'white' ? '1-0' : '0-1';
    case 'resigns':
    case 'time-runs-out':
      return side === 'white' ? '0-1' : '1-0';
    case 'still-playing':
      return '*';
    default:
      return '1/2-1/2';
  }
}

export const resultFamily = defineFamily<ResultTask, 'choose'>({
  id: 'result',
  version: 1,
  stage: 'notation',
  skill: 'results',
  answerMode: 'choose',
  levels: 3,
  taskSchema: resultTaskSchema,
  question: ({ ending, side }) => ({ code: 'result', ending, side }),
  scene: () => sceneOf(EMPTY_DRAFT, { turn: undefined, isHidden: true }),
  ask: () => ({ kind: 'choose', options: RESULT_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([solveResult(task)]),
  judge: (task, answer) =>
    compareOptions([solveResult(task)], answer, () => ({ code: 'result-is', result: solveResult(task) })),
  measure: ({ ending }) => GAME_ENDINGS.indexOf(ending),
  hints: (task) => chooseHints(RESULT_OPTIONS, [solveResult(task)]),
});
