/**
 * A forced mate with its stored proof, answered not move by move but at once: thinking before moving (common practice). The proof is part of
 * the task, so that judging needs no search.
 */
import { z } from 'zod/mini';
import { getPosition, makeSan, parseMoveText, type MoveText } from '../../../notation';
import { solutionGraphSchema, splitLine, type SolutionGraph } from '../../../puzzles';
import { playMove, type Position } from '../../../rules';
import { findLegalMove, positionTextSchema } from '../../family/legalTask';
import type { FamilyNote } from '../../family/note';
import type { Verdict } from '../../family/verdict';
import { getAskedLength, MATE_COUNTS, mateFamily, type MateTask } from './mate';
import type { NotLegalNote } from '../../answers/firstMove';

export const habitShape = z.object({
  fen: positionTextSchema,
  mateInMoves: z.int().check(z.positive()),
  mateNoBlocks: z.optional(z.int().check(z.positive())),
  count: z.optional(z.enum(MATE_COUNTS)),
  graph: solutionGraphSchema,
});

export type HabitTask = z.infer<typeof habitShape>;

export const PARTS = {
  version: 1,
  stage: 'forced-mates',
  levels: 3,
} as const;

/** Longer and fuller is harder. */
export function measureMate(task: HabitTask): number {
  const position = getPosition(task.fen);
  const men = position.board.filter((man) => man !== undefined).length;
  return 30 * getAskedLength(mateTaskOf(task)) + men;
}

export function mateTaskOf({ fen, mateInMoves, mateNoBlocks, count }: HabitTask): MateTask {
  return {
    fen,
    mateInMoves,
    ...(mateNoBlocks === undefined ? {} : { mateNoBlocks }),
    ...(count === undefined ? {} : { count }),
  };
}

export const askOf = (task: HabitTask) => {
  const { turn } = getPosition(task.fen);
  return { turn, moves: getAskedLength(mateTaskOf(task)) };
};

/** One man a right first move begins with. */
export function hintMan(task: HabitTask) {
  const first = parseMoveText(mateFamily.findRightMove(mateTaskOf(task), task.graph, []) ?? '');
  return first === undefined ? [] : [{ kind: 'man' as const, square: first.from }];
}

export function asNotes<Note extends FamilyNote>(note: Note): Pick<Verdict<Note>, 'notes' | 'diagnoses'> {
  return { notes: [note], diagnoses: [note.code] };
}

/** The graph of the club's own count. */
export function countedGraph({ graph, count }: HabitTask): Pick<SolutionGraph, 'nodes'> {
  return count === 'no-blocks' ? (graph.blockless ?? graph) : graph;
}

/** A line is counted from its own first move, whatever number the position has in its game. */
export const getHome = (fen: string): Position => ({ ...getPosition(fen), fullmoves: 1 });

interface LineBreaksNote {
  readonly code: 'line-breaks';
  /** "2." or "2...". */
  readonly number: string;
  readonly san: string;
  readonly reply: string | undefined;
}
export type BreakNote = NotLegalNote | LineBreaksNote;

/** A line or an order without its end. */
export interface TooShortNote {
  readonly code: 'line-too-short';
  readonly moves: number;
}

/** Where the line breaks: the move, and what answers it. */
export function noteBreak(fen: string, moves: readonly MoveText[], ply: number, verdict: Verdict): BreakNote {
  const place = moves.slice(0, ply).reduce<Position | undefined>(playText, getHome(fen));
  const move = place && findLegalMove(place, moves[ply] ?? '');
  if (place === undefined || move === undefined) return { code: 'not-a-legal-move' };
  return noteOfMove(place, makeSan(place, move), playMove(place, move), verdict);
}

export function noteOfMove(place: Position, san: string, after: Position, { fate }: Verdict): LineBreaksNote {
  const [first] = fate === undefined ? [] : splitLine(fate.line);
  const reply = first === undefined ? undefined : findLegalMove(after, first);
  const number = `${place.fullmoves}${place.turn === 'white' ? '.' : '...'}`;
  return { code: 'line-breaks', number, san, reply: reply && makeSan(after, reply) };
}

export function playText(place: Position | undefined, text: MoveText): Position | undefined {
  const move = place && findLegalMove(place, text);
  return place === undefined || move === undefined ? undefined : playMove(place, move);
}
