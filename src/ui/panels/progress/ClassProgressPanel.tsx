'use client';
import { Button } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import { useState } from 'react';
import type { ClassProgress } from '@/contracts/progress';
import { countText, dayText, homeworkText, listWords, repeatText, topicText } from '@/text';
import { useHouseVoice } from '@/ui/words';
import { AttendanceChart } from './AttendanceChart';
import { Part } from './Part';
import classes from './Progress.module.css';
import { TopicMap } from './TopicMap';
import * as progressText from '@/text/screens/progress';

/** So many topics of a group are told. */
const MOST_SHARED = 4;
/** So many topics to repeat are told at first. */
const FIRST_REPEATS = 6;

/** What a class needs next and who of it, how its homework went, and where every child stands in every topic. */
export function ClassProgressPanel({ progress }: { readonly progress: ClassProgress }) {
  const { students, topics } = progress;
  if (topics.length === 0)
    return (
      <Part title={progressText.nothingShowYet}>
        <p className={classes.soft}>{progressText.noAnswersHelp}</p>
      </Part>
    );
  return (
    <div className={classes.parts}>
      <div className={classes.pair}>
        <Repeats progress={progress} />
        <Groups progress={progress} />
      </div>
      <Part title={progressText.mapHeading}>
        <TopicMap students={students} topics={topics} childrenAt={`/classes/${progress.classId}/children`} />
      </Part>
      <Homework progress={progress} />
      <Part title={progressText.attendanceBesideProgress}>
        <AttendanceChart progress={progress} />
      </Part>
    </div>
  );
}

function Repeats({ progress: { repeats, byDay, students } }: { readonly progress: ClassProgress }) {
  const { terms } = useHouseVoice();
  const [isWhole, setIsWhole] = useState(false);
  const shown = isWhole ? repeats : repeats.slice(0, FIRST_REPEATS);
  return (
    <Part title={progressText.repeatHeading}>
      {repeats.length === 0 && <p className={classes.soft}>{progressText.nothingDueUntil(dayText(byDay))}</p>}
      <ul className={classes.plain}>
        {shown.map(({ topic, weak, due }) => (
          <li key={topic}>
            <strong>{topicText(topic, terms)}</strong>
            <br />
            {repeatText(
              { weak, due },
              students.map((one) => one.name),
            )}
          </li>
        ))}
      </ul>
      {repeats.length > FIRST_REPEATS && (
        <Button variant="default" mih={44} onClick={() => setIsWhole(!isWhole)}>
          {isWhole ? progressText.onlyMostNeeded : progressText.allTopics(repeats.length)}
        </Button>
      )}
    </Part>
  );
}

function Groups({ progress: { groups, alone } }: { readonly progress: ClassProgress }) {
  const { terms } = useHouseVoice();
  return (
    <Part title={progressText.groupsHeading}>
      {groups.length === 0 && <p className={classes.soft}>{progressText.noGroups}</p>}
      <ol className={classes.plain}>
        {groups.map(({ names, topics }) => (
          <li key={names.join()}>
            <strong>{listWords(names)}</strong>
            <ul>
              {topics.slice(0, MOST_SHARED).map((topic) => (
                <li key={topic}>{topicText(topic, terms)}</li>
              ))}
            </ul>
            {topics.length > MOST_SHARED && (
              <span className={classes.soft}>{progressText.andMore(topics.length - MOST_SHARED)}</span>
            )}
          </li>
        ))}
      </ol>
      {groups.length > 0 && alone.length > 0 && (
        <p className={classes.soft}>{progressText.inNoGroup(listWords(alone))}</p>
      )}
    </Part>
  );
}

function Homework({ progress: { homework, students } }: { readonly progress: ClassProgress }) {
  return (
    <Part title={progressText.howHomeworkWent}>
      {homework.length === 0 ? (
        <p className={classes.soft}>{progressText.noSetWasGiven}</p>
      ) : (
        <div className={classes.wide}>
          <table className={classes.table}>
            <thead>
              <tr>
                <th scope="col">{progressText.child}</th>
                {homework.map(({ assignmentId, setName, givenAt, puzzleCount }) => (
                  <th key={assignmentId} scope="col">
                    <Link href={`/answers/${assignmentId}` as Route}>{setName}</Link>
                    <br />
                    <span className={classes.soft}>
                      {dayText(givenAt.slice(0, 10))}, {countText(puzzleCount, 'task')}
                    </span>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {students.map(({ studentId, name }, index) => (
                <tr key={studentId}>
                  <th scope="row">{name}</th>
                  {homework.map(({ assignmentId, puzzleCount, cells }) => (
                    <td key={assignmentId}>{homeworkText(cells[index], puzzleCount)}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </Part>
  );
}
