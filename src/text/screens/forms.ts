export const move = (name: string) => `Move ${name}`;

export const beforeNamesLeaveApp = 'Before names leave the app';

export const iWillShareOnly = 'I will share it only with people who are allowed to see it.';

export const nameNewSet = 'Name of the new set';

export const dropFileHerePress = 'Drop a file here, or press to choose one';

export const lookMatesUp = 'Look for mates up to';

export const stop = 'Stop';

export const ends = 'Ends in';

export const anyMate = 'any mate';

export const noMateName = 'No mate of this name';

export const pictures = (keyCount: number, keyLength: number) => `${keyCount} of ${keyLength} pictures`;

export const startAgain = 'Start again';

export const oneMoment = 'One moment ...';
