/** The words of the pattern book, and the sentences made from a mate on the board. */
import { makeSquareName } from '@/core/board';
import { getPosition, parseMoveText } from '@/core/notation';
import { BARE_PICTURES, findSacrifices, namePatterns, PATTERN_IDS } from '@/core/patterns';
import {
  findPatterns,
  listRoleSentences,
  mateNamedText,
  matchText,
  PATTERN_NAMES,
  PATTERN_WORDS,
  sacrificeText,
  stairText,
  tagsText,
  twinText,
  PLAIN_TERMS,
} from '.';

test.each(PATTERN_IDS)('%s: a name of its own, ingredients and what goes wrong in whole sentences', (id) => {
  const name = PATTERN_NAMES[id];
  const { also, origin, ingredients, failures } = PATTERN_WORDS[id](PLAIN_TERMS);
  const names = PATTERN_IDS.flatMap((other) => [
    PATTERN_NAMES[other],
    ...PATTERN_WORDS[other](PLAIN_TERMS).also,
  ]);
  for (const one of [name, ...also]) expect(names.filter((other) => other === one)).toHaveLength(1);
  expect(ingredients.length).toBeGreaterThanOrEqual(2);
  expect(failures.length).toBeGreaterThanOrEqual(1);
  for (const text of [...ingredients, ...failures, ...(origin === undefined ? [] : [origin])])
    expect(text).toMatch(/^[A-Z“a-h].*[.]$/);
});

test.each(PATTERN_IDS)('%s: what is said of the bare picture names its men and squares', (id) => {
  const bare = getPosition(BARE_PICTURES[id]);
  const roles = namePatterns(bare).find((match) => match.id === id)?.roles;
  if (roles === undefined) throw new Error(id);
  const text = matchText(bare, roles, PLAIN_TERMS);
  expect(text).toContain(`on ${makeSquareName(roles.mating)} gives mate.`);
  for (const { square, by } of roles.guards)
    if (by.length > 0) expect(text).toContain(makeSquareName(square));
  for (const square of roles.blockers) expect(text).toContain(makeSquareName(square));
});

test('the opera mate, man by man', () => {
  const bare = getPosition(BARE_PICTURES.opera);
  const [match] = namePatterns(bare);
  expect(match && listRoleSentences(bare, match.roles, PLAIN_TERMS)).toEqual([
    'The rook on d8 gives mate.',
    'The bishop on g5 protects the rook on d8.',
    'The rook on d8 guards f8 and d7.',
    'The bishop on g5 guards e7.',
    'Its own piece blocks f7.',
  ]);
});

test('a mate on the board is called by its names, or told without one', () => {
  const opera = getPosition(BARE_PICTURES.opera);
  expect(mateNamedText(opera, false, [], PLAIN_TERMS)).toMatch(
    /^It is mate: Opera mate\. The rook on d8 gives mate\./,
  );
  expect(mateNamedText(opera, true, [], PLAIN_TERMS)).toMatch(/^It is mate: Opera mate, Anderssen’s mate, /);
  const nameless = getPosition('8/8/8/8/8/5k2/8/r4K2 w - - 0 1');
  expect(mateNamedText(nameless, false, [], PLAIN_TERMS)).toBe(
    'It is mate, but not one with a name in the book. The rook on a1 gives mate. The king on f3 guards f2, g2 and e2. The rook on a1 guards g1 and e1.',
  );
});

test('a mate is found by a part of its name, without accents, by its men and by the square it is given on', () => {
  expect(new Set(findPatterns('', PLAIN_TERMS))).toEqual(new Set(PATTERN_IDS));
  expect(findPatterns('', PLAIN_TERMS)[0]).toBe('anastasia');
  expect(findPatterns('smother', PLAIN_TERMS)).toEqual(['smothered']);
  expect(findPatterns('legal', PLAIN_TERMS)).toContain('legal');
  expect(findPatterns('vukovic', PLAIN_TERMS)).toEqual(['vukovic']);
  expect(findPatterns('cozio', PLAIN_TERMS)).toEqual(['dovetail']);
  expect(findPatterns('knight rook', PLAIN_TERMS)).toEqual(
    expect.arrayContaining(['arabian', 'hook', 'corner']),
  );
  expect(findPatterns('queen h7', PLAIN_TERMS)).toContain('damiano');
  expect(findPatterns('unicorn', PLAIN_TERMS)).toEqual([]);
});

test('tags say what always and what sometimes comes', () => {
  expect(
    tagsText([
      { id: 'reti', reading: 'strict', how: 'the' },
      { id: 'opera', reading: 'strict', how: 'seen' },
      { id: 'mayet', reading: 'loose', how: 'seen' },
    ]),
  ).toBe('Ends in: Réti’s mate. In some lines: Opera mate and Mayet’s mate.');
  expect(tagsText([])).toBe('');
});

test('a sacrifice is told with its man, its square and its aim', () => {
  const smothered = getPosition('5r1k/6pp/7N/8/2Q5/8/8/6K1 w - - 0 1');
  const line = ['c4g8', 'f8g8', 'h6f7'].flatMap((text) => parseMoveText(text) ?? []);
  expect(findSacrifices(smothered, line).map((sacrifice) => sacrificeText(sacrifice, PLAIN_TERMS))).toEqual([
    'The queen is sacrificed on g8: the rook captures, and on g8 it blocks its own king.',
  ]);
  const given = { ply: 0, role: 'rook', square: 63, takenBy: 'king' } as const;
  expect(sacrificeText({ ...given, aim: { kind: 'lures-king', to: 63 } }, PLAIN_TERMS)).toBe(
    'The rook is sacrificed on h8: the king has to come to h8.',
  );
  expect(
    sacrificeText({ ...given, takenBy: 'knight', aim: { kind: 'opens-line', squares: [] } }, PLAIN_TERMS),
  ).toBe('The rook is sacrificed on h8: the knight captures, and the line to the king is open.');
  expect(
    sacrificeText({ ...given, takenBy: 'queen', aim: { kind: 'removes-guard', square: 54 } }, PLAIN_TERMS),
  ).toBe('The rook is sacrificed on h8: the queen captures and no longer guards g7.');
  expect(sacrificeText({ ...given, takenBy: 'pawn', aim: { kind: 'other' } }, PLAIN_TERMS)).toBe(
    'The rook is sacrificed on h8: the pawn captures.',
  );
});

test('a stair says what it is and whether its key is the only one', () => {
  expect(stairText({ kind: 'thin', men: 9, isOnlyKey: true }, 'Nf7#')).toBe(
    'The same idea without 9 pieces that play no part. The only key is Nf7#.',
  );
  expect(stairText({ kind: 'line', men: 0, isOnlyKey: false }, 'Qg8+')).toBe(
    'A position from the main line. One key is Qg8+; there are others.',
  );
  expect(stairText({ kind: 'side', men: 0, isOnlyKey: true }, 'Rd8#')).toContain('another defence');
  expect(stairText({ kind: 'full', men: 1, isOnlyKey: true }, 'Rd8#')).toContain('1 extra piece');
});

test('what the book says follows the twin on the board', () => {
  expect(twinText('The king slips out over f8.', false, false)).toBe('The king slips out over f8.');
  expect(twinText('The king slips out over f8.', true, false)).toBe('The king slips out over f1.');
  expect(twinText('The king slips out over f8.', false, true)).toBe('The king slips out over c8.');
  expect(twinText('The e- or d-pawn has moved: g8 or g6.', true, true)).toBe(
    'The d- or e-pawn has moved: b1 or b3.',
  );
});
