import { parse } from 'csv-parse/sync';
import { v4 as makeUuid } from 'uuid';
import { getPosition, parseEpd, readPgn } from '@/core/notation';
import { exportSet } from '@/server/services/files';
import { addPuzzle, addRound, addSet } from '@/server/services/sets';
import type { SetId } from '@/contracts/ids';
import { makeClub, MATE_IN_1, MATE_IN_2, valueOf, withDatabase } from '../support/database';

withDatabase();

/** A name that a spreadsheet, a tag and a string would all stumble over. */
const NAME = '=HYPERLINK("http://x") \\ knots';

async function makeMixedSet() {
  const { coach } = await makeClub();
  const setId: SetId = valueOf(await addSet(coach, { requestId: makeUuid(), name: NAME }));
  valueOf(await addPuzzle(coach, { setId, fen: MATE_IN_1 }));
  valueOf(await addRound(coach, { setId, family: 'reach', level: 1, seed: 1, count: 1 }));
  valueOf(await addPuzzle(coach, { setId, fen: MATE_IN_2 }));
  return { coach, setId };
}

test('the mates of a set come out in each format with their numbers, keys and lines; names do no harm', async () => {
  const { coach, setId } = await makeMixedSet();
  const textOf = async (as: 'pgn' | 'epd' | 'csv' | 'json') =>
    valueOf(await exportSet(coach, setId, as)).text;

  const games = [...readPgn(await textOf('pgn'))];
  expect(games.map(({ game, fault }) => [game?.tags.get('Event'), game?.tags.get('Round'), fault])).toEqual([
    [NAME, '1', undefined],
    [NAME, '3', undefined],
  ]);

  const lines = (await textOf('epd')).trimEnd().split('\n').map(parseEpd);
  expect(
    lines.map((line) => line.ok && line.value.operations.find(({ opcode }) => opcode === 'dm')?.operands),
  ).toEqual(['1', '2']);

  const rows: string[][] = parse(await textOf('csv'));
  expect(rows).toEqual([
    ['number', 'fen', 'to move', 'mate in', 'keys', 'solution'],
    ['1', MATE_IN_1, 'White', '1', 'Ra8#', '1. Ra8#'],
    ['3', MATE_IN_2, 'White', '2', 'Rd8+', expect.stringContaining('1. Rd8+ ')],
  ]);
  for (const row of rows.slice(1)) expect(() => getPosition(row[1] ?? '')).not.toThrow();

  const json = JSON.parse(await textOf('json')) as {
    set: string;
    tasks: { number: number; family: string }[];
  };
  expect(json.set).toBe(NAME);
  expect(json.tasks.map(({ number, family }) => [number, family])).toEqual([
    [1, 'mate'],
    [2, 'reach'],
    [3, 'mate'],
  ]);
});

test('a set of another club is not there', async () => {
  const { coach, setId } = await makeMixedSet();
  const stranger = { ...coach, clubId: (coach.clubId + 1) as typeof coach.clubId };
  expect(await exportSet(stranger, setId, 'pgn')).toEqual({ ok: false, error: { code: 'set/not-found' } });
});
