'use client';
import { Button } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { StudentId } from '@/contracts/ids';
import type { Attendance, CatchUp, CaughtUp, LessonPage } from '@/contracts/lessons';
import type { Result } from '@/core/shared';
import { countText, listWords } from '@/text';
import { useSending } from '@/ui/forms/useSending';
import { useRequestId } from '@/ui/forms/useRequestId';
import classes from './Lessons.module.css';
import * as lessonsText from '@/text/screens/lessons';

type State = 'here' | 'away' | 'unknown';
/** One tap goes on to the next. */
const NEXT: Readonly<Record<State, State>> = { unknown: 'here', here: 'away', away: 'unknown' };
const WAS_HERE: Readonly<Record<State, boolean | null>> = { unknown: null, here: true, away: false };
const stateOf = (wasHere: boolean | undefined): State =>
  wasHere === undefined ? 'unknown' : wasHere ? 'here' : 'away';

/** What is seen, and what the server is known to have. */
interface Mark {
  readonly shown: State;
  readonly stored: State;
}
const NOT_NOTED: Mark = { shown: 'unknown', stored: 'unknown' };

/** Who is there, in one tap a child; what was practised for those who were not. */
export function AttendancePanel(props: {
  readonly lesson: LessonPage;
  readonly onNote: (input: Attendance) => Promise<Result<undefined, ServiceFault>>;
  readonly onCatchUp: (input: CatchUp) => Promise<Result<CaughtUp, ServiceFault>>;
}) {
  const { lessonId, students, catchUpCount, mayChange, plan } = props.lesson;
  const [marks, setMarks] = useState<ReadonlyMap<StudentId, Mark>>(
    () =>
      new Map(
        students.map(({ studentId, wasHere }) => {
          const state = stateOf(wasHere);
          return [studentId, { shown: state, stored: state }] as const;
        }),
      ),
  );
  const shownOf = (studentId: StudentId) => marks.get(studentId)?.shown ?? 'unknown';
  const [caughtUp, setCaughtUp] = useState<ReadonlySet<StudentId>>(
    () => new Set(students.filter(({ hasCatchUp }) => hasCatchUp).map(({ studentId }) => studentId)),
  );
  const request = useRequestId();
  const { send, isBusy, error } = useSending();
  const count = (state: State) => students.filter(({ studentId }) => shownOf(studentId) === state).length;

  function change(studentId: StudentId, to: (mark: Mark) => Mark) {
    setMarks((now) => new Map(now).set(studentId, to(now.get(studentId) ?? NOT_NOTED)));
  }
  /** The mark changes at once. What could not be stored goes back to what is, unless a later tap has changed it since. */
  async function note(studentId: StudentId, state: State) {
    change(studentId, ({ stored }) => ({ shown: state, stored }));
    const sent = await send(() => props.onNote({ lessonId, studentId, wasHere: WAS_HERE[state] }));
    change(studentId, ({ shown, stored }) =>
      sent !== undefined ? { shown, stored: state } : { shown: shown === state ? stored : shown, stored },
    );
  }
  /** All are on their way at once, so that a tap made meanwhile comes after them: it is the coach's last word. */
  async function noteRest() {
    const rest = students.filter(({ studentId }) => shownOf(studentId) === 'unknown');
    await Promise.all(rest.map(({ studentId }) => note(studentId, 'here')));
  }
  async function catchUp(studentIds: readonly StudentId[]) {
    const asked = { lessonId, studentIds: [...studentIds] };
    const sent = await send(() => props.onCatchUp({ requestId: request.idFor(asked), ...asked }));
    if (sent === undefined) return;
    setCaughtUp(new Set([...caughtUp, ...studentIds]));
    request.done();
  }
  const missing = students.filter(
    ({ studentId }) => shownOf(studentId) === 'away' && !caughtUp.has(studentId),
  );
  return (
    <div className={classes.stack}>
      <section className={classes.card}>
        <h2>{lessonsText.whoHere}</h2>
        <p role="status" className={classes.said}>
          {lessonsText.hereAwayNotNoted(count('here'), count('away'), count('unknown'))}
        </p>
        <ul className={classes.children}>
          {students.map(({ studentId, name }) => {
            const state = shownOf(studentId);
            return (
              <li key={studentId}>
                <button
                  type="button"
                  className={classes.child}
                  data-state={state}
                  aria-label={lessonsText.attendanceOf(name, lessonsText.ATTENDANCE_WORDS[state])}
                  onClick={() => void note(studentId, NEXT[state])}
                >
                  <strong>{name}</strong>
                  <span className={classes.soft}>{lessonsText.ATTENDANCE_WORDS[state]}</span>
                </button>
              </li>
            );
          })}
        </ul>
        <Button
          variant="default"
          size="md"
          mih={44}
          loading={isBusy}
          disabled={count('unknown') === 0}
          onClick={() => void noteRest()}
        >
          {lessonsText.allOthersHere}
        </Button>
        <span role="alert"> {error}</span>
      </section>
      <section className={classes.card}>
        <h2>{lessonsText.catchUpHeading}</h2>
        {catchUpCount === 0 ? (
          <p className={classes.soft}>
            {plan === undefined ? lessonsText.nothingToCatchUp : lessonsText.planWithoutTasks}
          </p>
        ) : (
          <>
            <p className={classes.soft}>{lessonsText.catchUpHelp(countText(catchUpCount, 'task'))}</p>
            <p role="status" className={classes.said}>
              {caughtUp.size > 0 &&
                lessonsText.listCanSeeIt(
                  listWords(
                    students.filter(({ studentId }) => caughtUp.has(studentId)).map(({ name }) => name),
                  ),
                )}
            </p>
            {mayChange && (
              <Button
                size="md"
                mih={44}
                loading={isBusy}
                disabled={missing.length === 0}
                onClick={() => void catchUp(missing.map(({ studentId }) => studentId))}
              >
                {missing.length === 0
                  ? lessonsText.nobodyToGiveTo
                  : lessonsText.giveTo(listWords(missing.map(({ name }) => name)))}
              </Button>
            )}
          </>
        )}
      </section>
    </div>
  );
}
