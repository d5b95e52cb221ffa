export const ratingByWeek = 'Rating at mates, week by week';

export const noMatesAnsweredYet = 'No mates answered yet.';

export const ratingHelp =
  'Based only on first answers to mates. The true value lies in the band nineteen times in twenty. It does not measure how well a child plays.';

export const betweenOf = (round: number, round2: number) => `${round} and ${round2}`;

export const typicalMistakes = 'Typical mistakes';

export const whatGoesWrong = 'What goes wrong';

export const whatMisses = (name: string) => `What ${name} misses`;

export const timeOnTasks = 'Time on tasks';

export const timeHelp = 'Counted while a task was open, all tries together.';

export const acrossClassesTerms = 'Across classes and terms';

export const gamesOf = (name: string) => `${name}’s games`;

export const noGamesSavedYet = 'No games are saved yet. Import games and say who played them.';

export const chancesFrom = (count: string) => `From ${count}, as far as they were examined when imported:`;

export const nothingYet = 'Nothing yet.';

export const noAnswersYet = 'No answers yet.';

export const topicsHelp = (count: string, dueCount: number) =>
  `${count}, ${dueCount} due again. The bars show how often the first answer is right; the thin line shows how sure that is.`;

export const onlyLeastKnown = 'Only the least known';

export const allTopics = (topicsCount: number) => `All ${topicsCount} topics`;

export const topic = 'Topic';

export const howWell = 'How well';

export const answers = 'Answers';

export const again = 'Again';

export const rightFirstTime = (answers: number, right: number) => `${answers}, ${right} right first time`;

export const due = 'due';

export const nextRoundOf = (name: string) => `${name}’s next round`;

export const noSuchAnswer = 'There is no such answer.';

export const right = 'Right';

export const notRight = 'Not right';

export const attendanceHelp =
  'Each point is a child. A class is far too small to tell a cause from chance: look at single children, not at the slope.';

export const child = 'Child';

export const lessonsHere = 'Lessons here';

export const away = 'Away';

export const tasksBegun = 'Tasks begun';

export const rightFirstTimeHeading = 'Right first time';

export const noAnswer = 'no answer';

export const mapHelp =
  'The number is how many times in ten the answer is right; the newest answers count most. “Few”: too few answers to say. A frame: due for repeating. The darker a cell, the more secure the child.';

export const few = 'few';

export const onlyMostNeeded = 'Only the most needed';

export const nothingShowYet = 'Nothing to show yet';

export const noAnswersHelp =
  'No child of this class has answered a task. Answers appear here as they arrive.';

export const mapHeading = 'Where every child stands';

export const attendanceBesideProgress = 'Attendance beside progress';

export const repeatHeading = 'To repeat next week';

export const nothingDueUntil = (day: string) => `Nothing is due until ${day}.`;

export const groupsHeading = 'Children who need the same things';

export const noGroups = 'No two children share a need that the whole class does not have.';

export const andMore = (part: number) => `and ${part} more`;

export const inNoGroup = (list: string) => `In no group: ${list}.`;

export const howHomeworkWent = 'How the homework went';

export const noSetWasGiven = 'No set was given to the whole class.';

/** "Fern, Mate in 1: Secure." */
export const cellOf = (child: string, topic: string, cell: string) => `${child}, ${topic}: ${cell}`;

export const weekFrom = 'Week from';

export const rating = 'Rating';

export const between = 'Between';

export const mates = 'Mates';

export const time = 'Time';

export const tasks = 'Tasks';

export const classHeading = 'Class';

export const noneBegun = 'none begun';

export const tryOf = (tryNumber: number) => `, try ${tryNumber}`;

export const withHelp = (count: string) => `, with ${count} of help`;

export const dueAgain = ', due again';
