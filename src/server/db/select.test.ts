/** Columns asked for by name: what is read has the types of the schema, and what is not there does not compile. */
import type { SetId, StudentId } from '@/contracts/ids';
import { columnsOf, computed, optional, parsed, readRows, under, type Selected } from './select';

test('rows are read under their own names, each column as it was asked for', () => {
  const columns = columnsOf({
    studentId: 'attempts.student_id',
    isRight: parsed('verdicts.outcome', (outcome) => outcome === 'right'),
    tries: computed(undefined as never, Number),
    setName: optional('sets.name'),
  });
  const raw = { studentId: 4, isRight: 'right', tries: '12', setName: null };
  const rows = readRows(columns, [raw]);
  expect(rows).toEqual([{ studentId: 4, isRight: true, tries: 12, setName: null }]);
  // What the driver handed over is not changed.
  expect(raw.isRight).toBe('right');
});

test('the column of a table under another name is that name’s', () => {
  expect(under('known', 'attempts.student_id').from).toBe('known.student_id');
});

test('types follow the schema', () => {
  const row: Selected<{ studentId: 'attempts.student_id' }> = { studentId: 1 as StudentId };
  // @ts-expect-error a student is not a set
  const setId: SetId = row.studentId;
  // @ts-expect-error there is no such column
  columnsOf({ nothing: 'attempts.nothing' });
  // @ts-expect-error there is no such table
  columnsOf({ nothing: 'nobody.id' });
  // @ts-expect-error a left-joined column may be null
  const name: string = readRows({ name: optional('sets.name') }, [{ name: null }])[0]?.name;
  expect([setId, name]).toEqual([1, null]);
});
