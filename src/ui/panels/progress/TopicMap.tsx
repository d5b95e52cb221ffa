'use client';
import { Button } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import { useState } from 'react';
import type { ClassProgress, TopicCell } from '@/contracts/progress';
import { isTelling } from '@/core/progress';
import { masteryText, MASTERY_STATE_WORDS, topicText } from '@/text';
import { useHouseVoice } from '@/ui/words';
import classes from './Progress.module.css';
import * as progressText from '@/text/screens/progress';

/** So many topics are shown at first, the most needed. */
const FIRST = 12;

/** Topics down, children across: in each cell how many times in ten it comes right, in words for who hears it, and a way to the answers. */
export function TopicMap(props: {
  readonly students: ClassProgress['students'];
  readonly topics: ClassProgress['topics'];
  /** Where the pages of the children begin. */
  readonly childrenAt: string;
}) {
  const { students, topics, childrenAt } = props;
  const { terms } = useHouseVoice();
  const [isWhole, setIsWhole] = useState(false);
  const shown = isWhole ? topics : topics.slice(0, FIRST);
  return (
    <>
      <p>{progressText.mapHelp}</p>
      <div className={classes.wide}>
        <table className={classes.map}>
          <thead>
            <tr>
              <th scope="col">{progressText.topic}</th>
              {students.map(({ studentId, name }) => (
                <th key={studentId} scope="col">
                  <Link className={classes.upright} href={`${childrenAt}/${studentId}` as Route}>
                    {name}
                  </Link>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map(({ topic, cells }) => (
              <tr key={topic}>
                <th scope="row">{topicText(topic, terms)}</th>
                {students.map(({ studentId, name: child }, index) => {
                  const cell = cells[index];
                  return (
                    <td key={studentId}>
                      {cell && (
                        <Link
                          className={classes.cell}
                          data-mastery={isTelling(cell.evidence) ? cell.masteryState : undefined}
                          data-due={cell.isDue || undefined}
                          href={`${childrenAt}/${studentId}/topics/${encodeURIComponent(topic)}` as Route}
                          prefetch={false}
                          aria-label={progressText.cellOf(child, topicText(topic, terms), cellText(cell))}
                          title={cellText(cell)}
                        >
                          {isTelling(cell.evidence) ? Math.round(cell.mean * 10) : progressText.few}
                        </Link>
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {topics.length > FIRST && (
        <Button variant="default" mih={44} mt="sm" onClick={() => setIsWhole(!isWhole)}>
          {isWhole ? progressText.onlyMostNeeded : progressText.allTopics(topics.length)}
        </Button>
      )}
    </>
  );
}

function cellText(cell: TopicCell): string {
  const masteryState = isTelling(cell.evidence) ? `${MASTERY_STATE_WORDS[cell.masteryState]}. ` : '';
  return `${masteryState}${masteryText(cell)}${cell.isDue ? progressText.dueAgain : ''}.`;
}
