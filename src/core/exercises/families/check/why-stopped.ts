/** Family `why-stopped`: a game has ended with this result. Why? */
import type { GameStory } from '../../family/question';
import { z } from 'zod/mini';
import { getPosition } from '../../../notation';
import { findOutcome, isCheck } from '../../../rules';
import { chooseHints, chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { sceneOfPosition } from '../../family/legalTask';
import type { PlainReason } from '../../family/note';
import { reasonOfMoves } from './boardState';
import { DRAW_OPTIONS, drawShape, listDraws, measureStory, reasonOfDraw, type DrawReason } from './gameStory';

export const STOP_OPTIONS = [
  'mate',
  'resignation',
  'stalemate',
  'dead',
  'repetition',
  'fifty-moves',
  'agreement',
] as const;

type StopReason = (typeof STOP_OPTIONS)[number];

const stopShape = z.object({ ...drawShape.shape, result: z.enum(['1-0', '0-1', '1/2-1/2']) });

export type StopTask = z.infer<typeof stopShape>;

/** Decided: mate, or somebody gave up. Drawn: what the board or the story says, else they have agreed. */
function solveStop(task: StopTask): StopReason {
  if (task.result !== '1/2-1/2')
    return findOutcome(getPosition(task.fen))?.kind === 'mate' ? 'mate' : 'resignation';
  const [draw] = listDraws(task);
  return draw === undefined || draw === 'no-draw' ? 'agreement' : draw;
}

const stopTaskSchema = stopShape.check(
  z.refine((task) => {
    const outcome = findOutcome(getPosition(task.fen));
    if (outcome?.kind === 'mate') return task.result === (outcome.winner === 'white' ? '1-0' : '0-1');
    return listDraws(task).length <= (task.result === '1/2-1/2' ? 1 : 0);
  }, 'the result does not fit the board'),
);

export interface WhyStoppedQuestion {
  readonly code: 'why-stopped';
  readonly story: GameStory;
  readonly result: string;
}

type WhyStoppedReason = DrawReason | PlainReason<'no-check' | 'is-a-draw' | 'has-a-winner'>;

export const whyStoppedFamily = defineFamily<
  StopTask,
  'choose',
  WhyStoppedQuestion,
  ChoiceNote<WhyStoppedReason>
>({
  id: 'why-stopped',
  version: 1,
  stage: 'check',
  skill: 'ends-of-the-game',
  answerMode: 'choose',
  levels: 3,
  taskSchema: stopTaskSchema,
  question: ({ story, result }) => ({ code: 'why-stopped', story, result }),
  scene: ({ fen }) => sceneOfPosition(fen, { bottom: 'white' }),
  ask: () => ({ kind: 'choose', options: STOP_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([solveStop(task)]),
  judge: (task, answer) =>
    compareOptions([solveStop(task)], answer, (option) =>
      option === solveStop(task) ? whyStopped(task) : whyNotStopped(task, option),
    ),
  measure: measureStory,
  hints: (task) => chooseHints(STOP_OPTIONS, [solveStop(task)]),
});

/** What ended the game. */
function whyStopped(task: StopTask): WhyStoppedReason {
  const reason = solveStop(task);
  switch (reason) {
    case 'mate':
      return { code: 'it-is-mate' };
    case 'resignation':
      return { code: 'nothing-else-ends-it' };
    case 'agreement':
      return { code: task.story.haveAgreed ? 'have-agreed' : 'nothing-else-ends-it' };
    default:
      return reasonOfDraw(task, reason);
  }
}

/** What speaks against another end: the result first, then the board and the story. */
function whyNotStopped(task: StopTask, option: string): WhyStoppedReason {
  const position = getPosition(task.fen);
  const isDrawn = task.result === '1/2-1/2';
  switch (option) {
    case 'mate':
      return isCheck(position) ? reasonOfMoves(position) : { code: 'no-check' };
    case 'resignation':
      return isDrawn ? { code: 'is-a-draw' } : { code: 'it-is-mate' };
    case 'agreement':
      // Something else has ended it.
      return isDrawn ? whyStopped(task) : { code: 'has-a-winner' };
    default: {
      const draw = DRAW_OPTIONS.find((kind) => kind === option);
      return isDrawn && draw !== undefined ? reasonOfDraw(task, draw) : { code: 'has-a-winner' };
    }
  }
}
