import { capital } from '../terms';
export const moveNamed = (name: string) => `Move ${name}`;

export const cautionHeading = 'Before names leave the app';

export const promise = 'I will share it only with people who are allowed to see it.';

export const nameNewSet = 'Name of the new set';

export const dropFile = 'Drop a file here, or press to choose one';

export const longestMate = 'Look for mates up to';

export const endsIn = 'Ends in';

export const anyMate = 'any mate';

export const noMateName = 'No mate of this name';

export const picturesChosen = (keyCount: number, keyLength: number) => `${keyCount} of ${keyLength} pictures`;

export const startAgain = 'Start again';

export const oneMoment = 'One moment ...';

export const sortingHelp = (noun: string) =>
  `Press Space to pick up the ${noun}, the arrow keys to move it, Space to drop it, Escape to cancel.`;

export const theNoun = (noun: string) => `The ${noun}`;

export const pickedUp = (nameOf: string) => `${nameOf} is picked up.`;

export const overPosition = (nameOf: string, placeOf: number) => `${nameOf} is over position ${placeOf}.`;

export const stays = (nameOf: string) => `${nameOf} stays.`;

export const droppedAt = (nameOf: string, placeOf: number) => `${nameOf} is dropped at position ${placeOf}.`;

export const staysWhereItWas = (nameOf: string) => `${nameOf} stays where it was.`;

export const newSet = 'a new set ...';

export const stoppedAfter = (count: string, fensCount: number) =>
  `Stopped after ${count} of ${fensCount}. Do it again, and it goes on from there.`;

export const mateIn = (moves: number) => `mate in ${moves}`;

export const ourOwn = (name: string) => `${name} (our own)`;

export const fileTooLarge = (name: string, megabytes: number, most: number) =>
  `${name} has ${megabytes} MB; ${most} MB are read at most. Split it.`;

/** What is sorted. */
export const SORTED_WORDS = { stage: 'stage', task: 'task', segment: 'segment' };

/** "Puzzle 3: ...". */
export const storeFault = (noun: 'puzzle' | 'stair', number: number, fault: string) =>
  `${capital(noun)} ${number}: ${fault}`;
