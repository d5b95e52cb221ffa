/** A position that is set up by hand, and its history: a pure reducer, so that every edit can be undone and tested without a screen. */
import { getMan, type Man, type Side, type Square } from '@/core/board';
import { parseFen } from '@/core/notation';
import {
  EMPTY_DRAFT,
  INITIAL_POSITION,
  type CastlingRights,
  type CastlingWing,
  type PositionDraft,
} from '@/core/rules';

export interface PositionState {
  readonly draft: PositionDraft;
  readonly past: readonly PositionDraft[];
  readonly future: readonly PositionDraft[];
}

export type PositionEdit =
  | { readonly kind: 'put'; readonly square: Square; readonly man: Man }
  | { readonly kind: 'take'; readonly square: Square }
  | { readonly kind: 'move'; readonly from: Square; readonly to: Square }
  | { readonly kind: 'turn'; readonly turn: Side }
  | {
      readonly kind: 'castling';
      readonly side: Side;
      readonly wing: CastlingWing;
      readonly isAllowed: boolean;
    }
  | { readonly kind: 'passed'; readonly square: Square | undefined }
  | { readonly kind: 'load'; readonly draft: PositionDraft }
  | { readonly kind: 'clear' }
  | { readonly kind: 'start' }
  | { readonly kind: 'undo' }
  | { readonly kind: 'redo' };

/** Steps back that are kept. */
const MOST_STEPS = 200;

/** The position of a FEN, or an empty board. */
export function startPosition(fen: string): PositionState {
  const draft = parseFen(fen);
  return { draft: draft.ok ? draft.value : EMPTY_DRAFT, past: [], future: [] };
}

export function reducePosition(state: PositionState, action: PositionEdit): PositionState {
  switch (action.kind) {
    case 'undo': {
      const draft = state.past.at(-1);
      if (draft === undefined) return state;
      return { draft, past: state.past.slice(0, -1), future: [state.draft, ...state.future] };
    }
    case 'redo': {
      const [draft, ...future] = state.future;
      if (draft === undefined) return state;
      return { draft, past: [...state.past, state.draft], future };
    }
    default: {
      const draft = editDraft(state.draft, action);
      if (draft === state.draft) return state;
      return { draft, past: [...state.past, state.draft].slice(-MOST_STEPS), future: [] };
    }
  }
}

function editDraft(
  draft: PositionDraft,
  action: Exclude<PositionEdit, { kind: 'undo' | 'redo' }>,
): PositionDraft {
  switch (action.kind) {
    case 'put':
      if (draft.board[action.square] === action.man) return draft;
      return withMen(draft, [[action.square, action.man]]);
    case 'take':
      if (draft.board[action.square] === undefined) return draft;
      return withMen(draft, [[action.square, undefined]]);
    case 'move':
      if (action.from === action.to) return draft;
      return withMen(draft, [
        [action.from, undefined],
        [action.to, draft.board[action.from]],
      ]);
    case 'turn':
      return draft.turn === action.turn ? draft : { ...draft, turn: action.turn, enPassant: undefined };
    case 'castling': {
      const side = { ...draft.castling[action.side], [action.wing]: action.isAllowed };
      return { ...draft, castling: { ...draft.castling, [action.side]: side } };
    }
    case 'passed':
      return { ...draft, enPassant: action.square };
    case 'load':
      return action.draft;
    case 'clear':
      return { ...EMPTY_DRAFT, turn: draft.turn };
    case 'start':
      return INITIAL_POSITION;
  }
}

/** Changed men end what they contradict: a right to castle without its men, a pawn that has just passed. */
function withMen(
  draft: PositionDraft,
  changes: readonly (readonly [Square, Man | undefined])[],
): PositionDraft {
  const board = draft.board.slice();
  for (const [square, man] of changes) board[square] = man;
  const rightsOf = (side: Side) => ({
    short: draft.castling[side].short && isCastlingPossible(board, side, 'short'),
    long: draft.castling[side].long && isCastlingPossible(board, side, 'long'),
  });
  const castling: CastlingRights = { white: rightsOf('white'), black: rightsOf('black') };
  return { ...draft, board, castling, enPassant: undefined, halfmoves: 0 };
}

/** Do king and rook stand on their first squares? */
export function isCastlingPossible(board: PositionDraft['board'], side: Side, wing: CastlingWing): boolean {
  const home = side === 'white' ? 0 : 56;
  return (
    board[home + 4] === getMan(side, 'king') &&
    board[home + (wing === 'short' ? 7 : 0)] === getMan(side, 'rook')
  );
}

/** Squares a pawn of the waiting side can just have passed with a double step. */
export function listPassedSquares({ board, turn }: PositionDraft): Square[] {
  const first = turn === 'white' ? 40 : 16;
  const forward = turn === 'white' ? 8 : -8;
  const pawn = getMan(turn === 'white' ? 'black' : 'white', 'pawn');
  return Array.from({ length: 8 }, (_, file) => first + file).filter(
    (square) =>
      board[square] === undefined &&
      board[square + forward] === undefined &&
      board[square - forward] === pawn,
  );
}
