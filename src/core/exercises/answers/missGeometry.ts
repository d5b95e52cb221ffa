/**
 * Why a right move is hard to see (common practice: the same few shapes are overlooked again and again). Each wrong answer is tagged with
 * the shapes that every right move here has, so that over a term it can be told what to teach.
 */
import { fileOf, rankOf, type Role, type Square } from '../../board';
import { findCaptured, listCheckers, playMove, type Move, type Position } from '../../rules';
import { findManBetween } from '../family/lessonBoard';
import type { FamilyNote } from '../family/note';
import { MISS_GEOMETRIES, type MissGeometry, type Verdict } from '../family/verdict';

/** Steps from which on a diagonal is long. */
const LONG_STEPS = 4;

/** The shapes that all of these moves share; none when there is nothing to miss. */
export function listSharedGeometry(position: Position, moves: readonly Move[]): MissGeometry[] {
  if (moves.length === 0) return [];
  const each = moves.map((move) => listGeometry(position, move));
  return MISS_GEOMETRIES.filter((one) => each.every((shapes) => shapes.includes(one)));
}

/** The verdict on a wrong move with the shapes of the right ones. */
export function tagMiss<Note extends FamilyNote>(
  verdict: Verdict<Note>,
  position: Position,
  right: readonly Move[],
): Verdict<Note> {
  return { ...verdict, diagnoses: [...verdict.diagnoses, ...listSharedGeometry(position, right)] };
}

/** The shapes of one legal move. */
export function listGeometry(position: Position, move: Move): MissGeometry[] {
  const { board, turn } = position;
  const { from, to } = move;
  const role = board[from]?.role;
  const shapes: MissGeometry[] = [];
  if (role === 'knight') shapes.push('miss-knight');
  const forward = turn === 'white' ? 1 : -1;
  if (role !== 'king' && (rankOf(to) - rankOf(from)) * forward < 0) shapes.push('miss-backward');
  const files = Math.abs(fileOf(to) - fileOf(from));
  const isSlant = files === Math.abs(rankOf(to) - rankOf(from));
  if (isSlant && files >= LONG_STEPS && (role === 'bishop' || role === 'queen'))
    shapes.push('miss-long-diagonal');
  if (findCaptured(position, move) !== undefined && board[to] === undefined) shapes.push('miss-en-passant');
  if (listCheckers(playMove(position, move)).some((square) => square !== to)) shapes.push('miss-discovered');
  if (isBackedFromBehind(position, move)) shapes.push('miss-behind');
  return shapes;
}

/** Does an own man stand behind the one that moves, on the line it moves along, and help from there? */
function isBackedFromBehind(position: Position, { from, to }: Move): boolean {
  const { board, turn } = position;
  const isStraight = fileOf(from) === fileOf(to) || rankOf(from) === rankOf(to);
  const helpers: readonly Role[] = isStraight ? ['rook', 'queen'] : ['bishop', 'queen'];
  return board.some(
    (man, square) =>
      man?.side === turn &&
      square !== from &&
      helpers.includes(man.role) &&
      isBehind(square, from, to) &&
      findManBetween(position, square, from) === undefined,
  );
}

/** On one line, in this order: the square, from, to. */
function isBehind(square: Square, from: Square, to: Square): boolean {
  const [files, ranks] = [fileOf(to) - fileOf(from), rankOf(to) - rankOf(from)];
  const [backFiles, backRanks] = [fileOf(from) - fileOf(square), rankOf(from) - rankOf(square)];
  const isLine = files === 0 || ranks === 0 || Math.abs(files) === Math.abs(ranks);
  const isSameWay = Math.sign(files) === Math.sign(backFiles) && Math.sign(ranks) === Math.sign(backRanks);
  const isBackLine = backFiles === 0 || backRanks === 0 || Math.abs(backFiles) === Math.abs(backRanks);
  return isLine && isSameWay && isBackLine;
}
