/**
 * Families of the score sheet. `garbled-line`: signs of one move are smudged; what stands before and after it leaves one legal move.
 * `keep-score`: moves are shown one after another, and each is written; the reader of moves says what each text means.
 */
import { z } from 'zod/mini';
import type { Role } from '../board';
import { getPosition, makeSan, parseSan, readMove } from '../notation';
import { listLegalMoves, playMove, type Move, type Position } from '../rules';
import { defineFamily } from './family';
import { findLegalMove, positionTextSchema, sceneOfPosition } from './legalTask';
import { sceneOf } from './lessonBoard';
import { judgeRead, notationWaysSchema, USUAL_WAYS, type NotationWays } from './notationWays';
import { numberSheet } from './scoreText';
import { RIGHT, wrongFor, type Note } from './verdict';

/** Stands for a sign that cannot be read. */
export const SMUDGE = '_';

const garbledShape = z.object({
  /** The position in which the smudged move was played. */
  fen: positionTextSchema,
  /** What stands before it, and the text with its smudges. */
  before: z.string(),
  garbled: z.string(),
  /** The moves after it, in SAN. */
  after: z.array(z.string()).check(z.maxLength(6)),
});
export type GarbledTask = z.infer<typeof garbledShape>;

/** The legal moves whose written form has these signs, and after which the rest of the line can be played. */
function listFittingMoves({ fen, garbled, after }: GarbledTask): Move[] {
  const position = getPosition(fen);
  return listLookalikes(position, garbled).filter(
    (move) => findBreak(playMove(position, move), after) === undefined,
  );
}

function listLookalikes(position: Position, garbled: string): Move[] {
  const letter = garbled.charAt(0);
  const role = letter === SMUDGE ? undefined : (ROLE_OF_LETTER[letter] ?? 'pawn');
  return listLegalMoves(position).filter((move) => {
    // Told cheaply, before the whole text is made.
    if (role !== undefined && position.board[move.from]?.role !== role) return false;
    const san = makeSan(position, move);
    return (
      san.length === garbled.length &&
      Array.from(garbled).every((sign, index) => sign === SMUDGE || sign === san.charAt(index))
    );
  });
}

const ROLE_OF_LETTER: Readonly<Record<string, Role>> = {
  K: 'king',
  O: 'king',
  Q: 'queen',
  R: 'rook',
  B: 'bishop',
  N: 'knight',
};

/** The first of these moves that cannot be played, as it is written; undefined when all can. */
function findBreak(start: Position, sans: readonly string[]): string | undefined {
  let position = start;
  for (const san of sans) {
    const move = parseSan(position, san);
    // A sign of check that is not there, or is missing, cannot be this game either.
    if (!move.ok || makeSan(position, move.value) !== san) return san;
    position = playMove(position, move.value);
  }
  return undefined;
}

export const garbledLineFamily = defineFamily<GarbledTask, 'write'>({
  id: 'garbled-line',
  version: 1,
  stage: 'notation',
  skill: 'reading-moves',
  answerMode: 'write',
  levels: 4,
  taskSchema: garbledShape.check(
    z.refine((task) => listFittingMoves(task).length === 1, 'more than one move fits, or none'),
  ),
  question(task) {
    const { position } = solveGarbled(task);
    return {
      code: 'garbled-line',
      line: numberSheet(position, task.before),
      garbled: task.garbled,
      after: numberAfter(position, task.after),
    };
  },
  scene: ({ fen }) => sceneOfPosition(fen, { bottom: 'white' }),
  ask: () => ({ kind: 'write', form: 'move' }),
  solution: (task) => ({ kind: 'write', text: solveGarbled(task).san }),
  judge(task, { text }) {
    const { position, san } = solveGarbled(task);
    const read = readMove(position, text);
    if (read.kind === 'wrong') return wrongFor([{ code: 'unreadable', reason: read.reason }]);
    if (read.san === san) {
      return read.kind === 'exact'
        ? RIGHT
        : { ...RIGHT, notes: [{ code: 'usually-written', san, remarks: read.diagnoses }] };
    }
    const isLike = listLookalikes(position, task.garbled).some(
      (move) => makeSan(position, move) === read.san,
    );
    if (!isLike) return wrongFor([{ code: 'not-on-the-sheet', san: read.san }]);
    const next = findBreak(playMove(position, read.move), task.after) ?? '';
    return wrongFor([{ code: 'does-not-go-on', san: read.san, next }]);
  },
  /** Signs that are missing, and moves that look like it but do not go on. */
  measure: (task) =>
    4 * Array.from(task.garbled).filter((sign) => sign === SMUDGE).length +
    6 * (listLookalikes(getPosition(task.fen), task.garbled).length - 1),
  hints: (task) => [{ kind: 'begins-with', text: solveGarbled(task).san.charAt(0) }],
});

/** What stands after the move of this turn, numbered as on a sheet. */
function numberAfter({ turn, fullmoves }: Position, after: readonly string[]): string {
  const plies = turn === 'white' ? 1 : 0;
  return after
    .map((san, index) =>
      (index + plies) % 2 === 0 ? `${fullmoves + 1 + Math.floor(index / 2)}. ${san}` : san,
    )
    .join(' ');
}

function solveGarbled(task: GarbledTask): { position: Position; san: string } {
  const position = getPosition(task.fen);
  const [move] = listFittingMoves(task);
  if (move === undefined) throw new Error('a parsed task has one move that fits');
  return { position, san: makeSan(position, move) };
}

const scoreShape = z.object({
  fen: positionTextSchema,
  moves: z.array(z.string()).check(z.minLength(2), z.maxLength(20)),
  ways: z.optional(notationWaysSchema),
});
export type ScoreTask = z.infer<typeof scoreShape>;

export const keepScoreFamily = defineFamily<ScoreTask, 'write'>({
  id: 'keep-score',
  version: 1,
  stage: 'notation',
  skill: 'writing-moves',
  answerMode: 'write',
  levels: 3,
  taskSchema: scoreShape.check(z.refine((task) => replay(task) !== undefined, 'not a game')),
  question: ({ moves }) => ({ code: 'keep-score', moves: moves.length }),
  scene: ({ fen }) => sceneOf(getPosition(fen), { bottom: 'white' }),
  ask: ({ fen, moves }) => ({ kind: 'write', form: 'sheet', fen, moves }),
  solution: (task) => ({
    kind: 'write',
    text: openGame(task)
      .map(({ san }) => san)
      .join('\n'),
  }),
  judge(task, { text }) {
    const written = text.split('\n');
    const notes = openGame(task).flatMap((turn, ply) =>
      noteTurn(turn, written[ply] ?? '', ply, task.ways ?? USUAL_WAYS),
    );
    if (notes.some(({ code }) => code === 'sheet-differs')) {
      const first = notes.find((note) => note.code === 'sheet-differs');
      return { ...wrongFor(notes), wrongPly: first?.ply };
    }
    return { ...RIGHT, notes };
  },
  measure: (task) =>
    openGame(task).reduce(
      (sum, { san }) => sum + 3 + (san.match(/[x+#=]|O-O|^[KQRBN][a-h1-8]x?[a-h]/g)?.length ?? 0),
      0,
    ),
  hints: () => [],
});

interface Turn {
  readonly position: Position;
  readonly san: string;
}

/** Each turn with the position it is played in; undefined when a move is not legal. */
function replay({ fen, moves }: ScoreTask): Turn[] | undefined {
  let position = getPosition(fen);
  const turns: Turn[] = [];
  for (const text of moves) {
    const move = findLegalMove(position, text);
    if (move === undefined) return undefined;
    turns.push({ position, san: makeSan(position, move) });
    position = playMove(position, move);
  }
  return turns;
}

function openGame(task: ScoreTask): Turn[] {
  const turns = replay(task);
  if (turns === undefined) throw new Error('a parsed task is a game');
  return turns;
}

/** What is to be said of one written move: nothing when it stands as it should. */
function noteTurn({ position, san }: Turn, text: string, ply: number, ways: NotationWays): readonly Note[] {
  const read = readMove(position, text);
  if (read.kind !== 'wrong' && read.san === san) {
    const verdict = judgeRead(position, read, text, ways);
    if (verdict.outcome === 'right') return verdict.notes;
  }
  const number = `${position.fullmoves}${position.turn === 'white' ? '.' : '...'}`;
  return [{ code: 'sheet-differs', ply, number, text, san }];
}
