import { makeNameEraser } from './names';

test('a name goes where it stands as a word of its own, and nowhere else', () => {
  const erase = makeNameEraser(['Ann', 'Ann Marie', 'Zoë', 'J. (Jo)']);
  expect(erase('Ann and Annie play; "Ann" wins, Ann’s rook')).toBe(
    'Somebody and Annie play; "Somebody" wins, Somebody’s rook',
  );
  expect(erase('Ann Marie – Zoë 1-0')).toBe('Somebody – Somebody 1-0');
  expect(erase('J. (Jo) and JoAnn')).toBe('Somebody and JoAnn');
  expect(erase('Zoëa, annex')).toBe('Zoëa, annex');
  expect(makeNameEraser([])('Ann')).toBe('Ann');
});
