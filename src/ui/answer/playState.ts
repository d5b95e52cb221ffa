/**
 * The play of one task, as a pure reducer: the student's moves, the app's replies, the one free take-back, and what ended
 * it. What is right is asked of the family through `PlayJudge`; nothing here knows what the task is about.
 */
import type { Square } from '@/core/board';
import type { TaskResponse, Verdict } from '@/core/exercises';
import type { MoveText } from '@/core/notation';

export interface PlayJudge {
  respond(moves: readonly MoveText[]): TaskResponse;
  hint(moves: readonly MoveText[]): { readonly square: Square } | undefined;
}

export type PlayPhase =
  | { readonly kind: 'thinking' }
  /** The last move loses, but it may have slipped: it waits for the student's word. */
  | { readonly kind: 'slipped'; readonly verdict: Verdict }
  | { readonly kind: 'ended'; readonly verdict: Verdict }
  /** The solution is played on the board: the way on after honest tries. */
  | { readonly kind: 'shown' };

export interface PlayState {
  /** Both sides' moves on the board; after a wrong end the refutation stands last. */
  readonly moves: readonly MoveText[];
  readonly phase: PlayPhase;
  /** Moves taken back as slips in this task. */
  readonly slips: number;
  /** Tries that ended wrong. */
  readonly misses: number;
  readonly hints: number;
  readonly hintSquare: Square | undefined;
}

export type PlayAction =
  | { readonly kind: 'play'; readonly move: MoveText }
  | { readonly kind: 'takeBack' }
  | { readonly kind: 'keep' }
  | { readonly kind: 'again' }
  | { readonly kind: 'home' }
  | { readonly kind: 'hint' }
  /** One whole right answer, both sides' moves. */
  | { readonly kind: 'show'; readonly line: readonly MoveText[] };

export const FRESH_PLAY: PlayState = {
  moves: [],
  phase: { kind: 'thinking' },
  slips: 0,
  misses: 0,
  hints: 0,
  hintSquare: undefined,
};

/** One free take-back a task. */
const FREE_TAKE_BACKS = 1;
/** Honest tries before the solution is offered. */
const TRIES_BEFORE_SHOWN = 2;

/** May the student ask to be shown how it goes? */
export function canBeShown({ phase, misses }: PlayState): boolean {
  const isOpen = phase.kind === 'thinking' || (phase.kind === 'ended' && phase.verdict.outcome === 'wrong');
  return isOpen && misses >= TRIES_BEFORE_SHOWN;
}

export function reducePlay(state: PlayState, action: PlayAction, judge: PlayJudge): PlayState {
  switch (action.kind) {
    case 'play':
      return state.phase.kind === 'thinking' ? playMoveText(state, action.move, judge) : state;
    case 'takeBack':
      if (state.phase.kind !== 'slipped') return state;
      return {
        ...state,
        moves: state.moves.slice(0, -1),
        phase: { kind: 'thinking' },
        slips: state.slips + 1,
      };
    case 'keep':
      return state.phase.kind === 'slipped' ? endWrong(state, state.phase.verdict) : state;
    case 'again':
      if (state.phase.kind !== 'ended' || state.phase.verdict.outcome !== 'wrong') return state;
      return {
        ...state,
        moves: state.moves.slice(0, state.phase.verdict.wrongPly ?? 0),
        phase: { kind: 'thinking' },
        hintSquare: undefined,
      };
    case 'home':
      return { ...state, moves: [], phase: { kind: 'thinking' }, hintSquare: undefined };
    case 'hint': {
      const hint = state.phase.kind === 'thinking' ? judge.hint(state.moves) : undefined;
      if (hint === undefined || state.hintSquare !== undefined) return state;
      return { ...state, hints: state.hints + 1, hintSquare: hint.square };
    }
    case 'show':
      return canBeShown(state)
        ? {
            ...state,
            moves: action.line,
            phase: { kind: 'shown' },
            hints: state.hints + 1,
            hintSquare: undefined,
          }
        : state;
  }
}

function playMoveText(state: PlayState, move: MoveText, judge: PlayJudge): PlayState {
  const moves = [...state.moves, move];
  const next = { ...state, moves, hintSquare: undefined };
  const response = judge.respond(moves);
  if (response.kind === 'reply') return { ...next, moves: [...moves, response.move] };
  const { verdict, mayBeSlip } = response;
  if (verdict.outcome === 'unfinished') return next;
  if (verdict.outcome === 'right') return { ...next, phase: { kind: 'ended', verdict } };
  if (mayBeSlip && state.slips < FREE_TAKE_BACKS) return { ...next, phase: { kind: 'slipped', verdict } };
  return endWrong(next, verdict);
}

function endWrong(state: PlayState, verdict: Verdict): PlayState {
  return {
    ...state,
    moves: [...state.moves, ...verdict.refutation],
    phase: { kind: 'ended', verdict },
    misses: state.misses + 1,
  };
}

/** The student's answer without the refutation, as it is stored and judged. */
export function answerMoves({ moves, phase }: PlayState): readonly MoveText[] {
  const shown = phase.kind === 'ended' ? phase.verdict.refutation.length : 0;
  return moves.slice(0, moves.length - shown);
}
