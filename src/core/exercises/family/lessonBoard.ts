import { z } from 'zod/mini';
import { fileOf, rankOf, squareAt, type Role, type Square } from '../../board';
import { getDraft, parseFen } from '../../notation';
import type { PositionDraft } from '../../rules';
import type { Scene } from './question';
import type { SquareNote } from './note';

/** A board of an exercise as FEN text: kings may be missing, for it need not be a position of a game. */
export const boardTextSchema = z.string().check(z.refine((text) => parseFen(text).ok, 'not a FEN'));

/** The man on a square; the task says that one stands there. */
export function getRole({ board }: PositionDraft, square: Square): Role {
  const man = board[square];
  if (man === undefined) throw new Error('a task asks about a man that stands on its board');
  return man.role;
}

/** A board seen from White's side with letters and numbers, nothing asked about but what is given. */
export function sceneOf({ board, turn }: PositionDraft, given: Partial<Scene> = {}): Scene {
  return {
    board,
    turn,
    bottom: 'white',
    hasCoordinates: true,
    areNamesAsked: false,
    asked: [],
    trace: undefined,
    isHidden: false,
    ...given,
  };
}

/** The board as the side that is asked sees it, for tasks about men of the other side. */
export function sceneOfTheirs(fen: string): Scene {
  const draft = getDraft(fen);
  return sceneOf(draft, { bottom: draft.turn });
}

export type NotTheirsNote = SquareNote<'nobody-there' | 'own-side'>;

/** Where the men of the other side are asked about: no man stands there, or an own one; undefined when it is theirs. */
export function noteNotTheirs({ board, turn }: PositionDraft, square: Square): NotTheirsNote | undefined {
  const man = board[square];
  if (man === undefined) return { code: 'nobody-there', square };
  return man.side === turn ? { code: 'own-side', square } : undefined;
}

/** Does a man of this role go along this line, however far, on an empty board? Pawns are another matter. */
export function isOnItsWay(role: Role, from: Square, to: Square): boolean {
  const files = Math.abs(fileOf(from) - fileOf(to));
  const ranks = Math.abs(rankOf(from) - rankOf(to));
  if (files + ranks === 0) return false;
  const isStraight = files === 0 || ranks === 0;
  const isSlant = files === ranks;
  switch (role) {
    case 'rook':
      return isStraight;
    case 'bishop':
      return isSlant;
    case 'queen':
      return isStraight || isSlant;
    case 'king':
      return Math.max(files, ranks) === 1;
    case 'knight':
      return files + ranks === 3 && files > 0 && ranks > 0;
    case 'pawn':
      return false;
  }
}

/** The nearest man strictly between two squares of one line. */
export function findManBetween({ board }: PositionDraft, from: Square, to: Square): Square | undefined {
  const fileStep = Math.sign(fileOf(to) - fileOf(from));
  const rankStep = Math.sign(rankOf(to) - rankOf(from));
  let file = fileOf(from) + fileStep;
  let rank = rankOf(from) + rankStep;
  for (
    let square = squareAt(file, rank);
    square !== undefined && square !== to;
    square = squareAt(file, rank)
  ) {
    if (board[square] !== undefined) return square;
    file += fileStep;
    rank += rankStep;
  }
  return undefined;
}
