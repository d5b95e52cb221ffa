'use client';
import { LESSON_MINUTES } from '@/contracts/bounds';
import { Button, Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId } from '@/contracts/ids';
import type { Schedule } from '@/contracts/lessons';
import type { Result } from '@/core/shared';
import { countText, WEEKDAY_WORDS } from '@/text';
import { CountField } from '@/ui/forms/CountField';
import { useSending } from '@/ui/forms/useSending';
import classes from './Lessons.module.css';
import * as lessonsText from '@/text/screens/lessons';

/** The hours of a class: the same days of the week from one day to another. */
export function ScheduleForm(props: {
  readonly classId: ClassId;
  readonly from: string;
  readonly to: string;
  readonly onSchedule: (input: Schedule) => Promise<Result<number, ServiceFault>>;
}) {
  const [weekdays, setWeekdays] = useState<readonly number[]>([]);
  const [startsAt, setStartsAt] = useState('16:00');
  const [minutes, setMinutes] = useState(45);
  const [from, setFrom] = useState(props.from);
  const [to, setTo] = useState(props.to);
  const [said, setSaid] = useState('');
  const { send, isBusy, error } = useSending();

  async function submit() {
    setSaid('');
    const sent = await send(() =>
      props.onSchedule({ classId: props.classId, weekdays: [...weekdays], startsAt, minutes, from, to }),
    );
    if (sent !== undefined) {
      setSaid(
        sent.value === 0 ? lessonsText.allLessonsExist : lessonsText.added(countText(sent.value, 'lesson')),
      );
    }
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <Checkbox.Group
        label={lessonsText.daysWeek}
        value={weekdays.map(String)}
        onChange={(chosen) => setWeekdays(chosen.map(Number))}
      >
        <div className={classes.row}>
          {WEEKDAY_WORDS.map((word, index) => (
            <Checkbox key={word} size="md" py={10} value={String(index + 1)} label={word} />
          ))}
        </div>
      </Checkbox.Group>
      <div className={classes.fields}>
        <TextInput
          label={lessonsText.startsAt}
          type="time"
          size="md"
          value={startsAt}
          onChange={({ currentTarget }) => setStartsAt(currentTarget.value)}
        />
        <CountField
          label={lessonsText.minutes}
          w="7rem"
          min={LESSON_MINUTES.least}
          max={LESSON_MINUTES.most}
          value={minutes}
          onCount={setMinutes}
        />
        <TextInput
          label={lessonsText.from}
          type="date"
          size="md"
          value={from}
          onChange={({ currentTarget }) => setFrom(currentTarget.value)}
        />
        <TextInput
          label={lessonsText.to}
          type="date"
          size="md"
          value={to}
          onChange={({ currentTarget }) => setTo(currentTarget.value)}
        />
        <Button type="submit" size="md" mih={44} loading={isBusy} disabled={weekdays.length === 0}>
          {lessonsText.addTheseLessons}
        </Button>
      </div>
      <p role="status" className={classes.said}>
        {said}
      </p>
      <span role="alert">{error}</span>
    </form>
  );
}
