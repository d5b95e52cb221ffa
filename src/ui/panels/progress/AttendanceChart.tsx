'use client';
import { CartesianGrid, ResponsiveContainer, Scatter, ScatterChart, XAxis, YAxis } from 'recharts';
import Link from 'next/link';
import type { ClassProgress } from '@/contracts/progress';
import { answersOf } from './answersOf';
import classes from './Progress.module.css';
import * as progressText from '@/text/screens/progress';

/** Lessons a child was in beside what it gets right at once, as a cloud of points and as a table. */
export function AttendanceChart({
  progress: { classId, students, attendance },
}: {
  readonly progress: Pick<ClassProgress, 'classId' | 'students' | 'attendance'>;
}) {
  const points = attendance
    .filter(({ here, away, answers }) => here + away > 0 && answers > 0)
    .map(({ here, answers, right }) => ({ here, percent: percentOf(right, answers) }));
  return (
    <>
      <p>{progressText.attendanceHelp}</p>
      {points.length > 0 && (
        <div className={classes.chart} style={{ height: '16rem' }} aria-hidden>
          <ResponsiveContainer width="100%" height="100%">
            <ScatterChart accessibilityLayer={false} margin={{ left: 0, right: 16, top: 8, bottom: 24 }}>
              <CartesianGrid stroke="var(--rule)" />
              <XAxis
                type="number"
                dataKey="here"
                allowDecimals={false}
                stroke="var(--ink-soft)"
                tick={{ fontSize: 14 }}
                label={{
                  value: progressText.lessonsHere,
                  position: 'insideBottom',
                  offset: -12,
                  fill: 'var(--ink)',
                }}
              />
              <YAxis
                type="number"
                dataKey="percent"
                domain={[0, 100]}
                unit=" %"
                width={64}
                stroke="var(--ink-soft)"
                tick={{ fontSize: 14 }}
              />
              <Scatter data={points} fill="var(--board-dark)" stroke="var(--ink)" isAnimationActive={false} />
            </ScatterChart>
          </ResponsiveContainer>
        </div>
      )}
      <div className={classes.wide}>
        <table className={classes.table}>
          <thead>
            <tr>
              <th scope="col">{progressText.child}</th>
              <th scope="col">{progressText.lessonsHere}</th>
              <th scope="col">{progressText.away}</th>
              <th scope="col">{progressText.tasksBegun}</th>
              <th scope="col">{progressText.rightFirstTimeHeading}</th>
            </tr>
          </thead>
          <tbody>
            {students.map(({ studentId, name }, index) => {
              const { here = 0, away = 0, answers = 0, right = 0 } = attendance[index] ?? {};
              return (
                <tr key={studentId}>
                  <th scope="row">{name}</th>
                  <td>
                    <Link href={`/classes/${classId}/lessons`}>{here}</Link>
                  </td>
                  <td>{away}</td>
                  <td>
                    <Link
                      href={answersOf(`/classes/${classId}/children/${studentId}/answers`, 'class', classId)}
                    >
                      {answers}
                    </Link>
                  </td>
                  <td>{answers === 0 ? progressText.noAnswer : `${percentOf(right, answers)} %`}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </>
  );
}

const percentOf = (part: number, whole: number) => Math.round((100 * part) / whole);
