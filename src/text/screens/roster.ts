import { countWords } from '../words';
export const whatDoesClass = (name: string) => `What ${name} does in this class`;

export const level = 'Level';

export const undo = 'Undo';

export const hasBegun = (name: string, rosterChange: string) => `${name} has begun: ${rosterChange}`;

export const seeClasses = 'See the classes';

export const noClassEarlierTerm = 'No class of an earlier term has children in it any more.';

export const classesOf = (name: string) => `Classes of ${name}`;

export const turnHelp =
  'A class that goes on keeps its code, its coaches, its words and its path. Two classes whose children go to one are merged. A child who goes elsewhere uses the code of their new class.';

export const nameClass = (part: number) => `Name of class ${part}`;

export const levelClass = (part: number) => `Level of class ${part}`;

export const oneClassMore = 'Add a class';

export const moveAll = (name: string) => `Move all of ${name} to`;

export const goes = (child: string) => `${child} goes to`;

export const begin = (name: string) => `Begin ${name}`;

export const classHasNoName = 'A class has no name yet.';

export const answersStay = (rosterChange: string) => `${rosterChange} Their answers stay with them.`;

export const into = 'Into';

export const move = 'Move';

export const erase = 'Erase';

export const eraseNamed = (name: string) => `Erase ${name}`;

export const eraseHelp = (name: string) =>
  `Type ${name} to confirm. Every answer, game and note is deleted for good.`;

export const eraseGood = 'Erase for good';

export const pasteListOneChild = 'Paste a list, one child per line';

export const importHelp =
  'Nicknames are enough. A CSV file needs a column called name; other columns are ignored.';

export const readList = 'Read the list';

export const chooseFile = 'Choose a file';

export const readNotOffered = (count: string, part: string | number) => `${count} read, ${part} not offered.`;

export const lineHeading = 'Line';

export const child = 'Child';

export const whyNot = 'Why not';

export const add = (count: string) => `Add ${count}`;

export const writeKeysDown = (count: string) =>
  `${count} added. Write the keys down now: they cannot be shown again.`;

export const firstDay = 'First day';

export const lastDay = 'Last day';

export const change = 'Change';

export const changeNamed = (name: string) => `Change ${name}`;

export const coaches = 'Coaches';

export const leadsClub = 'leads the club';

export const coachRole = 'coach';

export const newPassword = 'New password';

export const newPasswordOf = (name: string) => `New password: ${name}`;

export const removeNamed = (name: string) => `Remove: ${name}`;

export const removeFromClub = (part: string) => `Remove ${part} from the club?`;

export const removeCoachHelp = ' can no longer sign in and leaves every class. Sets, plans and history stay.';

export const removeCoach = 'Remove the coach';

export const nameNewCoach = 'Name of a new coach';

export const signsAs = 'Signs in as';

export const passwordAtLeastLetters = (part: number) => `Password, at least ${part} letters`;

export const addCoach = 'Add the coach';

export const yourPassword = 'Your password';

export const oldPassword = 'Old password';

export const newPasswordAtLeast = (part: number) => `New password, at least ${part} letters`;

export const changePassword = 'Change password';

export const signOutOtherDevices = 'Sign out on other devices';

export const notClass = 'not in this class';

export const allLevels = 'all levels';

export const levelOption = (level: number) => `level ${level}`;

export const classWithoutNameYet = 'a class without a name yet';

export const alreadyThere = (name: string) => `${name} (there already)`;

export const leavesClubsClasses = 'leaves the club’s classes';

export const asClass = 'as the class';

export const nobodyGoesThere = 'no child moves there, so it is not created';

export const leftOut = (list: string) => ` Left out: ${list}.`;

export const nameTerm = 'Name of the term';

export const newPasswordShown = (name: string, value: string, name2: string) =>
  `${name} signs in with ${value} from now on. It is shown only here, and ${name2} can change it on this page.`;

export const noLongerCoachClub = (part: string) => `${part} is no longer a coach of this club.`;

export const canSignNowPage = (name: string) =>
  `${name} can sign in now. The page of each class says who teaches it.`;

export const passwordChangedYouSigned = 'Password changed. You are signed out on your other devices.';

export const youSignedOutAll = 'You are signed out on all your other devices.';

export const leave = (count: number) => `; ${countWords(count, 'child leaves', 'children leave')}`;

/** What a coach does in a class. */
export const POST_WORDS = { coach: 'teaches', assistant: 'helps' };
