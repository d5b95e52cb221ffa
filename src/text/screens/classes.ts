export const classes = 'Classes';

export const nameNewClass = 'Name of a new class';

export const thereNoClassTerm =
  'There is no class in this term yet. Make one, then add the children by nickname.';

export const terms = 'Terms';

export const saveRosterAsCsv = 'Save the roster as CSV';

export const here = (count: string) => `${count} here`;

export const classCode = 'Class code ';

export const addChildNicknameEnough =
  'Add a child. A nickname is enough; no family name, birth date or photo is needed.';

export const childrenFromList = 'Children from a list';

export const saveRoster = 'Save the roster';

export const moveChildren = 'Move children';

export const noChildrenYet = 'No children yet.';

export const lockedTooManyWrong = 'Locked: too many wrong pictures';

export const unlock = 'Unlock';

export const rename = 'Rename';

export const newKey = 'New key';

export const remove = 'Remove';

export const writeThesePicturesDown = (name: string) =>
  `Write these pictures down for ${name} now. They can't be shown again.`;

export const done = 'Done';

export const newNickname = 'New nickname';

export const canThenNoLonger = (name: string) =>
  `${name} can then no longer sign in with this class. The answers given so far are kept.`;

export const oldPicturesStopWorking = (name: string) => `The old pictures of ${name} stop working at once.`;

export const leave = 'Cancel';

export const bigBoard = 'Big board';

export const lessons = 'Lessons';

export const pathClass = 'Path of the class';

export const progress = 'Progress';

export const reports = 'Reports';

export const childrenOpenJoinType = (host: string) => `Children open ${host}/join and type`;

export const children = 'Children';

export const whoTeachesHere = 'Who teaches here';

export const leftClass = 'Left this class';

export const to = (day: string, day2: string) => `${day} to ${day2}`;

export const setsGiven = 'Sets given';

export const nothingYetOpenSet = 'Nothing yet. Open a set and give it to this class.';

export const finished = (finishedCount: number, studentsCount: number) =>
  `${finishedCount} of ${studentsCount} finished`;

export const alone = (forStudent: string, part: string) => `for ${forStudent} alone, ${part}`;

export const answers = 'Answers';

export const whatHardNow = 'What is hard now';

export const nothingYetNoChild = 'Nothing yet: no child has stumbled.';

export const notSaved = 'Not saved';

export const notSentYet = 'Not sent yet';

export const device = (count: string, day: string) => `: ${count} on a device, ${day}`;

export const savedDeviceSignsThere = (studentName: string) =>
  `Saved on that device. ${studentName} signs in there to send them.`;

export const latestAnswers = 'Latest answers';

export const noAnswersYetThey = 'No answers yet. They appear here as they arrive.';

export const task = (part: string, puzzleNumber: number) => ` ${part} task ${puzzleNumber}`;

export const tryIt = (part: string, tryNumber: number) => `${part}, try ${tryNumber}`;

export const classIt = 'The class';

export const whatCanDo = (name: string) => `What ${name} can do`;

export const classesSoFar = 'Classes so far';

export const to2 = (day: string, part: string) => `${day} to ${part}`;

export const storedData = 'Stored data';

export const record = 'The record';

export const everythingStoredAboutHand = (name: string) =>
  `Everything stored about ${name}, to hand to the family. It holds a child’s name and answers: keep it as your school’s rules and the law of your country ask.`;

export const saveRecordAsJson = 'Save the record as JSON';

export const openRecordAsPdf = 'Open the record as PDF';

export const erase = 'Erase';

export const answers2 = (studentName: string) => `Answers of ${studentName}`;

export const newest = (most: number) => `the newest ${most}`;

export const all = (answersCount: number) => `${answersCount} in all`;

export const newestFirst = 'Newest first';

export const newestWeighMost = (mastery: string) => `${mastery}. The newest count most.`;

export const answersBehindFigure = 'The answers behind this figure';

export const nothingStoredUntilYou = (name: string) =>
  `For ${name}. Nothing is stored until you have seen it.`;

export const backClass = 'Back to the class';

export const lessons2 = (className: string) => `Lessons of ${className}`;

export const saveCalendar = 'Save for a calendar';

export const upcoming = 'Upcoming';

export const noUpcomingLessons = 'No upcoming lessons.';

export const pastLessons = 'Past lessons';

export const whenClassMeets = 'When the class meets';

export const plans = 'Plans';

export const noPlanYet = 'No plan yet.';

export const open = 'Open';

export const holidaysClub = 'Holidays of the club';

export const teachAtBigBoard = 'Teach at the big board';

export const minutes = (className: string, startsAt: string, minutes: number) =>
  `${className}, ${startsAt}, ${minutes} minutes`;

export const allLessons = 'All lessons';

export const startFromOrder = 'Start from an order';

export const saving = 'Saving ...';

export const puzzlesYourSets = 'The puzzles of your sets';

export const notBuiltYet = 'Not built yet';

export const open2 = (name: string) => `${name} is open`;

export const earlier = 'Earlier';

export const earlier2 = (name: string) => `${name}: earlier`;

export const later = 'Later';

export const later2 = (name: string) => `${name}: later`;

export const oneChild = 'For one child';

export const child = 'Child';

export const childrenSeeOpenStages =
  'The children see the open stages in this order. A child’s answers show what they can do.';

export const lessonPlan = 'Lesson plan';

export const forIt = (className: string) => `For ${className}`;

export const print = 'Print';

export const lessonsPlans = 'Lessons and plans';

export const progress2 = (className: string) => `Progress of ${className}`;

export const reportsCertificates = 'Reports and certificates';

export const outbox = 'Outbox';

export const whereOneEndsAll = 'Where one ends, all classes and children go into the next in one step.';

export const to3 = (day: string, day2: string, count: string) => `${day} to ${day2}, ${count}`;

export const takeClassesInto = 'Move classes into it';

export const newTerm = 'A new term';

export const awayTwoTerms = 'Away for two terms';

export const theseChildrenNoClass =
  'These children have not been in a class since before the last term. Does the club still need their data? Your school’s rules and the law of your country say how long it may be kept.';

export const wasHereUntil = (day: string) => `was here until ${day}`;

export const recentMoves = 'Recent moves';

export const nobodyYet = 'Nobody yet.';

export const usedSince = 'used since';

export const into = (name: string) => `Into ${name}`;

export const nothingHappensUntilYou =
  'Nothing happens until you press the button below. You can undo all of it until a new class has answers.';

/** "Rename: Fern": what a button does, and to whom. */
export const deedFor = (deed: string, name: string) => `${deed}: ${name}`;
