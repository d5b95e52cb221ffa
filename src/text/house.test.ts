import { clashText, firstSentence, listWordClashes, makeHouseVoice } from './house';

test('whole words only, of one and of several, with capitals and the right article', () => {
  const say = makeHouseVoice([
    { term: 'rook', one: 'tower' },
    { term: 'bishop', one: 'elephant' },
    { term: 'knight', one: 'horse', many: 'horses' },
  ]);
  expect(say('Move a bishop and two rooks; the knights stay.')).toBe(
    'Move an elephant and two towers; the horses stay.',
  );
  expect(say('Rook takes. A knight goes.')).toBe('Tower takes. A horse goes.');
  expect(say('Brooks and rookies are no rooks.')).toBe('Brooks and rookies are no towers.');
});

test('a new word is not replaced again', () => {
  const say = makeHouseVoice([
    { term: 'rook', one: 'castle' },
    { term: 'castle', one: 'hide' },
  ]);
  expect(say('May the king castle with this rook?')).toBe('May the king hide with this castle?');
});

test('the three answers to check are named as the house names them', () => {
  const say = makeHouseVoice([
    { term: 'go-away', one: 'run' },
    { term: 'take', one: 'capture' },
    { term: 'put-between', one: 'shield' },
  ]);
  expect(say('The king moves away')).toBe('Run');
  expect(
    say('Three answers: the king moves away, the checking piece is captured, something goes in between.'),
  ).toBe('Three answers: run, capture, shield.');
});

test('without words everything is said plainly', () => {
  expect(makeHouseVoice([])('The rook goes to a8.')).toBe('The rook goes to a8.');
});

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
  expect(firstSentence('Go along the files. Then up.')).toBe('Go along the files.');
  expect(firstSentence('Nothing ends here')).toBe('Nothing ends here');
  expect(firstSentence('Play 1.e4 now. Then wait.')).toBe('Play 1.e4 now.');
});
