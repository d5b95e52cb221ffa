import { capital, type Terms } from '../terms';

export const rules = 'The rules';

export const boardLabel = (terms: Terms) => `Board of the game with ${terms.many('pawn')}`;

export const newGame = 'New game';

export const takeBack = 'Take back';

export const howPlay = 'How to play';

export const whoPlays = 'Who plays';

export const whoWins = 'Who wins';

export const pawnsOfEachSide = (terms: Terms) => capital(`${terms.many('pawn')} of each side`);

export const withKings = (terms: Terms) => `With ${terms.many('king')}`;

export const turnAfterEachMove = 'Turn the board after each move';

export const twoAtScreen = 'Two at this screen';

export const appGentle = 'The app, gentle';

export const appSteady = 'The app, steady';

export const appStrong = 'The app, strong';

export const firstOnLastRank = (terms: Terms) =>
  `First ${terms.one('pawn')} on the last ${terms.one('rank')}`;

export const lastMoveWins = 'Whoever makes the last move';
