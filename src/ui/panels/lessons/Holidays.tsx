'use client';
import { Button } from '@mantine/core';
import type { ServiceFault } from '@/contracts/faults';
import type { Holiday, NewHoliday } from '@/contracts/lessons';
import type { Result } from '@/core/shared';
import { dayText } from '@/text';
import { useSending } from '@/ui/forms/useSending';
import { TermForm } from '@/ui/panels/roster/TermForm';
import classes from './Lessons.module.css';
import * as lessonsText from '@/text/screens/lessons';
import * as commonText from '@/text/screens/common';

/** Free days of the club; only a lead changes them. */
export function Holidays(props: {
  readonly holidays: readonly Holiday[];
  readonly mayChange: boolean;
  readonly onAdd: (input: NewHoliday) => Promise<Result<undefined, ServiceFault>>;
  readonly onRemove: (input: { readonly holidayId: number }) => Promise<Result<undefined, ServiceFault>>;
}) {
  const { send, isBusy, error } = useSending();
  return (
    <>
      {props.holidays.length === 0 && <p className={classes.soft}>{lessonsText.noneYet}</p>}
      <ul className={classes.items}>
        {props.holidays.map(({ holidayId, name, startsOn, endsOn }) => (
          <li key={holidayId}>
            <span>
              <strong>{name}</strong>
              <br />
              <span className={classes.soft}>
                {dayText(startsOn)}
                {endsOn !== startsOn && lessonsText.untilDay(dayText(endsOn))}
              </span>
            </span>
            {props.mayChange && (
              <Button
                variant="default"
                size="md"
                mih={44}
                loading={isBusy}
                aria-label={lessonsText.deleteHoliday(name)}
                onClick={() => void send(() => props.onRemove({ holidayId }))}
              >
                {commonText.deleteButton}
              </Button>
            )}
          </li>
        ))}
      </ul>
      <span role="alert">{error}</span>
      {props.mayChange && (
        <TermForm nameLabel={lessonsText.holidayName} button={lessonsText.addHoliday} onSend={props.onAdd} />
      )}
    </>
  );
}
