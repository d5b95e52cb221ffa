export const provingMateTree = 'Proving the mate and its tree ...';

export const mainLineSoFar = (count: string) => `${count} of the main line so far ...`;

export const noMate = (part: number) =>
  `No shortest mate in ${part} or fewer was proved here, so there is nothing to climb to.`;

export const stoppedNothingWasMade = 'Stopped. Nothing was made.';

export const browserStopped = 'The browser stopped the calculation. Load the page again.';

export const nameSet = 'Name of the set';

export const give = 'Give it to';

export const makeSet = 'Make the set';

export const makeSetGive = 'Make the set and give it';

export const staircase = 'Staircase';

export const staircaseHelp =
  'The last move first, then the last two, and so on up to the whole mate. Every stair is a puzzle of its own, proved.';

export const backDesk = 'Back to the Desk';

export const emptyHelp =
  'A staircase leads up to a mate. Set one up on the Desk, prove it, and press Staircase there.';

export const setName = (mateInMoves: number) => `Staircase to a mate in ${mateInMoves}`;

export const eachProvedStored = (count: string) => `${count}, each proved and stored.`;

export const classCanSeeIt = (told: string, className: string) => `${told} ${className} can see it now.`;

export const nobodyYet = 'nobody yet';
