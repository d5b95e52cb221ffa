import { v4 as makeUuid } from 'uuid';
import type { NewGame } from '@/contracts/games';
import type { ClassId, StudentId, TaskId } from '@/contracts/ids';
import { getMove, getPosition, makeFen, makeMoveText, readPgn } from '@/core/notation';
import type { CoachActor } from '@/server/auth/actors';
import { addCoach, getCoachActor } from '@/server/services/coaches';
import { addGame, getGamePage, listOwnGames, listStudentChoices, removeGame } from '@/server/services/games';
import { removePuzzle } from '@/server/services/setBuilder';
import { addPuzzle, getSetPage, giveSet } from '@/server/services/sets';
import { getDb } from '@/server/db';
import { makeClass, makeClub, makeSet, PASSWORD, valueOf, withDatabase } from '../support/database';

withDatabase();

/** White had a mate in two at move 6 and took the bishop instead. */
const PGN = '1. e4 e5 2. Nf3 d6 3. Bc4 Bg4 4. Nc3 g6 5. Nxe5 Bxd1 6. Nxd1 dxe5 1/2-1/2';

function makeGame(given: Partial<NewGame> = {}): NewGame {
  const [read] = readPgn(PGN);
  if (read?.game === undefined) throw new Error('not a game');
  const { start, line, result } = read.game;
  return {
    requestId: makeUuid(),
    title: 'Pip – Wren',
    result,
    fen: makeFen(start),
    moves: line.map(({ move }) => makeMoveText(move)),
    plies: [0, 9, 10, 11],
    maxMoves: 3,
    ...given,
  };
}

const playedBy = (classId: ClassId, studentId: StudentId) => ({ classId, studentId, side: 'white' as const });

test('a game is kept with what the server finds at the places named, once, and tells whose it was', async () => {
  const { coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const game = makeGame({ playedBy: playedBy(classId, student.studentId) });
  const both = await Promise.all([addGame(coach, game), addGame(coach, game)]);
  expect(new Set(both.map((result) => valueOf(result).gameId)).size).toBe(1);
  expect(await listOwnGames(coach)).toMatchObject([
    { title: 'Pip – Wren', result: '1/2-1/2', plies: 12, studentName: 'Pip', chances: 2 },
  ]);
  const page = valueOf(await getGamePage(coach, valueOf(both[0]).gameId));
  expect(page).toMatchObject({
    studentName: 'Pip',
    side: 'white',
    moves: game.moves,
    // Where nothing was, nothing is told, whatever the browser said.
    chances: [
      { kind: 'mated', ply: 9 },
      { kind: 'mate', ply: 10, mateInMoves: 2, became: 'missed', sets: [] },
    ],
  });
});

test('a puzzle made of a chance stays linked to its game, both ways, as long as the game is there', async () => {
  const { coach } = await makeClub();
  const { gameId } = valueOf(await addGame(coach, makeGame()));
  const page = valueOf(await getGamePage(coach, gameId));
  const mate = page.chances.find(({ kind }) => kind === 'mate');
  const setId = await makeSet(coach, []);
  valueOf(await addPuzzle(coach, { setId, fen: mate?.fen ?? '' }));
  expect(valueOf(await getSetPage(coach, setId)).items).toMatchObject([
    { mateInMoves: 2, game: { gameId, title: 'Pip – Wren' } },
  ]);
  const again = valueOf(await getGamePage(coach, gameId));
  expect(again.chances.find(({ kind }) => kind === 'mate')?.sets).toEqual(['First mates']);
  valueOf(await removeGame(coach, { gameId }));
  expect(await removeGame(coach, { gameId })).toMatchObject({ error: { code: 'game/not-found' } });
  const [item] = valueOf(await getSetPage(coach, setId)).items;
  expect(item).toMatchObject({ mateInMoves: 2, game: undefined });
  expect(await getDb()('game_chances').pluck('id')).toEqual([]);
});

test('a set the puzzle was taken out of is not named any more, though it was given before', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  const { gameId } = valueOf(await addGame(coach, makeGame()));
  const mateOfGame = async () =>
    valueOf(await getGamePage(coach, gameId)).chances.find(({ kind }) => kind === 'mate');
  const setId = await makeSet(coach, [(await mateOfGame())?.fen ?? '']);
  const [item] = valueOf(await getSetPage(coach, setId)).items;
  valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  expect((await mateOfGame())?.sets).toEqual(['First mates']);
  valueOf(await removePuzzle(coach, { setId, taskId: item?.taskId as TaskId }));
  expect((await mateOfGame())?.sets).toEqual([]);
});

test('what is no game is refused with its place, and nothing is kept', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  const { moves } = makeGame();
  const wrong = [...moves.slice(0, 4), 'a1a8', ...moves.slice(5)];
  expect(await addGame(coach, makeGame({ moves: wrong }))).toEqual({
    ok: false,
    error: { code: 'game/not-legal', ply: 4 },
  });
  expect(await addGame(coach, makeGame({ fen: 'nonsense' }))).toMatchObject({ ok: false });
  const nobody = playedBy(classId, 999_999 as StudentId);
  expect(await addGame(coach, makeGame({ playedBy: nobody }))).toMatchObject({
    error: { code: 'class/not-found' },
  });
  expect(await listOwnGames(coach)).toEqual([]);
});

test('a child’s game is seen by who teaches it, who brought it in, and the lead; the club’s own games by all its coaches', async () => {
  const { lead, coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  valueOf(await addCoach(lead, { name: 'Una', signInName: 'una', password: PASSWORD }));
  const other = await getCoachActor('una');
  const stranger: CoachActor = { ...lead, clubId: (lead.clubId + 1) as typeof lead.clubId };
  const own = valueOf(
    await addGame(coach, makeGame({ playedBy: playedBy(classId, student.studentId) })),
  ).gameId;
  const club = valueOf(await addGame(coach, makeGame())).gameId;
  const seenBy = async (actor: CoachActor) =>
    (await listOwnGames(actor)).map(({ gameId }) => gameId).toSorted();
  expect(await seenBy(coach)).toEqual([own, club].toSorted());
  expect(await seenBy(lead)).toEqual([own, club].toSorted());
  expect(await seenBy(other)).toEqual([club]);
  expect(await seenBy(stranger)).toEqual([]);
  for (const actor of [other, stranger]) {
    expect(await getGamePage(actor, own)).toMatchObject({ error: { code: 'game/not-found' } });
    expect(await removeGame(actor, { gameId: own })).toMatchObject({ error: { code: 'game/not-found' } });
  }
  // A game is given to a child of one's own classes alone.
  expect((await listStudentChoices(coach)).map(({ name }) => name)).toEqual(['Pip']);
  expect(await listStudentChoices(other)).toEqual([]);
  expect(await addGame(other, makeGame({ playedBy: playedBy(classId, student.studentId) }))).toMatchObject({
    error: { code: 'class/not-found' },
  });
});

test('the places are counted from a set-up position too', async () => {
  const { coach } = await makeClub();
  const fen = '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 30';
  const { gameId } = valueOf(
    await addGame(coach, makeGame({ fen, moves: ['a1a8'], plies: [0], result: '1-0' })),
  );
  const [chance] = valueOf(await getGamePage(coach, gameId)).chances;
  expect(chance).toMatchObject({ kind: 'mate', became: 'played', played: 'a1a8' });
  expect(getMove(chance?.line[0] ?? '')).toEqual(getMove('a1a8'));
  expect(getPosition(chance?.fen ?? '').turn).toBe('white');
});
