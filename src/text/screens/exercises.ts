import { capital, type Terms, type Spoken } from '../terms';

export const addRound = 'Put a round into a set';

export const howManyTasks = 'How many tasks';

export const addRoundHelp = 'Starting from the number above.';

export const setLabel = 'Set';

export const addToSet = 'Add to set';

export const whichExercise = 'Which exercise';

export const exercise = 'Exercise';

export const level = 'Level';

export const taskNumber = 'Number of the task';

export const taskNumberHelp = 'The same number makes the same task again.';

export const anotherOne = 'Another one';

export const task = 'The task';

export const taskFailed = (message: string) => `The task could not be made: ${message}`;

export const exercises = 'Exercises';

export const exercisesHelp =
  'Try any exercise as a child sees it. Every task is made fresh and judged by the rules.';

export const playPawnsOnly = (terms: Terms) => `Play ${terms.many('pawn')} only`;

export const pawnsOnlyHelp = 'For two children at this screen, or one against the app. Nothing is stored.';

export const backToExercises = 'Back to the exercises';

export const alreadyInSet = (setName: string) => `They are in ${setName} already.`;

export const addedToSet = (count: string, setName: string) => `Added ${count} to ${setName}.`;

export const levelOf = (one: number, levelsCount: number) => `Level ${one} of ${levelsCount}`;

export const nextOne = 'Next one' as Spoken;

export const pawnsOnly = (terms: Terms) => `${capital(terms.many('pawn'))} only`;
