/** Boards drawn at random: pieces scattered over squares, games played at random, and sampling until a board fits. */
import { getMan, opponentOf, rankOf, SIDES, type Man, type Role, type Side, type Square } from '../board';
import type { Level, Scale } from '../exercises';
import {
  checkPosition,
  EMPTY_DRAFT,
  INITIAL_POSITION,
  listAttackers,
  listLegalMoves,
  playMove,
  type Position,
  type PositionDraft,
} from '../rules';
import { pickOne, randomBelow, type Random } from '../shared';

/** A composer: random numbers, a level and what men are worth in, a fresh task out. */
export type Composer<Task> = (random: Random, level: Level, values: Scale) => Task;

/** Rejection sampling: boards are drawn at random until one fits; so many draws are always enough. */
const MOST_DRAWS = 40_000;

export function sampleUntil<Task>(make: () => Task | undefined): Task {
  for (let count = 0; count < MOST_DRAWS; count += 1) {
    const task = make();
    if (task !== undefined) return task;
  }
  throw new Error('no board of this recipe was found');
}

export type Recipes<Recipe> = Readonly<Partial<Record<Level, Recipe>>>;

export function getRecipe<Recipe>(recipes: Recipes<Recipe>, level: Level): Recipe {
  const recipe = recipes[level];
  if (recipe === undefined) throw new RangeError(`no recipe for level ${level}`);
  return recipe;
}

export function isWithin(value: number, least: number, most: number): boolean {
  return value >= least && value <= most;
}

/** An army without its king: no board shows three queens of one side. */
const ARMY: readonly Role[] = [
  'queen',
  ...(['rook', 'bishop', 'knight'] as const).flatMap((role) => [role, role]),
  ...Array.from({ length: 8 }, () => 'pawn' as const),
];

/** A pawn stands on neither edge. */
export function isAllowedOn({ role }: Man, square: Square): boolean {
  return role !== 'pawn' || (rankOf(square) > 0 && rankOf(square) < 7);
}

export type PlacedMen = ReadonlyMap<Square, Man>;

/** Men of the army at random on free squares, beside those that stand already. */
export function scatter(
  random: Random,
  turn: Side,
  placed: PlacedMen,
  own: number,
  others: number,
): PositionDraft {
  const board = EMPTY_DRAFT.board.map((_, square) => placed.get(square));
  const put = (side: Side, count: number) => {
    const present = board.flatMap((man) => (man?.side === side ? [man.role] : []));
    const bag = ARMY.filter((role, index) => {
      const place = ARMY.slice(0, index).filter((other) => other === role).length;
      return place >= present.filter((other) => other === role).length;
    });
    for (let left = count; left > 0;) {
      const at = randomBelow(random, bag.length);
      const man = getMan(side, bag[at] ?? 'pawn');
      const square = randomBelow(random, 64);
      if (board[square] !== undefined || !isAllowedOn(man, square)) continue;
      board[square] = man;
      bag.splice(at, 1);
      left -= 1;
    }
  };
  put(turn, own);
  put(opponentOf(turn), others);
  return { ...EMPTY_DRAFT, board, turn };
}

/** These men of one side on free squares at random. */
export function place(
  random: Random,
  draft: PositionDraft,
  side: Side,
  roles: readonly Role[],
): PositionDraft {
  const board = draft.board.slice();
  for (const role of roles) {
    for (;;) {
      const square = randomBelow(random, 64);
      const man = getMan(side, role);
      if (board[square] !== undefined || !isAllowedOn(man, square)) continue;
      board[square] = man;
      break;
    }
  }
  return { ...draft, board };
}

/** Both kings and so many men of each side; undefined when what was drawn is no position. */
export function drawPosition(
  random: Random,
  turn: Side,
  placed: PlacedMen,
  own: number,
  others: number,
): Position | undefined {
  return findLegal(placeKings(random, scatter(random, turn, placed, own, others)));
}

/** Kings where none stands yet. */
export function placeKings(random: Random, draft: PositionDraft): PositionDraft {
  return (['white', 'black'] as const).reduce(
    (one, side) => (one.board.includes(getMan(side, 'king')) ? one : place(random, one, side, ['king'])),
    draft,
  );
}

export function findLegal(draft: PositionDraft): Position | undefined {
  const checked = checkPosition(draft);
  return checked.ok ? checked.value : undefined;
}

/** The position after so many random moves from the start; a game that ends sooner is left at its last turn. */
export function playAtRandom(random: Random, plies: number): Position {
  let position: Position = INITIAL_POSITION;
  let moves = listLegalMoves(position);
  for (let ply = 0; ply < plies; ply += 1) {
    const next = playMove(position, pickOne(random, moves));
    moves = listLegalMoves(next);
    if (moves.length === 0) break;
    position = next;
  }
  return { ...position, halfmoves: 0, fullmoves: 1 };
}

/** Three men a side and fewer: every order of captures is soon looked at. */
export function isSmallFight({ board }: Position, square: Square): boolean {
  return SIDES.every((side) => listAttackers(board, square, side).length <= 3);
}

/** A list in another order. */
export function shuffle<Item>(random: Random, items: readonly Item[]): Item[] {
  const left = items.slice();
  return items.map(() => left.splice(randomBelow(random, left.length), 1)[0] as Item);
}

/** The squares at the edge of the board. */
export const EDGE: readonly Square[] = Array.from({ length: 64 }, (_, square) => square).filter(
  (square) => square % 8 === 0 || square % 8 === 7 || square < 8 || square > 55,
);
