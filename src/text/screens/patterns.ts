import { countWords } from '../words';
import type { Terms } from '../terms';

export const clubNames = 'Names of your club';

export const noClubNames = 'None yet. Set up a mate on the Desk and give it a name there.';

export const clubNamesHelp = 'The Desk uses these names for mates like these.';

export const deleteName = (name: string) => `Delete the name ${name}`;

export const barePicture = (pattern_names: string) => `${pattern_names}: the bare picture`;

export const hideWhoDoesWhat = 'Hide who does what';

export const showWhoDoesWhat = 'Show who does what';

export const otherColour = 'Other colour';

export const otherWing = 'Other wing';

export const broadOnThisWing = (terms: Terms) =>
  `On this wing it has this name in a broad sense at most: ${terms.one('king')} and ${terms.one('queen')} start on different squares.`;

export const alsoCalled = (join: string) => `Also called: ${join}.`;

export const whatItIsMadeOf = 'What it is made of';

export const whatGoesWrong = 'What goes wrong';

export const threeStepsUp = 'Three steps up';

export const puzzlesOfClub = 'Puzzles of your club';

export const noPuzzles = 'None of your stored puzzles ends in it yet.';

export const openOnDesk = ' Open on the Desk';

export const search = 'Look for a name, a piece or a square';

export const searchExample = 'smothered, knight, h7 ...';

export const allCount = (part: number) => `All ${part} named mates.`;

export const nothingFound = 'Nothing found. Try a piece (“bishop”) or the square where mate is given (“h7”).';

export const barePictureOf = (name: string) => `${name}: the bare picture`;

export const namedMates = 'Named mates';

export const mateHelp = 'Each with its bare picture, who does what in it, and three proved steps up to it.';

export const allNamedMates = 'All named mates';

/** "Smothered mate, mate in 2". */
export const stepOf = (name: string, label: string) => `${name}, ${label}`;

export const wasDeleted = (name: string) => `${name} was deleted.`;

export const mateIn = (mateInMoves: number) => `Mate in ${mateInMoves}`;

export const found = (count: number) => `${countWords(count, 'named mate')}.`;
