import type { Chance } from '@/core/proof';
import { chanceLineText, chancePlaceText, chanceText, gameTitle } from '.';

const INITIAL = 'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1';
const MATE = '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1';

const mate = (became: 'played' | 'slower' | 'missed'): Chance => ({
  kind: 'mate',
  ply: 26,
  fen: MATE,
  played: became === 'played' ? 'a1a8' : 'a1a7',
  line: ['a1a8'],
  mateInMoves: 1,
  became,
});
const LOSS: Chance = {
  kind: 'loss',
  ply: 26,
  fen: MATE,
  played: 'a1a7',
  line: ['a1a7', 'h7h6'],
  points: 2.5,
  seenPlies: 4,
};

test('a game is called by what its tags tell', () => {
  const tags = new Map([
    ['White', 'Pip'],
    ['Black', '?'],
    ['Event', 'Ladder'],
    ['Date', '????.??.??'],
  ]);
  expect(gameTitle(tags, 3)).toBe('Pip – ?, Ladder');
  const on = (date: string) => gameTitle(new Map([...tags, ['Date', date]]), 3);
  expect(on('2026.11.07')).toBe('Pip – ?, Ladder, 7 November 2026');
  expect(on('2026.11.??')).toBe('Pip – ?, Ladder, 2026.11.??');
  expect(on('2026.02.31')).toBe('Pip – ?, Ladder, 2026.02.31');
  expect(gameTitle(new Map([['White', '?']]), 3)).toBe('Game 3');
  expect(gameTitle(new Map([['Event', 'x'.repeat(900)]]), 1)).toHaveLength(200);
});

test('the place is counted from where the game began, and so is the line', () => {
  expect(chancePlaceText(mate('missed'), INITIAL)).toBe('Move 14, White');
  expect(chanceLineText(mate('missed'), INITIAL)).toBe('14. Ra8#');
  expect(chanceLineText(LOSS, INITIAL)).toBe('14. Ra7 h6');
  const later = '4k3/8/8/8/8/8/8/4K2R b K - 0 30';
  expect(chancePlaceText({ ...mate('missed'), ply: 1 }, later)).toBe('Move 31, White');
});

test('a child is spoken of by name, the other side by its colour', () => {
  const pip = { name: 'Pip', side: 'white' } as const;
  expect(chanceText(mate('missed'), pip)).toBe('Pip had a mate in 1 here. They played Ra7.');
  expect(chanceText(mate('played'), pip)).toBe('Pip saw the mate in 1: Ra8#.');
  expect(chanceText(mate('slower'))).toBe('White had a mate in 1. Ra7 mates as well, but later.');
  expect(chanceText(mate('missed'), { name: 'Pip', side: 'black' })).toBe(
    'White had a mate in 1 here. They played Ra7.',
  );
  expect(chanceText(LOSS, pip)).toBe('Pip lost 2.5 points by Ra7. Seen 4 plies deep.');
  expect(chanceText({ ...LOSS, kind: 'gain', became: 'missed', points: 1 }, pip)).toBe(
    'Pip could win 1 point more here. They played Ra7. Seen 4 plies deep.',
  );
  expect(chanceText({ ...LOSS, kind: 'gain', became: 'played', points: 5 }, pip)).toBe(
    'Pip won 5 points by Ra7. Seen 4 plies deep.',
  );
  const { fen, played, line, ply } = LOSS;
  const mated: Chance = { kind: 'mated', fen, played, line, ply, inMoves: 2, seenPlies: 4 };
  expect(chanceText(mated, { name: 'Pip', side: 'black' })).toBe('White let Pip mate in 2 by Ra7.');
});
