'use client';
import { Button, PasswordInput, TextInput } from '@mantine/core';
import { LEAST_PASSWORD, MOST_LETTERS } from '@/contracts/bounds';
import type { ServiceFault } from '@/contracts/faults';
import type { CoachId } from '@/contracts/ids';
import { newCoachSchema, type NewCoach } from '@/contracts/people';
import type { Result } from '@/core/shared';
import { useContractForm } from '@/ui/forms/useContractForm';
import classes from '@/ui/forms/fields.module.css';
import * as rosterText from '@/text/screens/roster';

const NOBODY: NewCoach = { name: '', signInName: '', password: '' };

/** A lead adds a coach to the club. */
export function NewCoachForm(props: {
  readonly onAdd: (input: NewCoach) => Promise<Result<CoachId, ServiceFault>>;
  readonly onAdded: (name: string) => void;
}) {
  const { fields, onSend, isBusy, error } = useContractForm(newCoachSchema, NOBODY, {
    'coach/sign-in-name-taken': 'signInName',
    'password/weak': 'password',
  });
  return (
    <form
      noValidate
      className={classes.fields}
      onSubmit={onSend(props.onAdd, (_, { name }) => {
        fields.reset();
        props.onAdded(name);
      })}
    >
      <TextInput
        label={rosterText.nameNewCoach}
        size="md"
        maxLength={MOST_LETTERS.name}
        autoComplete="off"
        {...fields.getInputProps('name')}
      />
      <TextInput
        label={rosterText.signsAs}
        size="md"
        maxLength={MOST_LETTERS.name}
        autoComplete="off"
        {...fields.getInputProps('signInName')}
      />
      <PasswordInput
        label={rosterText.passwordAtLeastLetters(LEAST_PASSWORD)}
        size="md"
        w="17rem"
        maxLength={MOST_LETTERS.password}
        autoComplete="new-password"
        {...fields.getInputProps('password')}
      />
      <Button className={classes.send} type="submit" size="md" mih={44} loading={isBusy}>
        {rosterText.addCoach}
      </Button>
      <span role="alert">{error}</span>
    </form>
  );
}
