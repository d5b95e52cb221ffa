export const games = 'Games';

export const gamesHelp = 'Games of your children and others, with their key moments.';

export const importGames = 'Import games';

export const noGames =
  'There are no games yet. Import a score sheet or a PGN file: every position is looked at, and the mates and material that could be won are saved.';

export const gameOfInline = (studentName: string) => `a game of ${studentName}, `;

export const keyMoments = 'Key moments';

export const noKeyMoments = 'No mate was missed or played, and no material was lost.';

export const theGame = 'The game';

export const positionAfter = (part: string) => `The position after ${part}`;

export const moves = 'The moves';

export const toTheStart = 'To the start';

export const stepBack = 'Step back';

export const stepOn = 'Step on';

export const openOnDesk = 'Open on the Desk';

export const show = 'Show';

export const showPlace = (place: string) => `Show ${place}`;

export const turnIntoPuzzle = 'Turn it into a puzzle';

export const turnIntoPuzzleAlready = (list: string) => `Turn it into a puzzle (already in ${list})`;

export const deleteGameQuestion = 'Delete this game? Puzzles made from it stay.';

export const deleteGame = 'Delete this game';

export const gameOf = (studentName: string) => `A game of ${studentName}. `;

export const allGames = 'All games';

export const ofThisGame = 'Of this game';

export const andMore = (part: number) => `and ${part} more.`;

export const readUpHere = (fault: string) => `Read up to here: ${fault}`;

export const whoseGame = 'Whose game';

export const whoseGameGame = (number: number) => `Whose game is game ${number}`;

export const played = 'Played';

export const savedPrefix = 'Saved. ';

export const openGame = 'Open the game';

export const save = 'Save';

export const saveGame = (number: number) => `Save game ${number}`;

export const importHelp = 'Score sheets as text or PGN; faulty ones are read as far as they go.';

export const noMove = 'no move';

export const pageTitle = 'Game';

export const fileLabel = 'A file of games';

export const fileHelp = 'A PGN file, or any text with games';

export const pasteLabel = 'Or paste a score sheet';

export const pasteHelp = 'Moves as a child wrote them are fine';

export const checkGames = 'Check the games';

export const checkingHelp = 'Every position is checked on this machine: a few seconds per game.';

export const reading = 'Reading ...';

export const checkingGame = (number: number) => `Checking game ${number} ...`;

export const stoppedAfter = (count: string) => `Stopped after ${count}.`;

export const checkedMore = (count: string) =>
  `${count} checked. The file holds more; only so many are read at once.`;

export const checked = (count: string) => `${count} checked.`;

export const noAnswerSavedOnce = 'The server did not answer. Try again: it is saved only once.';

export const noChild = 'not one of our children';
