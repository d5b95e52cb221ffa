/**
 * The play of one task, as a pure reducer: the student's moves, the app's replies, the question which of two squares was meant, the steps of
 * help, and what ended it. What is right is asked of the family through `PlayJudge`; nothing here knows what the task is about.
 */
import type { TaskResponse, Verdict } from '@/core/exercises';
import { getMove, type MoveText } from '@/core/notation';
import type { Move } from '@/core/rules';
import type { HelpStep } from '@/text';

export interface PlayJudge {
  respond(moves: readonly MoveText[]): TaskResponse;
  /** A right move after these; undefined when they have left the right way. */
  findRightMove(moves: readonly MoveText[]): MoveText | undefined;
  /** The steps of help towards that move, the smallest first. */
  readonly helpSteps: readonly HelpStep[];
}

export type PlayPhase =
  | { readonly kind: 'thinking' }
  /** The piece was let go between two squares it can go to: the student says which one was meant. Asked whatever is right. */
  | { readonly kind: 'asking'; readonly move: MoveText; readonly other: MoveText }
  | { readonly kind: 'ended'; readonly verdict: Verdict; readonly isToldWhole: boolean }
  /** The solution is played on the board: the way on after honest tries. */
  | { readonly kind: 'shown' };

export interface PlayState {
  /** Both sides' moves on the board; after a wrong end the refutation stands last. */
  readonly moves: readonly MoveText[];
  readonly phase: PlayPhase;
  /** Moves the hand put on the square beside the one that was meant. */
  readonly slips: number;
  /** Tries that ended wrong. */
  readonly misses: number;
  /** Steps of help taken in the whole task. */
  readonly hints: number;
  /** Steps of help that are open at this point. */
  readonly help: number;
}

export type PlayAction =
  | { readonly kind: 'play'; readonly move: MoveText }
  | { readonly kind: 'ask'; readonly move: MoveText; readonly other: MoveText }
  /** The answer to the question which square was meant. */
  | { readonly kind: 'choose'; readonly move: MoveText }
  /** The rest of the line that refutes the move. */
  | { readonly kind: 'tellWhole' }
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
  help: 0,
};

/** Honest tries before the solution is offered. */
const TRIES_BEFORE_SHOWN = 2;
/** Of a line that refutes the move the student sees so many moves at once; the rest when they ask. */
const TOLD_AT_ONCE = 1;

/** May the student ask to be shown how it goes? */
export function canBeShown({ phase, misses }: PlayState): boolean {
  const isOpen = phase.kind === 'thinking' || (phase.kind === 'ended' && phase.verdict.outcome === 'wrong');
  return isOpen && misses >= TRIES_BEFORE_SHOWN;
}

/** How many of the moves are to be seen on the board by now. */
export function countSeen({ moves, phase }: PlayState): number {
  if (phase.kind !== 'ended' || phase.isToldWhole) return moves.length;
  return moves.length - Math.max(0, phase.verdict.refutation.length - TOLD_AT_ONCE);
}

/** The help that is open now: its last step, and the right move it leads to. */
export function findOpenHelp(
  { phase, moves, help }: PlayState,
  judge: PlayJudge,
): { readonly step: HelpStep; readonly move: Move } | undefined {
  const step = judge.helpSteps[help - 1];
  const move = phase.kind === 'thinking' && step !== undefined ? judge.findRightMove(moves) : undefined;
  return step === undefined || move === undefined ? undefined : { step, move: getMove(move) };
}

/** The step of help that may be asked for next. */
export function findNextHelp({ phase, moves, help }: PlayState, judge: PlayJudge): HelpStep | undefined {
  if (phase.kind !== 'thinking' || judge.findRightMove(moves) === undefined) return undefined;
  return judge.helpSteps[help];
}

export function reducePlay(state: PlayState, action: PlayAction, judge: PlayJudge): PlayState {
  const { phase } = state;
  switch (action.kind) {
    case 'play':
      return phase.kind === 'thinking' ? playMoveText(state, action.move, judge) : state;
    case 'ask':
      if (phase.kind !== 'thinking') return state;
      return { ...state, phase: { kind: 'asking', move: action.move, other: action.other } };
    case 'choose': {
      if (phase.kind !== 'asking') return state;
      const slips = state.slips + (action.move === phase.other ? 1 : 0);
      return playMoveText({ ...state, slips, phase: { kind: 'thinking' } }, action.move, judge);
    }
    case 'tellWhole':
      return phase.kind === 'ended' ? { ...state, phase: { ...phase, isToldWhole: true } } : state;
    case 'again':
      if (phase.kind !== 'ended' || phase.verdict.outcome !== 'wrong') return state;
      return {
        ...state,
        moves: state.moves.slice(0, phase.verdict.wrongPly ?? 0),
        phase: { kind: 'thinking' },
        help: 0,
      };
    case 'home':
      return { ...state, moves: [], phase: { kind: 'thinking' }, help: 0 };
    case 'hint':
      return findNextHelp(state, judge) === undefined
        ? state
        : { ...state, hints: state.hints + 1, help: state.help + 1 };
    case 'show':
      return canBeShown(state)
        ? { ...state, moves: action.line, phase: { kind: 'shown' }, hints: state.hints + 1, help: 0 }
        : state;
  }
}

function playMoveText(state: PlayState, move: MoveText, judge: PlayJudge): PlayState {
  const moves = [...state.moves, move];
  const next = { ...state, moves, help: 0 };
  const response = judge.respond(moves);
  if (response.kind === 'reply') return { ...next, moves: [...moves, response.move] };
  const { verdict } = response;
  switch (verdict.outcome) {
    case 'unfinished':
      return next;
    case 'right':
      return { ...next, phase: { kind: 'ended', verdict, isToldWhole: true } };
    case 'wrong':
      return {
        ...next,
        moves: [...moves, ...verdict.refutation],
        phase: { kind: 'ended', verdict, isToldWhole: false },
        misses: state.misses + 1,
      };
  }
}

/** The student's answer without the refutation, as it is stored and judged. */
export function answerMoves({ moves, phase }: PlayState): readonly MoveText[] {
  const shown = phase.kind === 'ended' ? phase.verdict.refutation.length : 0;
  return moves.slice(0, moves.length - shown);
}
