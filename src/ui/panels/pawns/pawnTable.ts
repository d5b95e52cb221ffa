/** A pawns-only game at one screen, as a pure reducer: two children, or one and the app. */
import { z } from 'zod/mini';
import type { Side } from '@/core/board';
import { makeMoveText, parseMoveText } from '@/core/notation';
import {
  choosePawnMove,
  findPawnEnd,
  listPawnMoves,
  PAWN_GOALS,
  PAWN_STRENGTHS,
  playPawnMove,
  startPawnGame,
  type PawnEnd,
  type PawnGoal,
  type PawnStrength,
} from '@/core/pawns';
import { isSameMove, type Move, type PositionDraft } from '@/core/rules';

export interface PawnRules {
  /** Who answers White's moves: another child, or the app. */
  readonly opponent: 'child' | PawnStrength;
  readonly goal: PawnGoal;
  readonly hasKings: boolean;
  /** Pawns of each side, from the a-file on. */
  readonly pawns: 3 | 5 | 8;
}

export interface PawnTableState {
  readonly rules: PawnRules;
  /** Decides among the app's equal moves. */
  readonly seed: number;
  /** Every position from the start on, the newest last. */
  readonly places: readonly PositionDraft[];
  readonly moves: readonly Move[];
}

export type PawnTableAction =
  | { readonly kind: 'begin'; readonly rules: PawnRules; readonly seed: number }
  | { readonly kind: 'move'; readonly move: Move }
  | { readonly kind: 'back' };

/** As much of a game as it takes to play it again. */
export const keptPawnGameSchema = z.object({
  rules: z.object({
    opponent: z.enum(['child', ...PAWN_STRENGTHS]),
    goal: z.enum(PAWN_GOALS),
    hasKings: z.boolean(),
    pawns: z.union([z.literal(3), z.literal(5), z.literal(8)]),
  }),
  seed: z.int(),
  moves: z.array(z.string()).check(z.maxLength(400)),
});
export type KeptPawnGame = z.infer<typeof keptPawnGameSchema>;

export function keepPawnGame({ rules, seed, moves }: PawnTableState): KeptPawnGame {
  return { rules, seed, moves: moves.map(makeMoveText) };
}

/** The game played again, up to the first move that does not fit. */
export function openKeptPawnGame({ rules, seed, moves }: KeptPawnGame): PawnTableState {
  return moves.reduce(
    (state, text) => {
      const move = parseMoveText(text);
      return move === undefined ? state : play(state, move);
    },
    beginPawnTable(rules, seed),
  );
}

/** The side the app plays. */
export const APP_SIDE: Side = 'black';

export function beginPawnTable(rules: PawnRules, seed: number): PawnTableState {
  const files = Array.from({ length: rules.pawns }, (_, file) => file + Math.floor((8 - rules.pawns) / 2));
  return { rules, seed, places: [startPawnGame(files, rules.hasKings)], moves: [] };
}

export function reducePawnTable(state: PawnTableState, action: PawnTableAction): PawnTableState {
  switch (action.kind) {
    case 'begin':
      return beginPawnTable(action.rules, action.seed);
    case 'back': {
      // Against the app its answer goes as well, so that the child is to move again.
      const answered = state.rules.opponent !== 'child' && placeOf(state).turn !== APP_SIDE ? 2 : 1;
      const left = Math.max(1, state.places.length - answered);
      return { ...state, places: state.places.slice(0, left), moves: state.moves.slice(0, left - 1) };
    }
    case 'move': {
      const after = play(state, action.move);
      return after === state ? state : answer(after);
    }
  }
}

export function placeOf({ places }: PawnTableState): PositionDraft {
  const place = places.at(-1);
  if (place === undefined) throw new Error('a game has a position');
  return place;
}

export function endOf(state: PawnTableState): PawnEnd | undefined {
  return findPawnEnd(placeOf(state), state.rules.goal);
}

function play(state: PawnTableState, move: Move): PawnTableState {
  const place = placeOf(state);
  const isAllowed =
    endOf(state) === undefined && listPawnMoves(place).some((legal) => isSameMove(legal, move));
  if (!isAllowed) return state;
  return { ...state, places: [...state.places, playPawnMove(place, move)], moves: [...state.moves, move] };
}

/** The app's move, when it is one of the two and the game goes on. */
function answer(state: PawnTableState): PawnTableState {
  const { opponent, goal } = state.rules;
  if (opponent === 'child' || endOf(state) !== undefined) return state;
  const move = choosePawnMove(placeOf(state), goal, opponent, state.seed);
  return move === undefined ? state : play(state, move);
}
