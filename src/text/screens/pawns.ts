import { capital, spoken, type Spoken, type Terms } from '../terms';

export const rules = 'The rules' as Spoken;

export const boardLabel = (terms: Terms) => spoken(`Board of the game with ${terms.many('pawn')}`);

export const newGame = 'New game' as Spoken;

export const takeBack = 'Take back' as Spoken;

export const howPlay = 'How to play' as Spoken;

export const whoPlays = 'Who plays' as Spoken;

export const whoWins = 'Who wins' as Spoken;

export const pawnsOfEachSide = (terms: Terms) => spoken(capital(`${terms.many('pawn')} of each side`));

export const withKings = (terms: Terms) => spoken(`With ${terms.many('king')}`);

export const turnAfterEachMove = 'Turn the board after each move' as Spoken;

export const twoAtScreen = 'Two at this screen' as Spoken;

export const appGentle = 'The app, gentle' as Spoken;

export const appSteady = 'The app, steady' as Spoken;

export const appStrong = 'The app, strong' as Spoken;

export const firstOnLastRank = (terms: Terms) =>
  spoken(`First ${terms.one('pawn')} on the last ${terms.one('rank')}`);

export const lastMoveWins = 'Whoever makes the last move' as Spoken;
