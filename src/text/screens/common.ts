import type { Spoken } from '../terms';

export const cancel = 'Cancel';

export const close = 'Close';

export const saved = 'Saved.';

export const noAnswerNothingChanged = 'The server did not answer. Nothing was changed; try again.';

export const noAnswer = 'The server did not answer. Try again.';

export const saving = 'Saving ...';

export const stop = 'Stop';

export const browserStopped = 'The browser stopped the calculation. Try again.';

export const deleteButton = 'Delete';

export const remove = 'Remove';

export const moveNotAllowed = 'That move is not allowed here.' as Spoken;

export const save = 'Save';

export const add = 'Add';

export const rename = 'Rename';

/** What a list is made of, where it is put in order. */
export const nouns = {
  puzzle: 'puzzle',
  segment: 'segment',
  stage: 'stage',
  stair: 'stair',
  task: 'task',
} as const;
