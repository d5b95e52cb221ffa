export const errorHelp =
  'What you had stored is safe. Try once more; if it happens again, tell whoever runs Vorschule for your club.';

export const tryAgain = 'Try again';

export const somethingWentWrong = 'Something went wrong on our side.';

export const fetching = 'Fetching ...';

export const missingPageHelp = 'The address may be old, or what it showed was deleted. ';

export const goHome = 'Go to the home page';

export const pageDoesNotExist = 'This page does not exist.';

export const readAloud = 'Read aloud';

export const darkLook = ' Dark';

export const lightLook = ' Light';

export const productName = 'Vorschule';

export const main = 'Main';

export const signOut = 'Sign out';

export const onlyNewest = (part: number) => `Only the newest ${part} are listed here.`;

export const description = 'A workbench for chess coaches.';

export const desk = 'Desk';

export const exercises = 'Exercises';

export const mates = 'Mates';

export const sets = 'Sets';

export const games = 'Games';

export const classes = 'Classes';

export const club = 'Club';
