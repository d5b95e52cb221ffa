/**
 * Family `pawn-game`: the pawns-only game against the app, won by the first pawn on the far row or by the last move. A task carries a
 * game that was won, so that every task can be; any other game that is won is as right. The replies are worked out by `pawns` in a few
 * milliseconds from the board and the seed alone; the judge checks that all moves are allowed and who has won.
 */
import { z } from 'zod/mini';
import { opponentOf, type Side } from '../../../board';
import { getDraft, makeMoveText, parseMoveText, type MoveText } from '../../../notation';
import {
  choosePawnMove,
  findPawnEnd,
  listPawnMoves,
  PAWN_GOALS,
  PAWN_STRENGTHS,
  playPawnMove,
  type PawnEnd,
  type PawnGoal,
} from '../../../pawns';
import { isSameMove, type PositionDraft } from '../../../rules';
import type { AnswerOf } from '../../family/answer';
import { defineFamily } from '../../family/family';
import { boardTextSchema, sceneOf } from '../../family/lessonBoard';
import { RIGHT, UNFINISHED, wrongFor, type Verdict } from '../../family/verdict';
import type { NotLegalNote } from '../../answers/firstMove';

export const pawnGameTaskSchema = z.object({
  /** The student is to move. */
  fen: boardTextSchema,
  goal: z.enum(PAWN_GOALS),
  strength: z.enum(PAWN_STRENGTHS),
  /** Decides among the app's equal moves. */
  seed: z.int().check(z.nonnegative()),
  /** A game that the student wins, moves of both sides. */
  won: z.array(z.string()).check(z.minLength(1)),
});

export type PawnGameTask = z.infer<typeof pawnGameTaskSchema>;

export interface PawnGameQuestion {
  readonly code: 'pawn-game';
  readonly turn: Side;
  readonly goal: PawnGoal;
}

/** How the pawns-only game has ended. */
type GameEndNote =
  | { readonly code: 'game-lost'; readonly why: PawnEnd['why']; readonly winner: Side }
  | { readonly code: 'game-drawn'; readonly why: PawnEnd['why'] };
export type PawnGameNote = NotLegalNote | GameEndNote;

export const pawnGameFamily = defineFamily<PawnGameTask, 'play', PawnGameQuestion, PawnGameNote>({
  id: 'pawn-game',
  version: 1,
  stage: 'capturing',
  skill: 'pawn-play',
  answerMode: 'play',
  levels: 5,
  taskSchema: pawnGameTaskSchema,
  question: ({ fen, goal }) => ({ code: 'pawn-game', turn: getDraft(fen).turn, goal }),
  scene({ fen }) {
    const draft = getDraft(fen);
    return sceneOf(draft, { bottom: draft.turn });
  },
  ask: ({ fen }) => ({ kind: 'play', rules: 'pawns', fen }),
  solution: ({ won }) => ({ kind: 'play', moves: won, slips: 0 }),
  judge: judgeGame,
  measure({ fen, strength }) {
    const { board } = getDraft(fen);
    const men = board.filter((man) => man !== undefined).length;
    return men + 20 * PAWN_STRENGTHS.indexOf(strength) + (board.some((man) => man?.role === 'king') ? 60 : 0);
  },
  hints: () => [],
  reply: (task, moves) => findReply(task, moves),
  listRightMoves(task, moves) {
    const place = follow(task, moves);
    const move = place && choosePawnMove(place, task.goal, 'strong', task.seed);
    return move === undefined ? [] : [makeMoveText(move)];
  },
});

/** The app's move after these. */
function findReply(task: PawnGameTask, moves: readonly MoveText[]): MoveText | undefined {
  const place = follow(task, moves);
  const move = place && choosePawnMove(place, task.goal, task.strength, task.seed);
  return move && makeMoveText(move);
}

function follow({ fen }: PawnGameTask, moves: readonly MoveText[]): PositionDraft | undefined {
  return moves.reduce<PositionDraft | undefined>(playText, getDraft(fen));
}

function playText(place: PositionDraft | undefined, text: MoveText): PositionDraft | undefined {
  const move = parseMoveText(text);
  if (place === undefined || move === undefined) return undefined;
  return listPawnMoves(place).some((legal) => isSameMove(legal, move))
    ? playPawnMove(place, move)
    : undefined;
}

function judgeGame(task: PawnGameTask, { moves }: AnswerOf<'play'>): Verdict<PawnGameNote> {
  const side = getDraft(task.fen).turn;
  let place = getDraft(task.fen);
  for (const [ply, text] of moves.entries()) {
    const after = playText(place, text);
    if (after === undefined) return { ...wrongFor([{ code: 'not-a-legal-move' }]), wrongPly: ply };
    place = after;
    const end = findPawnEnd(place, task.goal);
    // What comes after the end is of no account.
    if (end !== undefined) return verdictOf(end, side, []);
  }
  if (place.turn === side) return UNFINISHED;
  // The app's move may end the game: then there is no turn left to wait for.
  const reply = findReply(task, moves);
  const after = reply === undefined ? undefined : playText(place, reply);
  const end = after && findPawnEnd(after, task.goal);
  return end === undefined || reply === undefined ? UNFINISHED : verdictOf(end, side, [reply]);
}

function verdictOf(end: PawnEnd, side: Side, refutation: readonly MoveText[]): Verdict<GameEndNote> {
  if (end.winner === side) return RIGHT;
  const note =
    end.winner === undefined
      ? ({ code: 'game-drawn', why: end.why } as const)
      : ({ code: 'game-lost', why: end.why, winner: opponentOf(side) } as const);
  return { ...wrongFor([note]), refutation, wrongPly: 0 };
}
