export const whatItDoes = 'Set up a position, have its mate proved, give it to your class.';

export const whatItIs = 'A workbench for chess coaches. It says only what it has computed.';

export const iHaveClassCode = 'I have a class code';

export const iAmCoach = 'I am a coach';

export const boardPicture = 'A chess board with all pieces on their first squares';

export const classCode = 'Class code';

export const goToMyClass = 'Go to my class';

export const whatIsYourCode = 'What is your class code?';

export const whoAreYou = 'Who are you?';

export const noNames = 'There are no names in this class yet. Ask your coach.';

export const anotherClassCode = 'Another class code';

export const hello = (name: string) => `Hello ${name}.`;

export const tapYourPicturesInOrder = (part: string | number) =>
  `Tap your ${part} pictures, one after another.`;

export const notMyName = 'That is not my name';

export const timeZoneExample = 'Europe/Zurich';

export const password = 'Password';

export const passwordHelp = 'At least 10 characters';

export const setUp = 'Set up';

export const setUpYourClub = 'Set up your club';

export const codeHelp = 'Whoever runs this installation has the code. It is shown in the terminal.';

export const signInName = 'Sign-in name';

export const signIn = 'Sign in';

export const signInAsCoach = 'Sign in as a coach';

export const enterNameAndPassword = 'Enter your sign-in name and your password.';

export const wrongNameOrPassword = 'Wrong sign-in name or password.';

export const firstTerm = 'First term';

export const typeCode = 'Type the code from the board.';

export const tapYourPictures = 'Tap your pictures.';

export const wrongPictures = 'These are not your pictures. Try again, or ask your coach.';

export const yourPictures = 'Your pictures';

export const missingCode = 'the code';

export const missingClubName = 'the name of the club';

export const missingTimeZone = 'the time zone, such as Europe/Zurich';

export const missingYourName = 'your name';

export const missingSignInName = 'the sign-in name';

export const missingPassword = 'the password, at least 10 letters';

export const lookAgainAt = (join: string) => `Please look again at ${join}.`;

export const codeFromTerminal = 'Code from the terminal';

export const nameOfClub = 'Name of the club';

export const timeZone = 'Time zone';

export const yourName = 'Your name';
