export const answersGiven = (className: string, slice: string) => `Answers of ${className}, given ${slice}`;

export const eachFieldTriesTotal = 'Each field: tries, total time, first wrong answer';

export const tableAnswers = 'Table of answers';

export const child = 'Child';

export const solved = 'Solved';

export const mate = (mateInMoves: number) => `mate in ${mateInMoves}`;

export const of = (length: number, puzzlesCount: number) => `${length} of ${puzzlesCount}`;

export const thereNoChildrenClass = 'There are no children in this class now.';

export const climbedBefore = 'climbed before';

export const notTried = 'not tried';

export const solved2 = 'solved';

export const open = 'open';
