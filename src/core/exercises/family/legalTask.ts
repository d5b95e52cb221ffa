import { z } from 'zod/mini';
import {
  findPosition,
  getPosition,
  makeMoveText,
  makeSan,
  parseMoveText,
  type MoveText,
} from '../../notation';
import { isSameMove, listCheckers, listLegalMoves, playMove, type Move, type Position } from '../../rules';
import { sceneOf } from './lessonBoard';
import type { Scene } from './question';

/** A position of a game as FEN text. */
export const positionTextSchema = z
  .string()
  .check(z.refine((text) => findPosition(text) !== undefined, 'not a position'));

/** The position as the side to move sees it. */
export function sceneOfPosition(fen: string, given: Partial<Scene> = {}): Scene {
  const position = getPosition(fen);
  return sceneOf(position, { bottom: position.turn, ...given });
}

/** The legal move of this text; undefined when there is none. */
export function findLegalMove(position: Position, text: MoveText): Move | undefined {
  const move = parseMoveText(text);
  return move && listLegalMoves(position).find((legal) => isSameMove(legal, move));
}

/** Does the move give mate? */
export function isMatingMove(position: Position, move: Move): boolean {
  const after = playMove(position, move);
  return listCheckers(after).length > 0 && listLegalMoves(after).length === 0;
}

/** The moves that give mate at once. */
export function listMatingMoves(position: Position): Move[] {
  return listLegalMoves(position).filter((move) => isMatingMove(position, move));
}

export function toSans(position: Position, moves: readonly Move[]): string[] {
  return moves.map((move) => makeSan(position, move));
}

export function toTexts(moves: readonly Move[]): MoveText[] {
  return moves.map(makeMoveText);
}
