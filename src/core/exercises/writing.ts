/**
 * Families of notation. `write-move`: a move is shown, it is written; the reader of moves says what the text means, so every way to write
 * it is right and the taught form is shown. `play-written`: a move is written, it is played. `which-man`: which of two men is meant.
 */
import { z } from 'zod/mini';
import { getPosition, makeMoveText, makeSan, readMove, type ReadMove } from '../notation';
import { isSameMove, listLegalMoves, type Move, type Position } from '../rules';
import { defineFamily } from './family';
import { findLegalMove, positionTextSchema, sceneOfPosition } from './legalTask';
import { judgeFirstMove } from './check';
import { numberSheet } from './scoreText';
import { compareMarks, tapSquares } from './tapVerdict';
import { judgeRead, notationWaysSchema, USUAL_WAYS, writeAsTaught } from './notationWays';
import { RIGHT, wrongFor, type Verdict } from './verdict';

export const writtenTaskSchema = z
  .object({
    fen: positionTextSchema,
    move: z.string(),
    /** How the club had moves written when the task was made; as usual when nothing is said. */
    ways: z.optional(notationWaysSchema),
  })
  .check(
    z.refine(({ fen, move }) => findLegalMove(getPosition(fen), move) !== undefined, 'not a legal move'),
  );
export type WrittenTask = z.infer<typeof writtenTaskSchema>;

function openTask({ fen, move: text }: WrittenTask): { position: Position; move: Move; san: string } {
  const position = getPosition(fen);
  const move = findLegalMove(position, text);
  if (move === undefined) throw new Error('a parsed task has a legal move');
  return { position, move, san: makeSan(position, move) };
}

/** What has to be thought of: letter, capture, check, disambiguation, promotion, castling. */
function measureWritten(task: WrittenTask): number {
  const { san } = openTask(task);
  const ofSign = (pattern: RegExp) => (pattern.test(san) ? 1 : 0);
  return (
    ofSign(/^[KQRBN]/) +
    2 * ofSign(/x/) +
    ofSign(/\+/) +
    2 * ofSign(/#/) +
    3 * ofSign(/O-O/) +
    4 * ofSign(/=/) +
    5 * ofSign(/^[KQRBN][a-h1-8]{1,2}x?[a-h][1-8]/)
  );
}

const PARTS = {
  version: 1,
  stage: 'notation',
  taskSchema: writtenTaskSchema,
  measure: measureWritten,
} as const;

/** A shown move that is to be written. */
const WRITE_PARTS = {
  ...PARTS,
  answerMode: 'write',
  scene(task: WrittenTask) {
    const { from, to } = openTask(task).move;
    return sceneOfPosition(task.fen, { bottom: 'white', trace: { from, to } });
  },
  ask: () => ({ kind: 'write', form: 'move' }) as const,
  solution(task: WrittenTask) {
    const { position, move } = openTask(task);
    return { kind: 'write', text: writeAsTaught(position, move, task.ways ?? USUAL_WAYS) } as const;
  },
  hints: (task: WrittenTask) => [{ kind: 'begins-with', text: openTask(task).san.charAt(0) } as const],
} as const;

/** What the text means here; how the asked move is written is for the family to judge. */
function judgeWriting(
  task: WrittenTask,
  text: string,
  judgeMeant: (position: Position, read: Extract<ReadMove, { kind: 'exact' | 'tolerable' }>) => Verdict,
): Verdict {
  const { position, move, san } = openTask(task);
  const read = readMove(position, text);
  if (read.kind === 'wrong') return wrongFor([{ code: 'unreadable', reason: read.reason }]);
  if (!isSameMove(read.move, move)) return wrongFor([{ code: 'writes-another', san: read.san, asked: san }]);
  return judgeMeant(position, read);
}

export const writeMoveFamily = defineFamily<WrittenTask, 'write'>({
  ...WRITE_PARTS,
  id: 'write-move',
  skill: 'writing-moves',
  levels: 5,
  question: ({ fen }) => ({ code: 'write-move', turn: getPosition(fen).turn }),
  judge(task, { text }) {
    return judgeWriting(task, text, (position, read) =>
      judgeRead(position, read, text, task.ways ?? USUAL_WAYS),
    );
  },
});

export const repairLineTaskSchema = z
  .object({
    /** The position in which the faulty move was played. */
    fen: positionTextSchema,
    move: z.string(),
    /** What stands before it on the score sheet, and what was written for it. */
    before: z.string(),
    faulty: z.string(),
  })
  .check(
    z.refine((task) => findLegalMove(getPosition(task.fen), task.move) !== undefined, 'not a legal move'),
    z.refine((task) => openTask(task).san !== task.faulty, 'nothing is faulty'),
  );
export type RepairLineTask = z.infer<typeof repairLineTaskSchema>;

export const repairLineFamily = defineFamily<RepairLineTask, 'write'>({
  ...WRITE_PARTS,
  id: 'repair-line',
  skill: 'writing-moves',
  levels: 4,
  taskSchema: repairLineTaskSchema,
  question: ({ fen, before, faulty }) => ({
    code: 'repair-line',
    line: numberSheet(getPosition(fen), before),
    faulty,
  }),
  judge(task, { text }) {
    // It is to be put right: another slip, or the same one, does not do.
    return judgeWriting(task, text, (_, { kind, diagnoses: [remark] }) =>
      kind === 'exact' ? RIGHT : wrongFor([{ code: 'still-differs', remark, text: text.trim() }]),
    );
  },
  /** A square turned round is seen at once; a sign that is missing is not; which of two men takes a look at the board. */
  measure(task) {
    const { san } = openTask(task);
    const isSign = task.faulty.length < san.length;
    const isPlace = /^[KQRBN][a-h1-8]{1,2}x?[a-h][1-8]/.test(san) && isSign;
    return (isPlace ? 30 : isSign ? 15 : 0) + measureWritten(task);
  },
});

export const playWrittenFamily = defineFamily<WrittenTask, 'play'>({
  ...PARTS,
  id: 'play-written',
  skill: 'reading-moves',
  answerMode: 'play',
  levels: 5,
  question: (task) => ({ code: 'play-written', turn: getPosition(task.fen).turn, san: openTask(task).san }),
  scene: ({ fen }) => sceneOfPosition(fen, { bottom: 'white' }),
  ask: ({ fen }) => ({ kind: 'play', rules: 'legal', fen }),
  solution: (task) => ({ kind: 'play', moves: [makeMoveText(openTask(task).move)], slips: 0 }),
  judge(task, answer) {
    const { position, move: asked, san } = openTask(task);
    return judgeFirstMove(position, answer, (_, move) =>
      isSameMove(move, asked)
        ? RIGHT
        : wrongFor([{ code: 'move-not-meant', move: makeSan(position, move), meant: san }]),
    );
  },
  hints: () => [],
  listRightMoves: (task, moves) => (moves.length > 0 ? [] : [makeMoveText(openTask(task).move)]),
});

export const whichManFamily = defineFamily<WrittenTask, 'tap'>({
  ...PARTS,
  id: 'which-man',
  skill: 'reading-moves',
  answerMode: 'tap',
  levels: 3,
  taskSchema: writtenTaskSchema.check(
    z.refine((task) => listSameMen(task).length > 1, 'only one man can go there'),
  ),
  question: (task) => ({ code: 'which-man', turn: getPosition(task.fen).turn, san: openTask(task).san }),
  scene: ({ fen }) => sceneOfPosition(fen, { bottom: 'white' }),
  ask: () => ({ kind: 'tap', isSingle: true, labels: [] }),
  solution: (task) => tapSquares([openTask(task).move.from]),
  judge(task, answer) {
    const { position, move, san } = openTask(task);
    return compareMarks(
      [move.from],
      answer,
      (square) => {
        const other = listLegalMoves(position).find(({ from, to }) => from === square && to === move.to);
        return { code: 'man-not-meant', square, san, would: other && makeSan(position, other) };
      },
      (square) => ({ code: 'man-meant', square, san }),
    );
  },
  measure: (task) => 10 * (openTask(task).san.replace(/[+#x]/g, '').length - 3) + listSameMen(task).length,
  hints: (task) =>
    listSameMen(task)
      .slice(0, 1)
      .map((square) => ({ kind: 'man', square })),
});

/** Own men of the same kind that can go to the same square. */
function listSameMen(task: WrittenTask) {
  const { position, move } = openTask(task);
  const role = position.board[move.from]?.role;
  return listLegalMoves(position)
    .filter(({ from, to }) => to === move.to && position.board[from]?.role === role)
    .map(({ from }) => from);
}
