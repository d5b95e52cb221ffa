/**
 * Men that are put on the board, compared with those that belong there (FIDE Laws of Chess, articles 2.2 and 2.3). Usual slips have names of
 * their own: king and queen exchanged, bishop and knight exchanged, armies on the wrong side, everything turned by a quarter.
 */
import { fileOf, getMan, rankOf, ROLES, type Man, type Side, type Square } from '../../../board';
import { INITIAL_POSITION } from '../../../rules';
import type { AnswerOf } from '../../family/answer';
import type { ManNote, SquareNote } from '../../family/note';
import { RIGHT, wrongFor, type Verdict } from '../../family/verdict';

export type Placed = ReadonlyMap<Square, Man>;

export function trayOf(sides: readonly Side[]): Man[] {
  return sides.flatMap((side) => ROLES.toReversed().map((role) => getMan(side, role)));
}

export function initialMen(sides: readonly Side[]): Placed {
  return new Map(
    INITIAL_POSITION.board.flatMap((man, square) =>
      man !== undefined && sides.includes(man.side) ? [[square, man] as const] : [],
    ),
  );
}

export function placeMen(men: Placed): AnswerOf<'place'> {
  return {
    kind: 'place',
    men: [...men].map(([square, { side, role }]) => ({ square, side, role })),
    slips: 0,
  };
}

/** Men of a set-up that are not at home, and mistakes of the whole board. */
export type PlacedNote =
  | { readonly code: 'board-turned' | 'armies-exchanged' }
  | SquareNote<'king-queen-exchanged' | 'bishop-knight-exchanged'>
  | ManNote<'belongs-elsewhere' | 'is-missing' | 'is-extra' | 'wrong-side'>;

export function comparePlaced(expected: Placed, { men }: AnswerOf<'place'>): Verdict<PlacedNote> {
  const placed: Placed = new Map(men.map(({ square, side, role }) => [square, getMan(side, role)]));
  const right = [...expected.keys()].filter((square) => placed.get(square) === expected.get(square));
  if (right.length === expected.size && placed.size === expected.size) return RIGHT;
  const isTurned = isSame(
    placed,
    turned(expected, (square) => fileOf(square) * 8 + 7 - rankOf(square)),
  );
  const isTurnedBack = isSame(
    placed,
    turned(expected, (square) => (7 - fileOf(square)) * 8 + rankOf(square)),
  );
  if (isTurned || isTurnedBack) return wrongFor([{ code: 'board-turned' }]);
  if (isSame(placed, exchangeArmies(expected))) return wrongFor([{ code: 'armies-exchanged' }]);
  const { notes, explained } = noteExchanges(expected, placed);
  const extra = [...placed.keys()]
    .filter((square) => !right.includes(square))
    .sort((one, other) => one - other);
  const missed = [...expected.keys()].filter((square) => !placed.has(square));
  const single = [...extra, ...missed].filter((square) => !explained.has(square));
  return wrongFor([...notes, ...single.map((square) => noteSquare(expected, placed, square))], {
    right,
    extra,
    missed,
  });
}

function isSame(one: Placed, other: Placed): boolean {
  return one.size === other.size && [...one].every(([square, man]) => other.get(square) === man);
}

function turned(men: Placed, turn: (square: Square) => Square): Placed {
  return new Map([...men].map(([square, man]) => [turn(square), man]));
}

/** Each army where the other belongs. */
function exchangeArmies(men: Placed): Placed {
  return new Map([...men].map(([square, man]) => [square ^ 56, man]));
}

/** Two men of one side that stand on each other's squares. */
function noteExchanges(expected: Placed, placed: Placed) {
  const notes: PlacedNote[] = [];
  const explained = new Set<Square>();
  const look = (one: Square, other: Square, code: 'king-queen-exchanged' | 'bishop-knight-exchanged') => {
    const [belongs, stands] = [expected.get(one), expected.get(other)];
    if (belongs === undefined || placed.get(one) !== stands || placed.get(other) !== belongs) return;
    notes.push({ code, square: one });
    explained.add(one).add(other);
  };
  for (const home of [0, 56]) {
    look(home + 3, home + 4, 'king-queen-exchanged');
    look(home + 1, home + 2, 'bishop-knight-exchanged');
    look(home + 6, home + 5, 'bishop-knight-exchanged');
  }
  return { notes, explained };
}

function noteSquare(expected: Placed, placed: Placed, square: Square): PlacedNote {
  const belongs = expected.get(square);
  const stands = placed.get(square);
  if (stands === undefined) return { code: 'is-missing', square, role: belongs?.role ?? 'pawn' };
  if (belongs === undefined) return { code: 'is-extra', square, role: stands.role };
  if (belongs.role === stands.role) return { code: 'wrong-side', square, role: stands.role };
  return { code: 'belongs-elsewhere', square, role: stands.role };
}
