export const setAndClass = (className: string, slice: string) => `Answers of ${className}, given ${slice}`;

export const howToReadACell = 'Each cell: tries, total time, first wrong answer';

export const tableLabel = 'Table of answers';

export const child = 'Child';

export const solvedHeading = 'Solved';

export const mateIn = (mateInMoves: number) => `mate in ${mateInMoves}`;

export const solvedOf = (length: number, puzzlesCount: number) => `${length} of ${puzzlesCount}`;

export const noChildren = 'There are no children in this class now.';

export const climbedBefore = 'climbed before';

export const notTried = 'not tried';

export const solved = 'solved';

export const open = 'open';

export const firstAnswers = (name: string, termName: string) => `First answers in ${name}, ${termName}`;

export const answersThatRate = 'Answers that rate';

export const answers = 'Answers';

export const inTheWeekFrom = (part: string, day: string) => `${part} in the week from ${day}`;

export const answersThat = (mistake: string) => `Answers that ${mistake}`;

export const solutionShown = ', solution shown';

export const firstWrong = (firstWrong: string) => `first ${firstWrong}`;
