import { EXERCISE_IDS } from '@/core/exercises';
import { getDraft, getPosition } from '@/core/notation';
import { HOUSE_TERMS } from '@/contracts/houseWords';
import { familyWords, handFaultText, makeTerms, noteText, readMoveText, takenText } from '.';
import { capital } from './terms';

const house = makeTerms([
  { term: 'queen', one: 'lady', many: 'ladies' },
  { term: 'bishop', one: 'elephant' },
  { term: 'in-passing', one: 'on the fly' },
]);

test('one, several and the right article; without a word of the house the field’s own', () => {
  expect([house.one('queen'), house.many('queen'), house.a('queen')]).toEqual(['lady', 'ladies', 'a lady']);
  expect([house.many('bishop'), house.a('bishop'), capital(house.a('bishop'))]).toEqual([
    'elephants',
    'an elephant',
    'An elephant',
  ]);
  expect([house.one('rook'), house.many('rook'), house.a('rook')]).toEqual(['rook', 'rooks', 'a rook']);
});

test('a new word is not replaced again', () => {
  const terms = makeTerms([
    { term: 'rook', one: 'castle' },
    { term: 'castle', one: 'hide' },
  ]);
  const { name, rule } = familyWords('may-castle', terms);
  expect(name).toBe('May the king hide?');
  expect(rule).toMatch(/^King and castle have not moved\./);
});

test('two pieces that were lost are said with the plural of the house', () => {
  const position = getPosition('7k/8/8/r7/r7/Q7/Q7/K7 b - - 0 1');
  expect(takenText(position, ['a4a3', 'a2a3', 'a5a3'], house)).toBe('You lose a rook and win two ladies.');
});

test('en passant is called by the word of the house in every reason', () => {
  const draft = getDraft('4k3/8/8/3pP3/8/8/8/4K3 w - - 0 1');
  const scene = {
    board: draft.board,
    turn: 'white',
    bottom: 'white',
    hasCoordinates: true,
    areNamesAsked: false,
    asked: [],
    trace: undefined,
    isHidden: false,
  } as const;
  const words = familyWords('may-pass', house);
  const position = getPosition('4k3/8/8/3pP3/8/8/8/4K3 w - d6 0 1');
  const move = { from: 36, to: 43 } as const;
  const texts = [
    noteText(words, { code: 'passing-is-over', square: 43 }, scene, house),
    noteText(words, { code: 'right-because', reason: { code: 'only-at-once' } }, scene, house),
    handFaultText(draft, { code: 'passing-is-over', square: 43, by: 35 }, house),
    readMoveText(
      position,
      { kind: 'tolerable', move, san: 'exd6', diagnoses: ['ep-suffix'] } as never,
      house,
    ),
    words.name,
  ];
  for (const text of texts) expect(text).toMatch(/[Oo]n the fly/);
});

/** What is left of the field's words where every term has a word of the house. */
const PLAIN_WORDS =
  /\b(pawns?|knights?|bishops?|rooks?|queens?|kings?|castles?|checkmate|stalemate|en passant|ranks?|diagonals?)\b/i;
const ODD = makeTerms(
  HOUSE_TERMS.map((term) => ({ term, one: `odd${term.length}`, many: `odds${term.length}` })),
);

test.each(EXERCISE_IDS)('%s: nothing is said in a word that the house has replaced', (id) => {
  const { name, levels, rule, rules, options } = familyWords(id, ODD);
  const choices = typeof options === 'object' ? Object.values(options) : [];
  for (const text of [name, ...levels, rule, ...Object.values(rules ?? {}), ...choices])
    expect(text).not.toMatch(PLAIN_WORDS);
});
