export const putRoundIntoSet = 'Put a round into a set';

export const howManyTasks = 'How many tasks';

export const startingFromNumberAbove = 'Starting from the number above.';

export const set = 'Set';

export const addSet = 'Add to set';

export const whichExercise = 'Which exercise';

export const exercise = 'Exercise';

export const level = 'Level';

export const numberTask = 'Number of the task';

export const sameNumberMakesSame = 'The same number makes the same task again.';

export const anotherOne = 'Another one';

export const task = 'The task';

export const taskCouldNotMade = (message: string) => `The task could not be made: ${message}`;

export const exercises = 'Exercises';

export const tryAnyExerciseAs =
  'Try any exercise as a child sees it. Every task is made fresh and judged by the rules.';

export const playPawnsOnly = 'Play pawns only';

export const twoChildrenAtScreen =
  'For two children at this screen, or one against the app. Nothing is stored.';

export const backExercises = 'Back to the exercises';
