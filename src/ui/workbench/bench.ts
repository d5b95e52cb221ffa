/**
 * What a coach's board stands at, on the Desk and in front of a class: what the hand does, the position that is set up, the line that is
 * shown and the moves made by hand, and how far on the board is. A pure reducer: what an action forgets is decided here, in one place. Where
 * a board begins (a stop of the plan, what is set up at the Desk) and the line that belongs to it are given from outside, see `viewBench`.
 */
import type { Man } from '@/core/board';
import { makeFen, parseFen } from '@/core/notation';
import { EMPTY_DRAFT, type PositionDraft } from '@/core/rules';
import { reducePosition, startPosition, type PositionEdit, type PositionState } from './positionState';
import { playLine, type PlayedLine, type ShownLine } from './shownLine';
import type { Refusal, StudyStep } from './study';

/** What the coach's hand does on the board. */
export type Hand = 'sets-up' | 'moves' | 'draws';

/** What a tap on a square puts there: a man, nothing (the square is cleared), or undefined = the hand moves men. */
export type Tool = { readonly kind: 'man'; readonly man: Man } | { readonly kind: 'empty' } | undefined;

/** A row of moves, and how many of them are on the board. */
interface Reached {
  readonly steps: readonly StudyStep[];
  readonly ply: number;
}

export interface BenchState {
  readonly hand: Hand;
  /** What is put on the board while a position is set up. */
  readonly tool: Tool;
  readonly setUp: PositionState;
  /** A position set up or kept by hand, in the place of the given one. */
  readonly own: PositionDraft | undefined;
  /** A line that was chosen, in the place of the given one. */
  readonly chosen: ShownLine | undefined;
  /** Moves made by hand, after those of the line they began in; empty: none. */
  readonly byHand: readonly StudyStep[];
  readonly ply: number;
  readonly refusal: Refusal | undefined;
  /** Where a line that is played out left the one before it. */
  readonly left: Reached | undefined;
}

export type BenchAction =
  /** `from`: what is set up begins with this position; without it, with what was set up last. */
  | { readonly kind: 'hand'; readonly hand: Hand; readonly from?: PositionDraft }
  | { readonly kind: 'tool'; readonly tool: Tool }
  | { readonly kind: 'edit'; readonly edit: PositionEdit }
  /** A move by hand: the moves on the board with it. */
  | { readonly kind: 'moved'; readonly steps: readonly StudyStep[] }
  | { readonly kind: 'refused'; readonly refusal: Refusal }
  | { readonly kind: 'ply'; readonly ply: number }
  /** Puts a line on the board, at its end. */
  | { readonly kind: 'show'; readonly line: ShownLine }
  /** Puts a line on the board, its first move made. Where it begins in the middle of what is shown, that is kept for the way back. */
  | { readonly kind: 'play-out'; readonly line: ShownLine; readonly view: BenchView }
  /** Back to where a line that was played out began, else to the home position. */
  | { readonly kind: 'home' }
  /** What is shown becomes the home position. */
  | { readonly kind: 'keep'; readonly draft: PositionDraft }
  /** The home position with nothing played. */
  | { readonly kind: 'forget' }
  /** Another board is opened: nothing of this one stays. */
  | { readonly kind: 'open' };

const NOTHING_PLAYED = {
  chosen: undefined,
  byHand: [],
  ply: 0,
  refusal: undefined,
  left: undefined,
} satisfies Partial<BenchState>;

export function startBench(start: Partial<BenchState> = {}): BenchState {
  return {
    hand: 'moves',
    tool: undefined,
    setUp: startPosition(''),
    own: undefined,
    ...NOTHING_PLAYED,
    ...start,
  };
}

export function reduceBench(state: BenchState, action: BenchAction): BenchState {
  switch (action.kind) {
    case 'hand':
      return takeHand(state, action.hand, action.from);
    case 'tool':
      return { ...state, tool: action.tool };
    case 'edit':
      return { ...state, ...NOTHING_PLAYED, own: undefined, setUp: reducePosition(state.setUp, action.edit) };
    case 'moved':
      return { ...state, byHand: action.steps, ply: action.steps.length, refusal: undefined };
    case 'refused':
      return { ...state, refusal: action.refusal };
    case 'ply':
      return { ...state, ply: action.ply };
    case 'show':
      return { ...state, ...NOTHING_PLAYED, chosen: action.line, ply: action.line.moves.length };
    case 'play-out':
      return playOut(state, action.line, action.view);
    case 'home': {
      const { left } = state;
      return { ...state, ...NOTHING_PLAYED, ...(left && { byHand: left.steps, ply: left.ply }) };
    }
    case 'keep':
      return { ...state, ...NOTHING_PLAYED, own: action.draft };
    case 'forget':
      return { ...state, ...NOTHING_PLAYED };
    case 'open':
      return { ...state, ...NOTHING_PLAYED, own: undefined, hand: 'moves', tool: undefined };
  }
}

/** Only what is set up changes the board: a hand that draws leaves what is shown as it is. */
function takeHand(state: BenchState, hand: Hand, from: PositionDraft | undefined): BenchState {
  const taken = { ...state, hand, tool: undefined };
  if (hand === state.hand) return taken;
  if (hand === 'sets-up') {
    if (from === undefined) return { ...taken, byHand: [], ply: 0, refusal: undefined };
    return { ...taken, ...NOTHING_PLAYED, setUp: reducePosition(state.setUp, { kind: 'load', draft: from }) };
  }
  return state.hand === 'sets-up' ? { ...taken, own: state.setUp.draft } : taken;
}

function playOut(state: BenchState, line: ShownLine, { home, lineSteps }: BenchView): BenchState {
  const from = state.left?.steps ?? state.byHand;
  const before = from.length > 0 ? from : lineSteps;
  const at = [home, ...before.map(({ after }) => after)].findIndex((place) => makeFen(place) === line.fen);
  if (at > 0) {
    const byHand = [...before.slice(0, at), ...playLine(line).steps];
    return { ...state, ...NOTHING_PLAYED, left: { steps: from, ply: at }, byHand, ply: at + 1 };
  }
  const played = { ...state, ...NOTHING_PLAYED, chosen: line, ply: 1 };
  return at < 0 ? { ...played, own: draftOf(line.fen) } : played;
}

function draftOf(fen: string): PositionDraft {
  const draft = parseFen(fen);
  return draft.ok ? draft.value : EMPTY_DRAFT;
}

/** Where a board begins, and the line that belongs to it. */
export interface BenchGiven {
  readonly home: PositionDraft;
  readonly line: ShownLine | undefined;
}

/** What is seen of a bench. */
export interface BenchView {
  readonly home: PositionDraft;
  /** The line that was chosen, or the given one. */
  readonly line: ShownLine | undefined;
  readonly lineSteps: readonly StudyStep[];
  /** The moves that can be stepped through: those made by hand where there are any, else the line's. */
  readonly steps: readonly StudyStep[];
  readonly shown: PositionDraft;
  readonly ply: number;
  readonly isHome: boolean;
  /** Said as long as the board it was about is shown. */
  readonly refusal: Refusal | undefined;
}

/** The home position of a bench. */
export function homeOf({ hand, setUp, own }: BenchState, given: PositionDraft): PositionDraft {
  return hand === 'sets-up' ? setUp.draft : (own ?? given);
}

/** `played` is the line that is shown, played out: whoever asks often keeps it. */
export function viewBench(state: BenchState, given: BenchGiven, played: PlayedLine): BenchView {
  const { byHand, ply, chosen, refusal } = state;
  const home = homeOf(state, given.home);
  const steps = byHand.length > 0 ? byHand : played.steps;
  const shown = (ply > 0 ? (steps[ply - 1]?.after ?? played.start) : undefined) ?? home;
  return {
    home,
    line: chosen ?? given.line,
    lineSteps: played.steps,
    steps,
    shown,
    ply,
    isHome: ply === 0,
    refusal: refusal?.place === shown ? refusal : undefined,
  };
}
