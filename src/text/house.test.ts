import { asWritten } from './terms';
import { clashText, firstSentence, listWordClashes } from './house';

test('one word with two meanings is noticed, also when one of them is the plain word', () => {
  expect(listWordClashes([{ term: 'rook', one: 'Castle' }]).map(clashText)).toEqual([
    '"castle" would mean two things here: rook and castle.',
  ]);
  expect(
    listWordClashes([
      { term: 'go-away', one: 'help' },
      { term: 'put-between', one: 'help' },
    ]).map(({ terms }) => terms),
  ).toEqual([['go-away', 'put-between']]);
  expect(
    listWordClashes([
      { term: 'rook', one: 'castle' },
      { term: 'castle', one: 'hide' },
    ]),
  ).toEqual([]);
});

test('who reads slowly gets one sentence', () => {
  expect(firstSentence(asWritten('Go along the files. Then up.'))).toBe('Go along the files.');
  expect(firstSentence(asWritten('Nothing ends here'))).toBe('Nothing ends here');
  expect(firstSentence(asWritten('Play 1.e4 now. Then wait.'))).toBe('Play 1.e4 now.');
});

test('an answer to check may be called as what it does', () => {
  expect(listWordClashes([{ term: 'take', one: 'capture' }])).toEqual([]);
  expect(listWordClashes([{ term: 'capture', one: 'castle' }])).toHaveLength(1);
});
