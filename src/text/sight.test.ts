import { MAN_VALUES, parseSquareName } from '@/core/board';
import { getDraft } from '@/core/notation';
import { findSight, listArmySights } from '@/core/tactics';
import { makeTerms, PLAIN_TERMS } from '.';
import { armySightText, sightText } from './sight';

/** White: Nf3 and a pawn on e5 protected by it; Black: a rook on f8 that looks at f3. */
const BOARD = getDraft('5r2/8/8/4P3/8/5N2/8/8 w - - 0 1');
const sightOf = (name: string) => {
  const sight = findSight(BOARD, parseSquareName(name) ?? 0, MAN_VALUES);
  if (sight === undefined) throw new Error(name);
  return sight;
};

test('the sight of a piece in words: what it attacks and protects, who does it to it, how safe its squares are', () => {
  expect(sightText(BOARD.board, sightOf('f3'), PLAIN_TERMS)).toBe(
    'Knight on f3: protects e5. Attacked from f8. Nobody protects it. Safe squares: 7, no loss in a trade: 0, lost: 0.',
  );
  expect(sightText(BOARD.board, sightOf('f8'), PLAIN_TERMS)).toBe(
    'Rook on f8: attacks f3. Nobody attacks it. Nobody protects it. Safe squares: 11, no loss in a trade: 0, lost: 1.',
  );
});

test('the sight of an army, in house words', () => {
  const terms = makeTerms([{ term: 'king', one: 'chief' }]);
  expect(armySightText(BOARD.board, 'white', listArmySights(BOARD, 'white', MAN_VALUES), terms)).toBe(
    'White attacks nothing. Not protected: f3.',
  );
  const guarded = getDraft('8/8/8/8/8/8/3K4/3R4 w - - 0 1');
  expect(armySightText(guarded.board, 'white', listArmySights(guarded, 'white', MAN_VALUES), terms)).toBe(
    'White attacks nothing. Everything but the chief is protected.',
  );
});
