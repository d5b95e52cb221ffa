/**
 * Families of thinking before moving (common practice): a forced mate with its stored proof, answered not move by move but at once.
 * `whole-line`: every move of both sides before a man is touched, against a defence that lasts longest. `last-square`: only the square
 * on which the last move lands. `right-order`: the mating side's own moves are given, they are laid in their order; a wrong order is
 * answered by what breaks it. `give-up`: only the first move, a sacrifice, is asked for. The proof is part of the task, so that judging needs no search.
 */
import { z } from 'zod/mini';
import type { Square } from '../board';
import { getPosition, makeMoveText, makeSan, parseMoveText, parseSan, type MoveText } from '../notation';
import { findSacrifices, type Sacrifice } from '../patterns';
import {
  listLongest,
  solutionGraphSchema,
  splitLine,
  type SolutionGraph,
  type SolutionNode,
} from '../puzzles';
import { listLegalMoves, playMove, type Position } from '../rules';
import type { AnswerOf } from './answer';
import { defineFamily } from './family';
import { findLegalMove, positionTextSchema, sceneOfPosition } from './legalTask';
import { getAskedLength, MATE_COUNTS, mateFamily, type MateTask } from './mate';
import { compareMarks, tapSquares } from './tapVerdict';
import { RIGHT, wrongFor, type Note, type Verdict } from './verdict';

const habitShape = z.object({
  fen: positionTextSchema,
  mateInMoves: z.int().check(z.positive()),
  mateNoBlocks: z.optional(z.int().check(z.positive())),
  count: z.optional(z.enum(MATE_COUNTS)),
  graph: solutionGraphSchema,
});
export type HabitTask = z.infer<typeof habitShape>;

const PARTS = {
  version: 1,
  stage: 'forced-mates',
  levels: 3,
} as const;

/** Longer and fuller is harder. */
function measureMate(task: HabitTask): number {
  const position = getPosition(task.fen);
  const men = position.board.filter((man) => man !== undefined).length;
  return 30 * getAskedLength(mateTaskOf(task)) + men;
}

function mateTaskOf({ fen, mateInMoves, mateNoBlocks, count }: HabitTask): MateTask {
  return {
    fen,
    mateInMoves,
    ...(mateNoBlocks === undefined ? {} : { mateNoBlocks }),
    ...(count === undefined ? {} : { count }),
  };
}

const askOf = (task: HabitTask) => {
  const { turn } = getPosition(task.fen);
  return { turn, moves: getAskedLength(mateTaskOf(task)) };
};

/** One man a right first move begins with. */
function hintMan(task: HabitTask) {
  const first = parseMoveText(mateFamily.findRightMove(mateTaskOf(task), task.graph, []) ?? '');
  return first === undefined ? [] : [{ kind: 'man' as const, square: first.from }];
}

export const wholeLineFamily = defineFamily<HabitTask, 'play'>({
  ...PARTS,
  id: 'whole-line',
  skill: 'thinking-ahead',
  answerMode: 'play',
  taskSchema: habitShape,
  question: (task) => ({ code: 'whole-line', ...askOf(task) }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ fen }) => ({ kind: 'play', rules: 'line', fen }),
  solution: (task) => ({ kind: 'play', moves: mateFamily.solution(mateTaskOf(task), task.graph), slips: 0 }),
  judge: judgeLine,
  measure: measureMate,
  hints: hintMan,
});

function judgeLine(task: HabitTask, answer: AnswerOf<'play'>): Verdict {
  const verdict = mateFamily.judge(mateTaskOf(task), task.graph, answer);
  if (verdict.outcome === 'unfinished')
    return wrongFor([{ code: 'line-too-short', moves: answer.moves.length }]);
  if (verdict.outcome === 'right') {
    const weak = findWeakDefence(task, answer.moves);
    return weak === undefined ? RIGHT : wrongFor([weak]);
  }
  const ply = verdict.wrongPly ?? 0;
  const weak = ply % 2 === 1 ? findWeakDefence(task, answer.moves) : undefined;
  return { ...verdict, ...asNotes(weak ?? noteBreak(task.fen, answer.moves, ply, verdict)) };
}

function asNotes(note: Note) {
  return { notes: [note], diagnoses: [note.code] };
}

/** A defence of the line that lets itself be mated sooner than it need. */
function findWeakDefence(task: HabitTask, moves: readonly MoveText[]): Note | undefined {
  const { nodes } = countedGraph(task);
  let node = nodes[0];
  let position = getPosition(task.fen);
  for (let ply = 0; node !== undefined && ply + 1 < moves.length; ply += 2) {
    const own = node.moves.find(({ move }) => move === moves[ply]);
    const played = findLegalMove(position, moves[ply] ?? '');
    if (own === undefined || played === undefined || own.covers === 'mate') return undefined;
    const after = playMove(position, played);
    const defence = findLegalMove(after, moves[ply + 1] ?? '');
    const longest = listLongest(nodes, node, own);
    const [first] = longest;
    const taken = longest.find(({ move }) => move === moves[ply + 1]);
    if (defence === undefined) return { code: 'not-a-legal-move' };
    if (taken === undefined && first !== undefined) {
      const better = findLegalMove(after, first.move);
      return {
        code: 'lasts-longer',
        san: makeSan(after, defence),
        better: better === undefined ? first.move : makeSan(after, better),
      };
    }
    position = playMove(after, defence);
    node = taken === undefined ? undefined : nodes[taken.node];
  }
  return undefined;
}

/** The graph of the club's own count. */
function countedGraph({ graph, count }: HabitTask): Pick<SolutionGraph, 'nodes'> {
  return count === 'no-blocks' ? (graph.blockless ?? graph) : graph;
}

/** A line is counted from its own first move, whatever number the position has in its game. */
const getHome = (fen: string): Position => ({ ...getPosition(fen), fullmoves: 1 });

/** Where the line breaks: the move, and what answers it. */
function noteBreak(fen: string, moves: readonly MoveText[], ply: number, verdict: Verdict): Note {
  const place = moves.slice(0, ply).reduce<Position | undefined>(playText, getHome(fen));
  const move = place && findLegalMove(place, moves[ply] ?? '');
  if (place === undefined || move === undefined) return { code: 'not-a-legal-move' };
  return noteOfMove(place, makeSan(place, move), playMove(place, move), verdict);
}

function noteOfMove(place: Position, san: string, after: Position, { fate }: Verdict): Note {
  const [first] = fate === undefined ? [] : splitLine(fate.line);
  const reply = first === undefined ? undefined : findLegalMove(after, first);
  const number = `${place.fullmoves}${place.turn === 'white' ? '.' : '...'}`;
  return { code: 'line-breaks', number, san, reply: reply && makeSan(after, reply) };
}

function playText(place: Position | undefined, text: MoveText): Position | undefined {
  const move = place && findLegalMove(place, text);
  return place === undefined || move === undefined ? undefined : playMove(place, move);
}

export const lastSquareFamily = defineFamily<HabitTask, 'tap'>({
  ...PARTS,
  id: 'last-square',
  skill: 'thinking-ahead',
  answerMode: 'tap',
  taskSchema: habitShape,
  question: (task) => ({ code: 'last-square', ...askOf(task) }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: () => ({ kind: 'tap', isSingle: true, labels: [] }),
  solution(task) {
    const last = mateFamily.solution(mateTaskOf(task), task.graph).at(-1);
    const move = last === undefined ? undefined : parseMoveText(last);
    if (move === undefined) throw new Error('a mate has a last move');
    return tapSquares([move.to]);
  },
  judge(task, answer) {
    const squares = listLastSquares(task);
    const [marked] = answer.marks;
    // Any square of a right line will do; it is one of them that is asked for.
    const wanted =
      marked !== undefined && squares.includes(marked.square) ? [marked.square] : squares.slice(0, 1);
    return compareMarks(
      wanted,
      answer,
      (square) => ({ code: 'no-mate-there', square }),
      (square) => ({ code: 'mates-there', square }),
    );
  },
  measure: measureMate,
  hints: hintMan,
});

/** The squares mates end on, over every right move against every longest defence; that of the main line first. */
export function listLastSquares(task: HabitTask): Square[] {
  const { nodes } = countedGraph(task);
  const squares: Square[] = [];
  const seen = new Set<number>();
  const walk = (index: number) => {
    const node: SolutionNode | undefined = nodes[index];
    if (node === undefined || seen.has(index)) return;
    seen.add(index);
    for (const own of node.moves) {
      const move = parseMoveText(own.move);
      if (own.covers === 'mate' && move !== undefined && !squares.includes(move.to)) squares.push(move.to);
      for (const { node: next } of listLongest(nodes, node, own)) walk(next);
    }
  };
  walk(0);
  return squares;
}

/** The sacrifice with which the main line begins. */
function findFirstSacrifice(task: HabitTask): Sacrifice | undefined {
  const line = mateFamily.solution(mateTaskOf(task), task.graph).flatMap((text) => parseMoveText(text) ?? []);
  return findSacrifices(getPosition(task.fen), line).find(({ ply }) => ply === 0);
}

/** `give-up`: the first move of a mate gives a man away; that move alone is asked for. */
export const giveUpFamily = defineFamily<HabitTask, 'play'>({
  version: 1,
  id: 'give-up',
  stage: 'named-mates',
  skill: 'sacrifices',
  levels: 3,
  answerMode: 'play',
  taskSchema: habitShape.check(
    // Where useless men between need not count, a quicker mate would be right as well, and nobody is given up for it.
    z.refine(
      (task) => task.mateNoBlocks === undefined && findFirstSacrifice(task) !== undefined,
      'the mate does not begin with a sacrifice, or is shorter without men put between for nothing',
    ),
  ),
  question: (task) => ({ code: 'give-up', ...askOf(task) }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ fen }) => ({ kind: 'play', rules: 'legal', fen }),
  solution: (task) => ({
    kind: 'play',
    moves: mateFamily.solution(mateTaskOf(task), task.graph).slice(0, 1),
    slips: 0,
  }),
  judge(task, { moves }) {
    const first = moves.slice(0, 1);
    const verdict = mateFamily.judge(mateTaskOf(task), task.graph, { kind: 'play', moves: first, slips: 0 });
    if (verdict.outcome !== 'wrong') return RIGHT;
    return { ...verdict, refutation: [], ...asNotes(noteBreak(task.fen, first, 0, verdict)) };
  },
  measure: measureMate,
  hints: hintMan,
  listRightMoves: (task, moves) =>
    moves.length > 0 ? [] : (countedGraph(task).nodes[0]?.moves ?? []).map(({ move }) => move),
});

const orderShape = z.extend(habitShape, {
  /** The own moves of a right line, in the order in which they are shown. */
  shown: z.array(z.string()).check(z.minLength(2), z.maxLength(5)),
});
export type OrderTask = z.infer<typeof orderShape>;

export const rightOrderFamily = defineFamily<OrderTask, 'choose'>({
  ...PARTS,
  id: 'right-order',
  skill: 'thinking-ahead',
  answerMode: 'choose',
  taskSchema: orderShape.check(
    z.refine(
      (task) =>
        new Set(task.shown).size === task.shown.length &&
        listOwnSans(task).every((san) => task.shown.includes(san)),
      'these are not the moves of the line',
    ),
  ),
  question: (task) => ({ code: 'right-order', ...askOf(task) }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ shown }) => ({ kind: 'choose', options: shown, isMultiple: true, isOrdered: true }),
  solution: (task) => ({ kind: 'choose', options: listOwnSans(task), ordered: true }),
  judge: judgeOrder,
  measure: measureMate,
  hints: hintMan,
});

export const HABITS = ['last-square', 'whole-line', 'right-order'] as const;
export type Habit = (typeof HABITS)[number];

/**
 * A stored puzzle to be answered in another way; undefined where that asks for nothing: of one move there is no order, nor of two that
 * are written alike.
 */
export function makeHabitTask(
  habit: Habit,
  task: MateTask,
  graph: SolutionGraph,
): OrderTask | HabitTask | undefined {
  const made: HabitTask = { ...task, graph };
  if (habit !== 'right-order') return habit === 'whole-line' && task.mateInMoves < 2 ? undefined : made;
  const sans = listOwnSans(made);
  // In the order of the alphabet, which tells nothing, unless it is the right one.
  const sorted = sans.toSorted();
  const ordered = { ...made, shown: sorted.join() === sans.join() ? sorted.toReversed() : sorted };
  return rightOrderFamily.isTask(ordered) ? ordered : undefined;
}

/** The own moves of the main line, in SAN without the signs that would tell which one is the last. */
export function listOwnSans(task: HabitTask): string[] {
  let position = getPosition(task.fen);
  return mateFamily.solution(mateTaskOf(task), task.graph).flatMap((text, ply) => {
    const move = findLegalMove(position, text);
    if (move === undefined) return [];
    const san = makeSan(position, move);
    position = playMove(position, move);
    return ply % 2 === 0 ? [san.replace(/[+#]$/, '')] : [];
  });
}

/** Plays the order out against a longest defence. */
function judgeOrder(task: OrderTask, { options }: AnswerOf<'choose'>): Verdict {
  const moves: MoveText[] = [];
  let position = getHome(task.fen);
  for (const san of options) {
    const move = parseSan(position, san);
    if (
      !move.ok ||
      !listLegalMoves(position).some((legal) => makeMoveText(legal) === makeMoveText(move.value))
    ) {
      return wrongFor([{ code: 'cannot-yet', san }]);
    }
    moves.push(makeMoveText(move.value));
    const after = playMove(position, move.value);
    const response = mateFamily.respond(mateTaskOf(task), task.graph, moves);
    if (response.kind === 'reply') {
      const next = playText(after, response.move);
      if (next === undefined) throw new Error('a stored reply is legal');
      moves.push(response.move);
      position = next;
      continue;
    }
    if (response.verdict.outcome === 'right') return RIGHT;
    return { ...response.verdict, ...asNotes(noteOfMove(position, san, after, response.verdict)) };
  }
  return wrongFor([{ code: 'line-too-short', moves: moves.length }]);
}
