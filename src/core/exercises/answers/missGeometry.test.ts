import { getPosition, parseMoveText } from '../../notation';
import { listGeometry, listSharedGeometry } from './missGeometry';
import { openExercise } from '..';

const shapesOf = (fen: string, text: string) =>
  listGeometry(getPosition(fen), parseMoveText(text) ?? { from: 0, to: 0 });

test.each([
  ['a knight jumps, and back', '4k3/8/8/8/4N3/8/8/4K3 w - - 0 1', 'e4c3', ['miss-knight', 'miss-backward']],
  ['forward by a rook is nothing strange', '4k3/8/8/8/8/8/8/R3K3 w - - 0 1', 'a1a7', []],
  ['the long way of a bishop', '4k3/8/8/8/8/8/8/B3K3 w - - 0 1', 'a1e5', ['miss-long-diagonal']],
  ['three steps are not long', '4k3/8/8/8/8/8/8/B3K3 w - - 0 1', 'a1d4', []],
  ['backwards is the other way for Black', '4k3/8/8/r7/8/8/8/4K3 b - - 0 1', 'a5a7', ['miss-backward']],
  ['in passing', '4k3/8/8/3pP3/8/8/8/4K3 w - d6 0 1', 'e5d6', ['miss-en-passant']],
  ['a line is opened', '4k3/8/8/8/4B3/8/8/4R1K1 w - - 0 1', 'e4d5', ['miss-discovered']],
  ['a rook behind the queen', '4k3/8/8/8/8/Q7/8/R3K3 w - - 0 1', 'a3a8', ['miss-behind']],
  ['not when somebody stands between', '4k3/8/8/8/8/Q7/P7/R3K3 w - - 0 1', 'a3a8', []],
])('%s', (_, fen, move, expected) => {
  expect(shapesOf(fen, move)).toEqual(expected);
});

test('only what all right moves share is tagged', () => {
  const position = getPosition('4k3/8/8/8/4N3/8/8/4K3 w - - 0 1');
  const moves = ['e4c3', 'e4c5'].flatMap((text) => parseMoveText(text) ?? []);
  expect(listSharedGeometry(position, moves)).toEqual(['miss-knight']);
  expect(listSharedGeometry(position, [])).toEqual([]);
});

test('a mate in one that is missed says in which shape it lay', () => {
  // Only the knight on e5 mates, on f7.
  const { judge } = openExercise({
    family: 'mate-in-one',
    task: { fen: '6rk/6pp/8/4N3/8/8/8/4K3 w - - 0 1' },
  });
  expect(judge({ kind: 'play', moves: ['e5g6'], slips: 0 }).diagnoses).toEqual([
    'mate-not-yet',
    'miss-knight',
  ]);
  expect(judge({ kind: 'play', moves: ['e5f7'], slips: 0 }).outcome).toBe('right');
});
