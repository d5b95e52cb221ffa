/** Family `set-up`: an army, or both, is placed from the tray. */
import { z } from 'zod/mini';
import { SIDES, type Side } from '../../../board';
import { EMPTY_DRAFT, INITIAL_POSITION } from '../../../rules';
import { defineFamily } from '../../family/family';
import { sceneOf } from '../../family/lessonBoard';
import type { Hint } from '../../family/question';
import { comparePlaced, initialMen, placeMen, trayOf, type Placed, type PlacedNote } from './placedMen';

export const setUpTaskSchema = z.object({
  sides: z.array(z.enum(SIDES)).check(z.minLength(1), z.maxLength(2)),
  /** The pawns stand already. */
  areOfficersOnly: z.boolean(),
  bottom: z.enum(SIDES),
});

export type SetUpTask = z.infer<typeof setUpTaskSchema>;

export interface SetUpQuestion {
  readonly code: 'set-up';
  readonly sides: readonly Side[];
  readonly areOfficersOnly: boolean;
  readonly slips: number;
}

export const setUpFamily = defineFamily<SetUpTask, 'place', SetUpQuestion, PlacedNote>({
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

function firstManHint(men: Placed): Hint {
  const square = [...men].find(([, { role }]) => role === 'queen')?.[0];
  return square === undefined ? { kind: 'count', count: men.size } : { kind: 'man', square };
}
