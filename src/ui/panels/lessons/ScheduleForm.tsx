'use client';
import { Button, Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import { LESSON_MINUTES } from '@/contracts/bounds';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId } from '@/contracts/ids';
import { scheduleSchema, type Schedule } from '@/contracts/lessons';
import type { Result } from '@/core/shared';
import { countText, WEEKDAY_WORDS } from '@/text';
import { CountField } from '@/ui/forms/CountField';
import { useContractForm } from '@/ui/forms/useContractForm';
import fieldClasses from '@/ui/forms/fields.module.css';
import classes from './Lessons.module.css';
import * as lessonsText from '@/text/screens/lessons';

/** The hours of a class: the same days of the week from one day to another. */
export function ScheduleForm(props: {
  readonly classId: ClassId;
  readonly from: string;
  readonly to: string;
  readonly onSchedule: (input: Schedule) => Promise<Result<number, ServiceFault>>;
}) {
  const [said, setSaid] = useState('');
  const { fields, onSend, isBusy, error } = useContractForm<Schedule>(
    scheduleSchema,
    {
      classId: props.classId,
      weekdays: [],
      startsAt: '16:00',
      minutes: 45,
      from: props.from,
      to: props.to,
    },
    { 'lesson/no-such-days': 'to', 'lesson/too-many': 'to' },
  );
  return (
    <form
      noValidate
      onSubmit={onSend(
        props.onSchedule,
        (added) =>
          setSaid(added === 0 ? lessonsText.allLessonsExist : lessonsText.added(countText(added, 'lesson'))),
        () => setSaid(''),
      )}
    >
      <Checkbox.Group
        label={lessonsText.daysWeek}
        error={fields.errors.weekdays}
        value={fields.values.weekdays.map(String)}
        onChange={(chosen) => fields.setFieldValue('weekdays', chosen.map(Number))}
      >
        <div className={classes.row}>
          {WEEKDAY_WORDS.map((word, index) => (
            <Checkbox
              key={word}
              size="md"
              py={10}
              value={String(index + 1)}
              label={word}
              // The first of them is gone to where none was chosen.
              {...(index === 0 ? { 'data-path': 'weekdays' } : {})}
            />
          ))}
        </div>
      </Checkbox.Group>
      <div className={fieldClasses.fields} style={{ marginTop: '0.75rem' }}>
        <TextInput label={lessonsText.startsAt} type="time" size="md" {...fields.getInputProps('startsAt')} />
        <CountField
          label={lessonsText.minutes}
          w="7rem"
          min={LESSON_MINUTES.least}
          max={LESSON_MINUTES.most}
          value={fields.values.minutes}
          onCount={(minutes) => fields.setFieldValue('minutes', minutes)}
        />
        <TextInput label={lessonsText.from} type="date" size="md" {...fields.getInputProps('from')} />
        <TextInput label={lessonsText.to} type="date" size="md" {...fields.getInputProps('to')} />
        <Button className={fieldClasses.send} type="submit" size="md" mih={44} loading={isBusy}>
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
