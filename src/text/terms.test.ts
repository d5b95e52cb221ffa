import {
  familyWords,
  handFaultText,
  makeTerms,
  noteText,
  PLAIN_TERMS,
  questionText,
  readMoveText,
  takenText,
  type FamilyWords,
  type Terms,
} from '.';
import { getDraft, getPosition } from '@/core/notation';
import { EXERCISE_IDS, type NoteOf, type Scene } from '@/core/exercises';
import { HOUSE_TERMS, type HouseWord } from '@/contracts/houseWords';
import { capital } from './terms';

test('one and several, each with the right article', () => {
  const terms = makeTerms([
    { term: 'rook', one: 'tower' },
    { term: 'bishop', one: 'elephant' },
    { term: 'queen', one: 'lady', many: 'ladies' },
  ]);
  expect([terms.one('rook'), terms.many('rook'), terms.a('rook')]).toEqual(['tower', 'towers', 'a tower']);
  expect([terms.a('bishop'), terms.many('queen')]).toEqual(['an elephant', 'ladies']);
  expect([terms.one('knight'), terms.many('knight'), terms.a('knight')]).toEqual([
    'knight',
    'knights',
    'a knight',
  ]);
  expect(capital(terms.a('bishop'))).toBe('An elephant');
});

test('a new word is not replaced again', () => {
  const words = familyWords(
    'may-castle',
    makeTerms([
      { term: 'rook', one: 'castle' },
      { term: 'castle', one: 'hide' },
    ]),
  );
  expect(words.name).toBe('May the king hide?');
  expect(words.rule).toMatch(/^King and castle have not moved\./);
});

test('the three answers to check are named as the house names them', () => {
  const options = (terms: Terms) => familyWords('answers-to-check', terms).options;
  expect(options(PLAIN_TERMS)).toMatchObject({
    'go-away': 'The king moves away',
    take: 'The checking piece is captured',
    'put-between': 'Something goes in between',
  });
  const house: HouseWord[] = [
    { term: 'go-away', one: 'run' },
    { term: 'take', one: 'capture' },
    { term: 'put-between', one: 'shield' },
  ];
  expect(options(makeTerms(house))).toMatchObject({
    'go-away': 'Run',
    take: 'Capture',
    'put-between': 'Shield',
  });
  expect(options(makeTerms([{ term: 'king', one: 'emperor' }]))).toMatchObject({
    'go-away': 'The emperor moves away',
  });
});

test.each([
  ['capture', 'captures', 'captured', 'capturing'],
  ['take', 'takes', 'taken', 'taking'],
  ['grab', 'grabs', 'grabbed', 'grabbing'],
  ['catch', 'catches', 'caught', 'catching'],
  ['snatch', 'snatches', 'snatched', 'snatching'],
  ['carry off', 'carries off', 'carried off', 'carrying off'],
  ['pick up', 'picks up', 'picked up', 'picking up'],
  ['munch', 'munches', 'munched', 'munching'],
])('a class that says %s: %s, %s, %s', (one, many, done, doing) => {
  const terms = makeTerms([{ term: 'capture', one }]);
  expect([terms.many('capture'), terms.done('capture'), terms.doing('capture')]).toEqual([many, done, doing]);
  expect(familyWords('captures', terms).name).toBe(`What can you ${one}?`);
  expect(terms.one('take')).toBe(`the checking piece is ${done}`);
});

test('a file of the computer is no file of the board, and a mate keeps its name', () => {
  const terms = makeTerms([{ term: 'rank', one: 'row' }]);
  const words = familyWords('name-mate', terms);
  expect(typeof words.options === 'function' && words.options('back-rank')).toBe('Back-rank mate');
});

/** Every plain word of a term, where it stands alone. */
const PLAIN_WORDS =
  /\b(pawns?|knights?|bishops?|rooks?|queens?|kings?|castles?|checkmate|stalemate|en passant|ranks?|diagonals?|captur(?:ed|ing)|(?:can|could|to|you|not) capture)\b/i;
const NONSENSE = makeTerms(
  HOUSE_TERMS.map((term) => ({ term, one: `zz${term.length}`, many: `zzz${term.length}` })),
);

test.each(EXERCISE_IDS)('%s: no word of the field is left where the house has one of its own', (id) => {
  const { name, levels, rule, rules, options }: FamilyWords = familyWords(id, NONSENSE);
  const choices = typeof options === 'object' ? Object.values(options) : [];
  for (const text of [name, ...levels, rule, ...Object.values(rules ?? {}), ...choices])
    expect(text).not.toMatch(PLAIN_WORDS);
});

/** A board as a child sees it, White below. */
const sceneOf = ({ board }: ReturnType<typeof getDraft>): Scene => ({
  board,
  turn: 'white',
  bottom: 'white',
  hasCoordinates: true,
  areNamesAsked: false,
  asked: [],
  trace: undefined,
  isHidden: false,
});

const HOUSE = makeTerms([
  { term: 'queen', one: 'lady', many: 'ladies' },
  { term: 'bishop', one: 'elephant' },
  { term: 'in-passing', one: 'on the fly' },
]);

test('two pieces that were lost are said with the plural of the house', () => {
  const position = getPosition('7k/8/8/r7/r7/Q7/Q7/K7 b - - 0 1');
  expect(takenText(position, ['a4a3', 'a2a3', 'a5a3'], HOUSE)).toBe('You lose a rook and win two ladies.');
});

test('en passant is called by the word of the house in every reason', () => {
  const draft = getDraft('4k3/8/8/3pP3/8/8/8/4K3 w - - 0 1');
  const scene = sceneOf(draft);
  const words = familyWords('may-pass', HOUSE);
  const position = getPosition('4k3/8/8/3pP3/8/8/8/4K3 w - d6 0 1');
  const move = { from: 36, to: 43 } as const;
  const late: NoteOf<'pawn-moves'> = { code: 'passing-is-over', square: 43 };
  const because: NoteOf<'may-pass'> = { code: 'right-because', reason: { code: 'only-at-once' } };
  const texts = [
    noteText(familyWords('pawn-moves', HOUSE), late, scene),
    noteText(words, because, scene),
    handFaultText(draft, { code: 'passing-is-over', square: 43, by: 35 }, HOUSE),
    readMoveText(
      position,
      { kind: 'tolerable', move, san: 'exd6', diagnoses: ['ep-suffix'] } as never,
      HOUSE,
    ),
    words.name,
  ];
  for (const text of texts) expect(text).toMatch(/[Oo]n the fly/);
});

test('a reason is made of the same words', () => {
  const terms = makeTerms([{ term: 'knight', one: 'horse' }]);
  const scene = sceneOf(getDraft('8/8/8/8/8/8/8/8 w - - 0 1'));
  const note = { code: 'not-its-way', square: 0, role: 'knight' } as const;
  expect(noteText(familyWords('reach', terms), note, scene)).toBe('a1: a horse does not go that way.');
  expect(questionText(familyWords('reach', terms), { code: 'reach', role: 'knight' } as never)).toBe(
    'Tap every square this horse can go to.',
  );
});
