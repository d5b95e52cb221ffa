export const setUpPositionHave = 'Set up a position, have its mate proved, give it to your class.';

export const workbenchChessCoachesSays = 'A workbench for chess coaches. It says only what it has computed.';

export const iHaveClassCode = 'I have a class code';

export const iAmCoach = 'I am a coach';

export const chessBoardAllPieces = 'A chess board with all pieces on their first squares';

export const classCode = 'Class code';

export const goMyClass = 'Go to my class';

export const whatYourClassCode = 'What is your class code?';

export const whoYou = 'Who are you?';

export const thereNoNamesClass = 'There are no names in this class yet. Ask your coach.';

export const anotherClassCode = 'Another class code';

export const hello = (name: string) => `Hello ${name}.`;

export const tapYourPicturesOne = (part: string | number) => `Tap your ${part} pictures, one after another.`;

export const notMyName = 'That is not my name';

export const europeZurich = 'Europe/Zurich';

export const password = 'Password';

export const atLeast10Characters = 'At least 10 characters';

export const setUp = 'Set up';

export const setUpYourClub = 'Set up your club';

export const whoeverRunsInstallationHas =
  'Whoever runs this installation has the code. It is shown in the terminal.';

export const signName = 'Sign-in name';

export const sign = 'Sign in';

export const signAsCoach = 'Sign in as a coach';
