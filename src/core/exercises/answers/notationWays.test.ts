import { NOTATION_DIAGNOSES, getPosition, parseMoveText } from '../../notation';
import { openExercise, type NotationWays } from '..';
import { NOTATION_GROUPS, USUAL_WAYS, writeAsTaught } from './notationWays';

/** Knight f3 takes e5 with check nowhere; castling short is possible. */
const FEN = 'r1bqkbnr/pppp1ppp/2n5/4p3/4P3/5N2/PPPPBPPP/RNBQK2R w KQkq - 0 1';
const judge = (move: string, text: string, ways: Partial<NotationWays>) =>
  openExercise({
    family: 'write-move',
    task: { fen: FEN, move, ways: { ...USUAL_WAYS, ...ways } },
  }).judge({ kind: 'write', text });

test('every remark of the reader belongs to one group', () => {
  const grouped = Object.values(NOTATION_GROUPS).flat();
  expect([...grouped].sort()).toEqual([...NOTATION_DIAGNOSES].sort());
});

test('a way may be accepted silently, with a remark, or not', () => {
  expect(judge('f3e5', 'Ne5', {})).toMatchObject({
    outcome: 'right',
    notes: [{ code: 'usually-written', san: 'Nxe5' }],
  });
  expect(judge('f3e5', 'Ne5', { groups: { 'capture-signs': 'accept' } })).toMatchObject({
    outcome: 'right',
    notes: [],
  });
  expect(judge('f3e5', 'Ne5', { groups: { 'capture-signs': 'refuse' } })).toMatchObject({
    outcome: 'wrong',
    notes: [{ code: 'still-differs', remark: 'missing-capture' }],
  });
  // What is refused in one group is refused, whatever else is accepted.
  expect(judge('f3e5', '3. Ne5', { groups: { extras: 'accept', 'capture-signs': 'refuse' } }).outcome).toBe(
    'wrong',
  );
});

test('the taught form is right without a remark, the standard one always right', () => {
  const long = { form: 'long' } as const;
  expect(judge('f3e5', 'Nf3xe5', long)).toMatchObject({ outcome: 'right', notes: [] });
  expect(judge('f3e5', 'Nxe5', long)).toMatchObject({
    outcome: 'right',
    notes: [{ code: 'usually-written', san: 'Nf3xe5' }],
  });
  expect(judge('e1g1', '0-0', { hasZeros: true })).toMatchObject({ outcome: 'right', notes: [] });
  expect(judge('e1g1', 'O-O', { hasZeros: true })).toMatchObject({
    outcome: 'right',
    notes: [{ san: '0-0' }],
  });
  expect(judge('e1g1', 'Kg1', { groups: { castling: 'refuse' } }).outcome).toBe('wrong');
});

test.each([
  [FEN, 'd2d4', 'd2-d4'],
  [FEN, 'e1g1', 'O-O'],
  ['6k1/P7/8/8/8/8/8/R5K1 w - - 0 1', 'a7a8q', 'a7-a8=Q+'],
])('%s %s in the long form', (fen, move, text) => {
  const parsed = parseMoveText(move) ?? { from: 0, to: 0 };
  expect(writeAsTaught(getPosition(fen), parsed, { ...USUAL_WAYS, form: 'long' })).toBe(text);
});
