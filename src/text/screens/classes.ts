import { countWords } from '../words';
export const classes = 'Classes';

export const nameNewClass = 'Name of a new class';

export const noClassThisTerm =
  'There is no class in this term yet. Make one, then add the children by nickname.';

export const terms = 'Terms';

export const saveRosterAsCsv = 'Save the roster as CSV';

export const childrenWereHere = (count: number) => `${countWords(count, 'child was', 'children were')} here`;

export const classCode = 'Class code ';

export const addChildHelp =
  'Add a child. A nickname is enough; no family name, birth date or photo is needed.';

export const childrenFromList = 'Children from a list';

export const saveRoster = 'Save the roster';

export const moveChildren = 'Move children';

export const noChildrenYet = 'No children yet.';

export const locked = 'Locked: too many wrong pictures';

export const unlock = 'Unlock';

export const rename = 'Rename';

export const newKey = 'New key';

export const remove = 'Remove';

export const writePicturesDown = (name: string) =>
  `Write these pictures down for ${name} now. They can't be shown again.`;

export const done = 'Done';

export const newNickname = 'New nickname';

export const removeWarning = (name: string) =>
  `${name} can then no longer sign in with this class. The answers given so far are kept.`;

export const newKeyWarning = (name: string) => `The old pictures of ${name} stop working at once.`;

export const bigBoard = 'Big board';

export const lessons = 'Lessons';

export const pathClass = 'Path of the class';

export const progress = 'Progress';

export const reports = 'Reports';

export const howToJoin = (host: string) => `Children open ${host}/join and type`;

export const children = 'Children';

export const whoTeachesHere = 'Who teaches here';

export const leftClass = 'Left this class';

export const fromTo = (day: string, day2: string) => `${day} to ${day2}`;

export const setsGiven = 'Sets given';

export const noSetGiven = 'Nothing yet. Open a set and give it to this class.';

export const finished = (finishedCount: number, studentsCount: number) =>
  `${finishedCount} of ${studentsCount} finished`;

export const forOneChild = (forStudent: string, part: string) => `for ${forStudent} alone, ${part}`;

export const answers = 'Answers';

export const whatHardNow = 'What is hard now';

export const nothingHard = 'Nothing yet: no child got stuck.';

export const notSaved = 'Not saved';

export const notSentYet = 'Not sent yet';

export const waitingOnDevice = (count: string, day: string) => `: ${count} on a device, ${day}`;

export const savedOnDevice = (studentName: string) =>
  `Saved on that device. ${studentName} signs in there to send them.`;

export const latestAnswers = 'Latest answers';

export const noAnswersYet = 'No answers yet. They appear here as they arrive.';

export const taskNumber = (part: string, puzzleNumber: number) => ` ${part} task ${puzzleNumber}`;

export const tryOf = (part: string, tryNumber: number) => `${part}, try ${tryNumber}`;

export const theClass = 'The class';

export const whatCanDo = (name: string) => `What ${name} can do`;

export const classesSoFar = 'Classes so far';

export const fromUntil = (day: string, part: string) => `${day} to ${part}`;

export const storedData = 'Stored data';

export const record = 'The record';

export const recordHelp = (name: string) =>
  `Everything stored about ${name}, to hand to the family. It holds a child’s name and answers: keep it as your school’s rules and the law of your country ask.`;

export const saveRecordAsJson = 'Save the record as JSON';

export const openRecordAsPdf = 'Open the record as PDF';

export const erase = 'Erase';

export const answersOf = (studentName: string) => `Answers of ${studentName}`;

export const newest = (most: number) => `the newest ${most}`;

export const inAll = (answersCount: number) => `${answersCount} in all`;

export const newestFirst = 'Newest first';

export const newestWeighMost = (mastery: string) => `${mastery}. The newest count most.`;

export const answersBehindFigure = 'The answers behind this figure';

export const importHelp = (name: string) => `For ${name}. Nothing is stored until you have seen it.`;

export const backClass = 'Back to the class';

export const lessonsOf = (className: string) => `Lessons of ${className}`;

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

export const puzzlesYourSets = 'The puzzles of your sets';

export const notBuiltYet = 'Not built yet';

export const isOpen = (name: string) => `${name} is open`;

export const earlier = 'Earlier';

export const moveEarlier = (name: string) => `${name}: earlier`;

export const later = 'Later';

export const moveLater = (name: string) => `${name}: later`;

export const oneChild = 'For one child';

export const child = 'Child';

export const pathHelp =
  'The children see the open stages in this order. A child’s answers show what they can do.';

export const lessonPlan = 'Lesson plan';

export const forClass = (className: string) => `For ${className}`;

export const print = 'Print';

export const lessonsPlans = 'Lessons and plans';

export const progressOf = (className: string) => `Progress of ${className}`;

export const reportsCertificates = 'Reports and certificates';

export const outbox = 'Outbox';

export const turnHelp = 'Where one ends, all classes and children go into the next in one step.';

export const termSpan = (day: string, day2: string, count: string) => `${day} to ${day2}, ${count}`;

export const moveClassesInto = 'Move classes into it';

export const newTerm = 'A new term';

export const awayTwoTerms = 'Away for two terms';

export const awayTwoTermsHelp =
  'These children have not been in a class since before the last term. Does the club still need their data? Your school’s rules and the law of your country say how long it may be kept.';

export const wasHereUntil = (day: string) => `was here until ${day}`;

export const recentMoves = 'Recent moves';

export const nobodyYet = 'Nobody yet.';

export const usedSince = 'used since';

export const into = (name: string) => `Into ${name}`;

export const nothingMovesYet =
  'Nothing happens until you press the button below. You can undo all of it until a new class has answers.';

/** "Rename: Fern": what a button does, and to whom. */
export const deedFor = (deed: string, name: string) => `${deed}: ${name}`;

export const makeClass = 'Make a class';

export const level = (level: number) => `, level ${level}`;

export const removeFromClass = 'Remove from class';

export const makeNewKey = 'Make a new key';

export const keyHeading = (name: string) => `The key of ${name}`;

export const renameHeading = (name: string) => `Rename ${name}`;

export const removeHeading = (name: string) => `Remove ${name}?`;

export const newKeyHeading = (name: string) => `A new key for ${name}?`;

export const pageTitle = 'Class';

export const notFinished = 'not finished';

export const practice = 'Practice';

export const practiceOf = (stageName: string) => `Practice: ${stageName}`;

export const noAnswerYet = 'No answer yet';

export const since = (count: string, day: string) => `${count} since ${day}`;

export const hereAway = (count: string, awayCount: number) => `${count} here, ${awayCount} away`;

export const answersChild = 'Answers of a child';

export const answersTopic = 'Answers on a topic';

export const lesson = 'Lesson';

export const doesNotTakePlace = (holiday: string) => `. ${holiday}: no lesson on this day`;

export const choose = 'Choose ...';

export const different = (name: string, ownCount: number) => `${name} (${ownCount} different)`;

export const sameAsClass = (part: string) => `Same as the class: ${part}`;

export const openChild = 'Open for this child';

export const closedChild = 'Closed for this child';

export const progressClass = 'Progress of the class';

export const addTerm = 'Add the term';

export const intoNextTerm = 'Into the next term';

export const childWhoLeft = 'a child who has left';

export const cancelledLesson = '. Cancelled';

/** Beside the term that runs. */
export const currentTerm = '(now)';

export const isFinished = 'finished';

/** What became of a task. */
export const TASK_WORDS = { right: 'solved', wrong: 'tried' };

/** A stage of the path. */
export const STAGE_WORDS = { open: 'open', closed: 'closed' };
