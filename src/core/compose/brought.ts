/**
 * The coach's own board. A family composes fresh boards, and it says what it can ask of this one, or why it cannot: every question that fits
 * a fresh board can also be asked of the coach's.
 */
import { opponentOf, type Man, type Square, type ValueScale } from '../board';
import { makeFen, makeMoveText, type MoveText } from '../notation';
import {
  checkPosition,
  findCaptured,
  listLegalMoves,
  type Move,
  type Position,
  type PositionDraft,
} from '../rules';

/** Points for the pieces, as the club counts. */
type Points = ValueScale & { readonly king: 0 };

export interface BroughtBoard {
  /** As it stands, legal or not; who is to move is part of it. */
  readonly draft: PositionDraft;
  readonly fen: string;
  /** The same as a position of a game; undefined where the rules forbid it, kings missing say. */
  readonly position: Position | undefined;
  /** The squares the coach has chosen, in this order: the piece that is asked about first, then where it is to go or what it is to attack. */
  readonly chosen: readonly Square[];
  /** The moves the coach has chosen, from this board on; the first is the one that is asked about. */
  readonly line: readonly MoveText[];
  readonly values: Points;
}

/** What a family can ask of a board; it may search, as composing may. */
export type Fits<Task> = (brought: BroughtBoard) => Fit<Task>;

/** The coach's board with what was chosen on it; a square chosen twice counts once. */
export function bringBoard(
  draft: PositionDraft,
  values: Points,
  { chosen = [], line = [] }: Partial<Pick<BroughtBoard, 'chosen' | 'line'>> = {},
): BroughtBoard {
  const checked = checkPosition(draft);
  return {
    draft,
    fen: makeFen(draft),
    position: checked.ok ? checked.value : undefined,
    chosen: [...new Set(chosen)],
    line,
    values,
  };
}

/** Why a family asks nothing of a board. */
export const MISFITS = [
  /** It is about no position: it makes its own boards. */
  'own-boards',
  /** It needs a position of a game: both kings, and the rules kept. */
  'needs-game',
  /** A piece of the side to move has to be chosen. */
  'needs-piece',
  /** After the piece, a square or several have to be chosen. */
  'needs-target',
  /** Any square has to be chosen. */
  'needs-square',
  /** A move has to be chosen. */
  'needs-move',
  /** Several moves have to be chosen. */
  'needs-line',
  /** The side to move has to be in check. */
  'needs-check',
  /** The position has to be checkmate. */
  'needs-mate',
  /** A mate has to be proved first. */
  'needs-proof',
  /** What becomes of every move would have to be worked out first. */
  'needs-fates',
  /** The game before this position would have to be known. */
  'needs-story',
  /** There is nothing of the kind here, or more than one answer would be right. */
  'nothing-here',
] as const;
export type Misfit = (typeof MISFITS)[number];

/** What a family can ask of a board: at least one task, or why it has none. */
export type Fit<Task> =
  | { readonly kind: 'fits'; readonly tasks: readonly Task[] }
  | { readonly kind: 'misfit'; readonly why: Misfit };

export function misfit(why: Misfit): Extract<Fit<never>, { kind: 'misfit' }> {
  return { kind: 'misfit', why };
}

export function fitting<Task>(...tasks: readonly Task[]): Fit<Task> {
  return { kind: 'fits', tasks };
}

/** A task of the position alone. */
export const fitsAnyGame = ({ fen, position }: BroughtBoard): Fit<{ readonly fen: string }> =>
  position === undefined ? misfit('needs-game') : fitting({ fen });

/** The chosen piece, where the side to move has one on the first chosen square. */
export function findChosenMan({ draft, chosen }: BroughtBoard): { square: Square; man: Man } | undefined {
  const [square] = chosen;
  const man = square === undefined ? undefined : draft.board[square];
  return square === undefined || man?.side !== draft.turn ? undefined : { square, man };
}

/** The legal moves that are asked about: the chosen one, or all of this kind where none was chosen. */
export function listChosenMoves(
  { position, line }: BroughtBoard,
  isOfKind: (position: Position, move: Move) => boolean = () => true,
): MoveText[] {
  if (position === undefined) return [];
  const [first] = line;
  return listLegalMoves(position)
    .filter((move) => (first === undefined || makeMoveText(move) === first) && isOfKind(position, move))
    .map(makeMoveText);
}

/** Does the move capture? */
export const isCapture = (position: Position, move: Move) => findCaptured(position, move) !== undefined;

/** The same board with the other side to move. */
export const makeTurnedFen = (draft: PositionDraft): string =>
  makeFen({ ...draft, turn: opponentOf(draft.turn), enPassant: undefined });
