'use client';
import { Button, PasswordInput, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { CoachId } from '@/contracts/ids';
import type { ClubCoach, NewCoach } from '@/contracts/people';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';
import classes from './Roster.module.css';

const NOBODY: NewCoach = { name: '', signInName: '', password: '' };
const LEAST_LETTERS = 10;

/** The coaches of the club; a lead adds one, who is then told the sign-in name and the password by word of mouth. */
export function CoachList(props: {
  readonly coaches: readonly ClubCoach[];
  /** Undefined: may only look. */
  readonly onAdd: ((input: NewCoach) => Promise<Result<CoachId, ServiceFault>>) | undefined;
}) {
  const { coaches, onAdd } = props;
  const [coach, setCoach] = useState<NewCoach>(NOBODY);
  const [said, setSaid] = useState('');
  const { send, isBusy, error } = useSending();
  return (
    <section className={classes.card} style={{ marginTop: '1rem' }}>
      <h2>Coaches</h2>
      <ul className={classes.children} style={{ marginTop: 0 }}>
        {coaches.map(({ coachId, name, isLead }) => (
          <li key={coachId}>
            <strong>{name}</strong>
            <span className={classes.soft}>{isLead ? 'leads the club' : 'coach'}</span>
          </li>
        ))}
      </ul>
      {onAdd !== undefined && (
        <form
          className={classes.fields}
          onSubmit={(event) => {
            event.preventDefault();
            void send(() => onAdd(coach)).then((sent) => {
              if (sent === undefined) return;
              setSaid(
                `${coach.name} can sign in now. Which classes they teach stands on the page of each class.`,
              );
              setCoach(NOBODY);
            });
          }}
        >
          <TextInput
            label="Name of a new coach"
            size="md"
            maxLength={60}
            autoComplete="off"
            value={coach.name}
            onChange={({ currentTarget }) => setCoach({ ...coach, name: currentTarget.value })}
          />
          <TextInput
            label="Signs in as"
            size="md"
            maxLength={60}
            autoComplete="off"
            value={coach.signInName}
            onChange={({ currentTarget }) => setCoach({ ...coach, signInName: currentTarget.value })}
          />
          <PasswordInput
            label={`Password, at least ${LEAST_LETTERS} letters`}
            size="md"
            w="17rem"
            maxLength={200}
            autoComplete="new-password"
            value={coach.password}
            onChange={({ currentTarget }) => setCoach({ ...coach, password: currentTarget.value })}
          />
          <Button
            type="submit"
            size="md"
            mih={44}
            loading={isBusy}
            disabled={
              coach.name.trim() === '' ||
              coach.signInName.trim() === '' ||
              coach.password.length < LEAST_LETTERS
            }
          >
            Add the coach
          </Button>
        </form>
      )}
      <p role="status" className={classes.said}>
        {said}
      </p>
      <span role="alert">{error}</span>
    </section>
  );
}
