import { v4 as makeUuid } from 'uuid';
import { blankSheetsSchema, setSheetsSchema } from '@/contracts/print';
import { EXERCISE_IDS } from '@/core/exercises';
import { PATTERN_IDS } from '@/core/patterns';
import { addStudent } from '@/server/services/classes';
import { saveHouseWords } from '@/server/services/houseWords';
import { printBlank, printPatternCards, printSet } from '@/server/services/paper';
import { addRound } from '@/server/services/sets';
import { familyName, PLAIN_TERMS } from '@/text';
import {
  makeClass,
  makeClub,
  makeSet,
  MATE_IN_1,
  MATE_IN_2,
  valueOf,
  withDatabase,
} from '../support/database';
import { readPdf } from '../support/pdf';

withDatabase();

const ask = (fields: object) => setSheetsSchema.parse(fields);

test('puzzles on sheets, and the key with main and side lines behind them', async () => {
  const { coach } = await makeClub();
  const setId = await makeSet(coach, [MATE_IN_1, MATE_IN_2]);
  const { name, bytes } = valueOf(await printSet(coach, setId, ask({ date: '1 May' })));
  expect(name).toMatch(/^[a-z0-9-]+\.pdf$/);
  const [sheet, key, ...more] = readPdf(bytes).pages;
  expect(more).toEqual([]);
  expect(sheet?.text).toContain('1. White mates in 1');
  expect(sheet?.text).toContain('2. White mates in 2');
  // What solves them is in the key alone.
  for (const move of ['Ra8#', 'Rd8+']) {
    expect(sheet?.text).not.toContain(move);
    expect(key?.text).toContain(move);
  }
  expect(key?.text).toContain('Rexe8#');
});

test('a sheet for each child of the class, in its own words', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  valueOf(await addStudent(coach, { requestId: makeUuid(), classId, name: 'Winkle' }));
  const words = [{ term: 'rook', one: 'tower' }] as const;
  valueOf(await saveHouseWords(coach, { classId, words: [...words], readingLevel: 'full' }));
  const setId = await makeSet(coach, [MATE_IN_1]);
  const request = ask({ classId, names: 'on', parts: 'both', kind: 'set-up' });
  const { pages } = readPdf(valueOf(await printSet(coach, setId, request)).bytes);
  expect(pages).toHaveLength(3);
  expect(pages[1]?.text).toContain('Name: Winkle');
  expect(pages[0]?.text).toContain('tower');
  expect(pages[0]?.text).not.toContain('rook');
});

test('every family of exercises goes onto paper with an answer in the key', async () => {
  const { coach } = await makeClub();
  const setId = await makeSet(coach, []);
  for (const family of EXERCISE_IDS) {
    valueOf(await addRound(coach, { setId, family, level: 1, seed: 5, count: 1 }));
  }
  const { pages } = readPdf(
    valueOf(await printSet(coach, setId, ask({ lines: 'on', coordinates: 'on' }))).bytes,
  );
  const text = pages.map((page) => page.text).join(' ');
  const told = text.split(': key').length - 1;
  expect(told).toBeGreaterThan(1);
  for (const [index, family] of EXERCISE_IDS.entries()) {
    const heading = ` ${index + 1}. ${familyName(family, PLAIN_TERMS).split(' ')[0] ?? ''}`;
    // Once on a sheet, once in the key.
    expect([heading, text.split(heading).length - 1]).toEqual([heading, 2]);
  }
});

test('boards to draw on and cards of every named mate', async () => {
  const { coach } = await makeClub();
  const blank = valueOf(await printBlank(blankSheetsSchema.parse({ sheets: '3', perSheet: '4' })));
  expect(readPdf(blank.bytes).pages).toHaveLength(3);
  const cards = valueOf(await printPatternCards(coach, { paper: 'letter' }));
  expect(readPdf(cards.bytes).pages).toHaveLength(2 * Math.ceil(PATTERN_IDS.length / 8));
});

test('an empty set is refused in words', async () => {
  const { coach } = await makeClub();
  const setId = await makeSet(coach, []);
  expect(await printSet(coach, setId, ask({}))).toEqual({ ok: false, error: { code: 'set/empty' } });
});
