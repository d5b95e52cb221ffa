/** What is said of a database that refuses or is away: enough to mend it, and nothing of what people wrote. */
import { inspect } from 'node:util';
import { v4 as makeUuid } from 'uuid';
import type { ClubId, CoachId } from '@/contracts/ids';
import { getDb, sendTogether, withTransaction } from '@/server/db';
import { withDatabase } from '../support/database';
import { runOn } from '../support/schemas';

withDatabase();

const SECRET = 'what-a-child-wrote';
/** The club is not there: the row is refused. */
const game = {
  club_id: 999_999 as ClubId,
  added_by: 999_999 as CoachId,
  title: SECRET,
  result: '*',
  start_fen: '',
  moves: '',
  added_at: new Date(0),
  request_id: makeUuid(),
};

test('a statement that is refused is named without its values', async () => {
  const alone = async (): Promise<unknown> => getDb()('games').insert(game);
  const together = () => withTransaction((db) => sendTogether(db, [db('games').insert(game)]));
  for (const refused of [alone, together]) {
    const error: unknown = await refused().catch((cause: unknown) => cause);
    expect(error).toBeInstanceOf(Error);
    expect((error as Error).message).toContain('insert into `games`');
    // As a log prints it.
    expect(inspect(error)).not.toContain(SECRET);
  }
});

test.each([
  ['nobody listens', 'mysql://vorschule:x@127.0.0.1:1/vorschule'],
  ['a password that is wrong', undefined],
])('a command says it in a sentence: %s', async (_, url) => {
  const wrong = new URL(process.env.DATABASE_URL ?? '');
  wrong.password = 'wrong';
  const { code, said } = await runOn(url ?? wrong.href, 'rebuild-here');
  expect({ code, said }).toEqual({
    code: 1,
    said: expect.stringMatching(/^The database of DATABASE_URL cannot be used: .+\n$/) as string,
  });
});
