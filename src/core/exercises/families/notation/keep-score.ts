/** Family `keep-score`: moves are shown one after another, and each is written. The reader of moves says what each text means. */
import { z } from 'zod/mini';
import { getPosition, makeSan, readMove } from '../../../notation';
import { playMove, type Position } from '../../../rules';
import {
  judgeRead,
  notationWaysSchema,
  USUAL_WAYS,
  type NotationWays,
  type WrittenNote,
} from '../../answers/notationWays';
import { defineFamily } from '../../family/family';
import { findLegalMove, positionTextSchema } from '../../family/legalTask';
import { sceneOf } from '../../family/lessonBoard';
import { RIGHT, wrongFor } from '../../family/verdict';

const scoreShape = z.object({
  fen: positionTextSchema,
  moves: z.array(z.string()).check(z.minLength(2), z.maxLength(20)),
  ways: z.optional(notationWaysSchema),
});

export type ScoreTask = z.infer<typeof scoreShape>;

export interface KeepScoreQuestion {
  readonly code: 'keep-score';
  readonly moves: number;
}

/** A move of a score sheet that is not what was played. */
interface SheetDiffersNote {
  readonly code: 'sheet-differs';
  /** From 0. */
  readonly ply: number;
  /** "3." or "3...". */
  readonly number: string;
  readonly text: string;
  readonly san: string;
}
export type KeepScoreNote = SheetDiffersNote | WrittenNote;

export const keepScoreFamily = defineFamily<ScoreTask, 'write', KeepScoreQuestion, KeepScoreNote>({
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
function noteTurn(
  { position, san }: Turn,
  text: string,
  ply: number,
  ways: NotationWays,
): readonly KeepScoreNote[] {
  const read = readMove(position, text);
  if (read.kind !== 'wrong' && read.san === san) {
    const verdict = judgeRead(position, read, text, ways);
    if (verdict.outcome === 'right') return verdict.notes;
  }
  const number = `${position.fullmoves}${position.turn === 'white' ? '.' : '...'}`;
  return [{ code: 'sheet-differs', ply, number, text, san }];
}
