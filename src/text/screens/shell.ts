export const whatYouHadStored =
  'What you had stored is safe. Try once more; if it happens again, tell whoever runs Vorschule for your club.';

export const tryAgain = 'Try again';

export const somethingWentWrongOur = 'Something went wrong on our side.';

export const fetching = 'Fetching ...';

export const addressMayOldWhat = 'The address may be old, or what it showed was deleted. ';

export const goHomePage = 'Go to the home page';

export const pageDoesNotExist = 'This page does not exist.';

export const readAloud = 'Read aloud';

export const dark = ' Dark';

export const light = ' Light';

export const vorschule = 'Vorschule';

export const main = 'Main';

export const signOut = 'Sign out';

export const onlyNewestListedHere = (part: number) => `Only the newest ${part} are listed here.`;
