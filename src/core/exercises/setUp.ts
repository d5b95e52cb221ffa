/**
 * Families of the board's set-up (FIDE Laws of Chess, articles 2.2 and 2.3). `set-up`: place an army, or both, from the tray.
 * `repair`: a set-up with slips in it is put right. Usual slips are known by their own names: king and queen exchanged, bishop and
 * knight exchanged, armies on the wrong side, everything turned by a quarter.
 */
import { z } from 'zod/mini';
import { fileOf, getMan, rankOf, ROLES, SIDES, type Man, type Side, type Square } from '../board';
import { EMPTY_DRAFT, INITIAL_POSITION } from '../rules';
import type { AnswerOf } from './answer';
import { defineFamily } from './family';
import { getDraft } from '../notation';
import { boardTextSchema, sceneOf } from './lessonBoard';
import type { Hint } from './question';
import { RIGHT, wrongFor, type Note, type Verdict } from './verdict';

type Placed = ReadonlyMap<Square, Man>;

export const setUpTaskSchema = z.object({
  sides: z.array(z.enum(SIDES)).check(z.minLength(1), z.maxLength(2)),
  /** The pawns stand already. */
  areOfficersOnly: z.boolean(),
  bottom: z.enum(SIDES),
});
export type SetUpTask = z.infer<typeof setUpTaskSchema>;

export const setUpFamily = defineFamily<SetUpTask, 'place'>({
  id: 'set-up',
  version: 1,
  stage: 'board',
  skill: 'set-up',
  answerMode: 'place',
  levels: 4,
  taskSchema: setUpTaskSchema,
  question: ({ sides, areOfficersOnly }) => ({ code: 'set-up', sides, areOfficersOnly, slips: 0 }),
  scene: ({ areOfficersOnly, bottom, sides }) =>
    sceneOf(
      {
        ...EMPTY_DRAFT,
        board: INITIAL_POSITION.board.map((man) =>
          areOfficersOnly && man?.role === 'pawn' && sides.includes(man.side) ? man : undefined,
        ),
      },
      { turn: undefined, bottom },
    ),
  ask: ({ sides }) => ({ kind: 'place', tray: trayOf(sides) }),
  solution: ({ sides }) => placeMen(initialMen(sides)),
  judge: ({ sides }, answer) => comparePlaced(initialMen(sides), answer),
  /** Officers have their own places each, pawns one for all; the board the other way round is a little harder. */
  measure: ({ sides, areOfficersOnly, bottom }) =>
    sides.length * (areOfficersOnly ? 16 : 24) + (bottom === 'black' ? 2 : 0),
  hints: () => [firstManHint(initialMen(SIDES))],
});

export const repairTaskSchema = z
  .object({ fen: boardTextSchema, slips: z.int().check(z.minimum(1), z.maximum(3)) })
  .check(z.refine(({ fen }) => countWrong(fen) > 0, 'nothing is wrong'));
export type RepairTask = z.infer<typeof repairTaskSchema>;

export const repairFamily = defineFamily<RepairTask, 'place'>({
  id: 'repair',
  version: 1,
  stage: 'board',
  skill: 'set-up',
  answerMode: 'place',
  levels: 3,
  taskSchema: repairTaskSchema,
  question: ({ slips }) => ({ code: 'repair', sides: SIDES, areOfficersOnly: false, slips }),
  scene: ({ fen }) => sceneOf(getDraft(fen), { turn: undefined }),
  ask: () => ({ kind: 'place', tray: trayOf(SIDES) }),
  solution: () => placeMen(initialMen(SIDES)),
  judge: (_, answer) => comparePlaced(initialMen(SIDES), answer),
  measure: ({ slips, fen }) => slips * 100 + countWrong(fen),
  hints({ fen }) {
    const { board } = getDraft(fen);
    const square = board.findIndex((man, at) => man !== INITIAL_POSITION.board[at]);
    return [{ kind: 'man', square }];
  },
});

function countWrong(fen: string): number {
  return getDraft(fen).board.filter((man, square) => man !== INITIAL_POSITION.board[square]).length;
}

function trayOf(sides: readonly Side[]): Man[] {
  return sides.flatMap((side) => ROLES.toReversed().map((role) => getMan(side, role)));
}

function initialMen(sides: readonly Side[]): Placed {
  return new Map(
    INITIAL_POSITION.board.flatMap((man, square) =>
      man !== undefined && sides.includes(man.side) ? [[square, man] as const] : [],
    ),
  );
}

function placeMen(men: Placed): AnswerOf<'place'> {
  return {
    kind: 'place',
    men: [...men].map(([square, { side, role }]) => ({ square, side, role })),
    slips: 0,
  };
}

function firstManHint(men: Placed): Hint {
  const square = [...men].find(([, { role }]) => role === 'queen')?.[0];
  return square === undefined ? { kind: 'count', count: men.size } : { kind: 'man', square };
}

function comparePlaced(expected: Placed, { men }: AnswerOf<'place'>): Verdict {
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
  const notes: Note[] = [];
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

function noteSquare(expected: Placed, placed: Placed, square: Square): Note {
  const belongs = expected.get(square);
  const stands = placed.get(square);
  if (stands === undefined) return { code: 'is-missing', square, role: belongs?.role ?? 'pawn' };
  if (belongs === undefined) return { code: 'is-extra', square, role: stands.role };
  if (belongs.role === stands.role) return { code: 'wrong-side', square, role: stands.role };
  return { code: 'belongs-elsewhere', square, role: stands.role };
}
