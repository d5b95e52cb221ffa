'use client';
import { Button } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import { useState } from 'react';
import { Bar, BarChart, CartesianGrid, ErrorBar, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { ChildProgress, TopicRow } from '@/contracts/progress';
import { isTelling } from '@/core/progress';
import { countText, dayText, masteryText, ROUND_REASON_WORDS, topicText } from '@/text';
import { useHouseVoice } from '@/ui/words';
import classes from './Progress.module.css';
import * as progressText from '@/text/screens/progress';

/** So many topics are told at first; the rest when it is asked for. */
const FIRST = 8;

/** What a child can, topic by topic with its doubt, as bars and as a table; each line leads to the answers it comes from. */
export function ProgressPanel(props: {
  readonly progress: ChildProgress;
  /** The child's. */
  readonly name: string;
  /** Where the pages of its topics begin. */
  readonly topicsAt: string;
}) {
  const { progress, name, topicsAt } = props;
  const { terms } = useHouseVoice();
  const [isWhole, setIsWhole] = useState(false);
  const { topics, nextRound } = progress;
  if (topics.length === 0) return <p className={classes.soft}>{progressText.noAnswersYet}</p>;
  const shown = isWhole ? topics : topics.slice(0, FIRST);
  const told = shown.filter(({ evidence }) => isTelling(evidence));
  const dueCount = topics.filter(({ isDue }) => isDue).length;
  return (
    <>
      <p>{progressText.topicsHelp(countText(topics.length, 'topic'), dueCount)}</p>
      {told.length > 0 && (
        <div className={classes.chart} style={{ height: `${told.length * 1.75 + 2.5}rem` }} aria-hidden>
          <TopicBars topics={told} />
        </div>
      )}
      {topics.length > FIRST && (
        <Button variant="default" mih={44} onClick={() => setIsWhole(!isWhole)}>
          {isWhole ? progressText.onlyLeastKnown : progressText.allTopics(topics.length)}
        </Button>
      )}
      <div className={classes.wide}>
        <table className={classes.table}>
          <thead>
            <tr>
              <th scope="col">{progressText.topic}</th>
              <th scope="col">{progressText.howWell}</th>
              <th scope="col">{progressText.answers}</th>
              <th scope="col">{progressText.again}</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((row) => (
              <tr key={row.topic}>
                <th scope="row">
                  <Link href={`${topicsAt}/${encodeURIComponent(row.topic)}` as Route}>
                    {topicText(row.topic, terms)}
                  </Link>
                </th>
                <td>{masteryText(row)}</td>
                <td>{progressText.rightFirstTime(row.answers, row.right)}</td>
                <td>{row.isDue ? progressText.due : dayText(row.dueAt.slice(0, 10))}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <h3>{progressText.nextRoundOf(name)}</h3>
      <ol className={classes.next}>
        {nextRound.map(({ topic, why }, index) => (
          <li key={index}>
            {topicText(topic, terms)} <span className={classes.soft}>({ROUND_REASON_WORDS[why]})</span>
          </li>
        ))}
      </ol>
    </>
  );
}

/** The table says the same to who cannot see it. */
function TopicBars({ topics }: { readonly topics: readonly TopicRow[] }) {
  const { terms } = useHouseVoice();
  const rows = topics.map(({ topic, mean, low, high }) => ({
    name: topicText(topic, terms),
    percent: Math.round(mean * 100),
    doubt: [Math.round((mean - low) * 100), Math.round((high - mean) * 100)],
  }));
  return (
    <ResponsiveContainer width="100%" height="100%">
      <BarChart
        accessibilityLayer={false}
        data={rows}
        layout="vertical"
        margin={{ left: 0, right: 16, top: 0, bottom: 0 }}
      >
        <CartesianGrid horizontal={false} stroke="var(--rule)" />
        <XAxis type="number" domain={[0, 100]} unit=" %" stroke="var(--ink-soft)" tick={{ fontSize: 14 }} />
        <YAxis
          type="category"
          dataKey="name"
          width={190}
          stroke="var(--ink-soft)"
          tick={{ fontSize: 14, fill: 'var(--ink)' }}
        />
        <Bar dataKey="percent" fill="var(--board-dark)" stroke="var(--ink)" isAnimationActive={false}>
          <ErrorBar
            dataKey="doubt"
            direction="x"
            stroke="var(--ink)"
            strokeWidth={2}
            width={5}
            isAnimationActive={false}
          />
        </Bar>
      </BarChart>
    </ResponsiveContainer>
  );
}
