'use client';
import type { Route } from 'next';
import Link from 'next/link';
import type { ReactNode } from 'react';
import type { AnswerSum, ChildStory } from '@/contracts/progress';
import { MISS_GEOMETRIES } from '@/core/exercises';
import { countText, dayText, listGameChances, mistakeText, minutesText } from '@/text';
import { answersOf } from './answersOf';
import { Part } from './Part';
import classes from './Progress.module.css';
import { RatingChart, TimeChart } from './StoryCharts';
import { useHouseVoice } from '@/ui/words';
import * as progressText from '@/text/screens/progress';

/** So many mistakes are told, the commonest. */
const MOST_MISTAKES = 8;

/** A child over time: rating, mistakes, time, classes, games. `answersAt`: where the answers behind a figure are. */
export function ChildStoryPanel({
  story: { weeks, classes: groups, ratings, mistakes, games },
  name,
  answersAt,
}: {
  readonly story: ChildStory;
  /** The child's. */
  readonly name: string;
  readonly answersAt: string;
}) {
  if (weeks.length === 0) return null;
  const shapes = mistakes.filter(({ code }) => isShape(code));
  const others = mistakes.filter(({ code }) => !isShape(code));
  return (
    <>
      <Part title={progressText.ratingByWeek}>
        {ratings.length === 0 ? (
          <p className={classes.soft}>{progressText.noMatesAnsweredYet}</p>
        ) : (
          <>
            <p>{progressText.ratingHelp}</p>
            {ratings.length > 1 && <RatingChart ratings={ratings} />}
            <Table
              heads={[progressText.weekFrom, progressText.rating, progressText.between, progressText.mates]}
            >
              {ratings.toReversed().map(({ monday, value, deviation, answers }) => (
                <tr key={monday}>
                  <th scope="row">{dayText(monday)}</th>
                  <td>{Math.round(value)}</td>
                  <td>
                    {progressText.betweenOf(
                      Math.round(value - 2 * deviation),
                      Math.round(value + 2 * deviation),
                    )}
                  </td>
                  <td>
                    <Link href={answersOf(answersAt, 'rated', monday)}>{answers}</Link>
                  </td>
                </tr>
              ))}
            </Table>
          </>
        )}
      </Part>
      <Part title={progressText.typicalMistakes}>
        <Mistakes
          title={progressText.whatGoesWrong}
          mistakes={others.slice(0, MOST_MISTAKES)}
          answersAt={answersAt}
        />
        <Mistakes title={progressText.whatMisses(name)} mistakes={shapes} answersAt={answersAt} />
      </Part>
      <Part title={progressText.timeOnTasks}>
        <p>{progressText.timeHelp}</p>
        <TimeChart weeks={weeks} />
        <Table
          heads={[
            progressText.weekFrom,
            progressText.time,
            progressText.tasks,
            progressText.rightFirstTimeHeading,
          ]}
        >
          {weeks
            .filter(hasAnswers)
            .toReversed()
            .map((week) => (
              <tr key={week.monday}>
                <th scope="row">{dayText(week.monday)}</th>
                <td>{minutesText(week.spentMs)}</td>
                <td>
                  <Link href={answersOf(answersAt, 'week', week.monday)}>{week.answers}</Link>
                </td>
                <td>{rightWords(week)}</td>
              </tr>
            ))}
        </Table>
      </Part>
      <Part title={progressText.acrossClassesTerms}>
        <Table
          heads={[
            progressText.classHeading,
            progressText.time,
            progressText.tasks,
            progressText.rightFirstTimeHeading,
          ]}
        >
          {groups.map((one) => (
            <tr key={one.classId}>
              <th scope="row">
                {one.className}, {one.termName}
              </th>
              <td>{minutesText(one.spentMs)}</td>
              <td>
                <Link href={answersOf(answersAt, 'class', one.classId)}>{one.answers}</Link>
              </td>
              <td>{rightWords(one)}</td>
            </tr>
          ))}
        </Table>
      </Part>
      <Part title={progressText.gamesOf(name)}>
        {games.games.length === 0 ? (
          <p className={classes.soft}>{progressText.noGamesSavedYet}</p>
        ) : (
          <>
            <ul className={classes.plain}>
              {listGameChances(games).map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
            <p className={classes.soft}>{progressText.chancesFrom(countText(games.games.length, 'game'))}</p>
            <ul className={classes.plain}>
              {games.games.map(({ gameId, title }) => (
                <li key={gameId}>
                  <Link href={`/games/${gameId}` as Route}>{title}</Link>
                </li>
              ))}
            </ul>
          </>
        )}
      </Part>
    </>
  );
}

const hasAnswers = ({ spentMs, answers }: AnswerSum) => spentMs > 0 || answers > 0;
const isShape = (code: string) => MISS_GEOMETRIES.some((shape) => shape === code);

function rightWords({ answers, right }: AnswerSum): string {
  return answers === 0 ? progressText.noneBegun : `${Math.round((100 * right) / answers)} %`;
}

function Table({ heads, children }: { readonly heads: readonly string[]; readonly children: ReactNode }) {
  return (
    <div className={classes.long}>
      <table className={classes.table}>
        <thead>
          <tr>
            {heads.map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>{children}</tbody>
      </table>
    </div>
  );
}

function Mistakes(props: {
  readonly title: string;
  readonly mistakes: ChildStory['mistakes'];
  readonly answersAt: string;
}) {
  const { terms } = useHouseVoice();
  const { title, mistakes, answersAt } = props;
  return (
    <>
      <h3>{title}</h3>
      {mistakes.length === 0 && <p className={classes.soft}>{progressText.nothingYet}</p>}
      <ul className={classes.plain}>
        {mistakes.map(({ code, answers }) => (
          <li key={code}>
            <Link href={answersOf(answersAt, 'mistake', code)}>{countText(answers, 'answer')}</Link>:{' '}
            {mistakeText(code, terms)}
          </li>
        ))}
      </ul>
    </>
  );
}
