/**
 * The men given up on the way to a mate, and what for: read off a line of both sides that ends in mate. A man is given up when the
 * very next move takes it and it was worth more than what it took.
 */
import { MAN_VALUES, opponentOf, type Role, type Square } from '../board';
import { findCaptured, listAttackers, listBetween, playMove, type Move, type Position } from '../rules';
import { tellMate, type PatternRoles } from './recognise';

export type SacrificeAim =
  /** The king itself had to take, and stands on the square where it is mated or on its way there. */
  | { readonly kind: 'lures-king'; readonly to: Square }
  /** What took stands next to its king and takes a square from it. */
  | { readonly kind: 'blocks'; readonly square: Square; readonly role: Role }
  /** What took has left the line on which the last check comes, or what was taken had stood on it. */
  | { readonly kind: 'opens-line'; readonly squares: readonly Square[] }
  /** What took no longer guards the square on which mate is given. */
  | { readonly kind: 'removes-guard'; readonly square: Square }
  /** None of these. */
  | { readonly kind: 'other' };

export interface Sacrifice {
  /** Half-moves before it. */
  readonly ply: number;
  readonly role: Role;
  readonly square: Square;
  readonly takenBy: Role;
  readonly aim: SacrificeAim;
}

/** The sacrifices of the side to move along a line that ends in mate; none of a line that does not. */
export function findSacrifices(home: Position, line: readonly Move[]): Sacrifice[] {
  const places = line.reduce<Position[]>(
    (before, move) => [...before, playMove(before.at(-1) ?? home, move)],
    [home],
  );
  const end = places.at(-1);
  const roles = end && tellMate(end);
  if (roles === undefined) return [];
  return line.flatMap((move, ply): Sacrifice[] => {
    const before = places[ply];
    const after = places[ply + 1];
    const reply = line[ply + 1];
    if (ply % 2 === 1 || before === undefined || after === undefined || reply?.to !== move.to) return [];
    const given = after.board[move.to]?.role;
    const taker = after.board[reply.from]?.role;
    if (given === undefined || taker === undefined) return [];
    const won = findCaptured(before, move);
    if (MAN_VALUES[given] <= (won === undefined ? 0 : MAN_VALUES[won.role])) return [];
    const last = line.at(-1);
    const aim = findAim({ before, after, move, reply, taker, end: roles, last, final: end });
    return [{ ply, role: given, square: move.to, takenBy: taker, aim }];
  });
}

function findAim(at: {
  readonly before: Position;
  readonly after: Position;
  readonly move: Move;
  readonly reply: Move;
  readonly taker: Role;
  readonly end: PatternRoles;
  readonly last: Move | undefined;
  readonly final: Position | undefined;
}): SacrificeAim {
  const { before, after, move, reply, taker, end, last, final } = at;
  if (taker === 'king') return { kind: 'lures-king', to: reply.to };
  const stays = final?.board[reply.to] === after.board[reply.from];
  if (stays && end.blockers.includes(reply.to)) return { kind: 'blocks', square: reply.to, role: taker };
  const line = [...end.line, ...(last === undefined ? [] : listBetween(last.from, last.to))];
  const isOpened =
    line.includes(reply.from) || (line.includes(move.to) && before.board[move.to] !== undefined);
  if (isOpened) return { kind: 'opens-line', squares: end.line };
  const mating = last?.to;
  // Of the man that took: it guarded that square where it stood, and does not where it stands now.
  const guards = (place: Position, from: Square) =>
    mating !== undefined && listAttackers(place.board, mating, opponentOf(before.turn)).includes(from);
  return mating !== undefined &&
    reply.to !== mating &&
    guards(after, reply.from) &&
    !guards(playMove(after, reply), reply.to)
    ? { kind: 'removes-guard', square: mating }
    : { kind: 'other' };
}
