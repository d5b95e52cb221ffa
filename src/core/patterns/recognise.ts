/** Names a mate: every picture that is on the board, with the men that play its parts. */
import { opponentOf, type Square } from '../board';
import { listBetween, type Position } from '../rules';
import { PATTERNS, type PatternId } from './definitions';
import type { Form, PatternDefinition, Reading } from './form';
import { matchForm, type Cast } from './matchForm';
import { openMate, type MateBoard } from './mateBoard';

/** Who does what in a mate. */
export interface PatternRoles {
  /** The mated king. */
  readonly king: Square;
  /** The man that gives the check, its nearest helper, one more: as far as the picture names them. */
  readonly mating: Square;
  readonly supporter?: Square;
  readonly second?: Square;
  /** Squares the king could go to but for the men that guard them. */
  readonly guards: readonly { readonly square: Square; readonly by: readonly Square[] }[];
  /** Own men next to the king that take squares from it. */
  readonly blockers: readonly Square[];
  /** The squares between the checking man and the king: they had to be open. */
  readonly line: readonly Square[];
  /** Who protects the men of the picture that could be taken or have to hold: the guard of the guard. */
  readonly held: readonly { readonly square: Square; readonly by: readonly Square[] }[];
}

export interface PatternMatch<Id extends string = PatternId> {
  readonly id: Id;
  readonly reading: Reading;
  readonly roles: PatternRoles;
}

/** Strict readings first, then the more specific picture. */
function compareMatches<Id extends string>(rankOf: ReadonlyMap<Id, number>) {
  return (one: PatternMatch<Id>, other: PatternMatch<Id>) =>
    Number(one.reading === 'loose') - Number(other.reading === 'loose') ||
    (rankOf.get(one.id) ?? 0) - (rankOf.get(other.id) ?? 0);
}

/** The names of the mate on the board, the most specific first; none when the side to move is not mated. */
export function namePatterns(position: Position): PatternMatch[] {
  return matchPatterns(position, PATTERNS);
}

/** The same with any definitions, a club's own among them. */
export function matchPatterns<Id extends string>(
  position: Position,
  definitions: readonly PatternDefinition<Id>[],
): PatternMatch<Id>[] {
  const mate = openMate(position);
  if (mate === undefined) return [];
  const matches = definitions.flatMap(({ id, strict, loose }): PatternMatch<Id>[] => {
    const found = findCast(mate, 'strict', strict) ?? findCast(mate, 'loose', loose);
    return found === undefined ? [] : [{ id, reading: found.reading, roles: tellRoles(mate, found.cast) }];
  });
  return matches.sort(compareMatches(new Map(definitions.map(({ id, rank }) => [id, rank]))));
}

function findCast(mate: MateBoard, reading: Reading, forms: readonly Form[]) {
  for (const form of forms) {
    const cast = matchForm(mate, form);
    if (cast !== undefined) return { reading, cast };
  }
  return undefined;
}

/** The parts of a mate that hold without any name: guards, blocks, the line. */
export function tellMate(position: Position): PatternRoles | undefined {
  const mate = openMate(position);
  const [mating] = mate?.checkers ?? [];
  return mate === undefined || mating === undefined ? undefined : tellRoles(mate, { mating });
}

function tellRoles(mate: MateBoard, cast: Cast): PatternRoles {
  const { mating, supporter, second } = cast;
  if (mating === undefined) throw new Error('somebody gives the check');
  const { king, neighbours, board, mated } = mate;
  const men = [mating, supporter, second].filter((square) => square !== undefined);
  const isTheirs = (square: Square) => board[square]?.side === opponentOf(mated);
  // Of the men next to the king each must be protected; of the others it is told all the same.
  const held = [...new Set([...men, ...neighbours.map(({ square }) => square).filter(isTheirs)])]
    .map((square) => ({ square, by: mate.listGuards(square) }))
    .filter(({ by }) => by.length > 0);
  return {
    king,
    mating,
    ...(supporter === undefined ? {} : { supporter }),
    ...(second === undefined ? {} : { second }),
    guards: neighbours
      .filter(({ isBlocked, square }) => !isBlocked && !isTheirs(square))
      .map(({ square, guards }) => ({ square, by: guards })),
    blockers: neighbours.filter(({ isBlocked }) => isBlocked).map(({ square }) => square),
    line: listBetween(mating, king),
    held,
  };
}
