import type { ClassId, StudentId } from '@/contracts/ids';
import type { Position, PositionDraft } from '../rules';
import { EMPTY_DRAFT } from '../rules';

/** What must not compile: each line fails the type check when it starts to. */
test('ids of different things and unchecked positions do not mix', () => {
  const enrol = (classId: ClassId, studentId: StudentId) => [classId, studentId];
  const needPosition = (position: Position) => position.turn;
  const classId = 1 as ClassId;
  const studentId = 2 as StudentId;
  const draft: PositionDraft = EMPTY_DRAFT;
  expect(enrol(classId, studentId)).toEqual([1, 2]);
  // @ts-expect-error the ids are exchanged
  expect(enrol(studentId, classId)).toEqual([2, 1]);
  // @ts-expect-error a plain number is no id
  expect(enrol(1, studentId)).toEqual([1, 2]);
  // @ts-expect-error a draft has not been checked
  expect(needPosition(draft)).toBe('white');
});
