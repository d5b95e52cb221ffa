'use client';
import {
  Area,
  Bar,
  BarChart,
  CartesianGrid,
  ComposedChart,
  Line,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import type { ChildStory } from '@/contracts/progress';
import { weekText } from '@/text';
import classes from './Progress.module.css';

const TICK = { fontSize: 14 };
const MINUTE_MS = 60_000;

/** The rating as a line in the band in which the true value is believed to lie. The table says the same. */
export function RatingChart({ ratings }: { readonly ratings: ChildStory['ratings'] }) {
  const rows = ratings.map(({ monday, value, deviation }) => ({
    week: weekText(monday),
    value: Math.round(value),
    band: [Math.round(value - 2 * deviation), Math.round(value + 2 * deviation)],
  }));
  return (
    <div className={classes.chart} style={{ height: '15rem' }} aria-hidden>
      <ResponsiveContainer width="100%" height="100%">
        <ComposedChart
          accessibilityLayer={false}
          data={rows}
          margin={{ left: 0, right: 16, top: 8, bottom: 0 }}
        >
          <CartesianGrid vertical={false} stroke="var(--rule)" />
          <XAxis dataKey="week" stroke="var(--ink-soft)" tick={TICK} />
          <YAxis width={56} stroke="var(--ink-soft)" tick={TICK} domain={['auto', 'auto']} />
          <Area
            dataKey="band"
            stroke="none"
            fill="var(--board-dark)"
            fillOpacity={0.25}
            isAnimationActive={false}
          />
          <Line
            dataKey="value"
            stroke="var(--ink)"
            strokeWidth={2}
            dot={{ r: 4, fill: 'var(--ink)' }}
            isAnimationActive={false}
          />
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}

/** Minutes on tasks by week. The table says the same. */
export function TimeChart({ weeks }: { readonly weeks: ChildStory['weeks'] }) {
  const rows = weeks.map(({ monday, spentMs }) => ({
    week: weekText(monday),
    minutes: Math.round(spentMs / MINUTE_MS),
  }));
  return (
    <div className={classes.chart} style={{ height: '13rem' }} aria-hidden>
      <ResponsiveContainer width="100%" height="100%">
        <BarChart accessibilityLayer={false} data={rows} margin={{ left: 0, right: 16, top: 8, bottom: 0 }}>
          <CartesianGrid vertical={false} stroke="var(--rule)" />
          <XAxis dataKey="week" stroke="var(--ink-soft)" tick={TICK} />
          <YAxis width={72} unit=" min" allowDecimals={false} stroke="var(--ink-soft)" tick={TICK} />
          <Bar dataKey="minutes" fill="var(--board-dark)" stroke="var(--ink)" isAnimationActive={false} />
        </BarChart>
      </ResponsiveContainer>
    </div>
  );
}
