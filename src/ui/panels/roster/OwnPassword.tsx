'use client';
import { Button, PasswordInput } from '@mantine/core';
import { useState } from 'react';
import { LEAST_PASSWORD, MOST_LETTERS } from '@/contracts/bounds';
import type { ServiceFault } from '@/contracts/faults';
import type { ChangePassword } from '@/contracts/people';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';
import classes from './Roster.module.css';
import * as rosterText from '@/text/screens/roster';

const EMPTY: ChangePassword = { oldPassword: '', newPassword: '' };

/** A coach's own password, and the other devices on which they are signed in. */
export function OwnPassword(props: {
  readonly onChange: (input: ChangePassword) => Promise<Result<undefined, ServiceFault>>;
  readonly onEndOthers: () => Promise<Result<undefined, ServiceFault>>;
}) {
  const [typed, setTyped] = useState(EMPTY);
  const [done, setDone] = useState('');
  const { send, isBusy, error } = useSending();

  async function run(work: () => Promise<Result<undefined, ServiceFault>>, sentence: string) {
    setDone('');
    if ((await send(work)) === undefined) return;
    setTyped(EMPTY);
    setDone(sentence);
  }

  return (
    <section className={classes.card} style={{ marginTop: '1rem' }} aria-label={rosterText.yourPassword}>
      <h2>{rosterText.yourPassword}</h2>
      <form
        className={classes.fields}
        onSubmit={(event) => {
          event.preventDefault();
          void run(() => props.onChange(typed), rosterText.passwordChangedYouSigned);
        }}
      >
        <PasswordInput
          label={rosterText.oldPassword}
          size="md"
          w="15rem"
          maxLength={MOST_LETTERS.password}
          autoComplete="current-password"
          value={typed.oldPassword}
          onChange={({ currentTarget }) => setTyped({ ...typed, oldPassword: currentTarget.value })}
        />
        <PasswordInput
          label={rosterText.newPasswordAtLeast(LEAST_PASSWORD)}
          size="md"
          w="17rem"
          maxLength={MOST_LETTERS.password}
          autoComplete="new-password"
          value={typed.newPassword}
          onChange={({ currentTarget }) => setTyped({ ...typed, newPassword: currentTarget.value })}
        />
        <Button
          type="submit"
          size="md"
          mih={44}
          loading={isBusy}
          disabled={typed.oldPassword === '' || typed.newPassword.length < LEAST_PASSWORD}
        >
          {rosterText.changePassword}
        </Button>
        <Button
          variant="default"
          size="md"
          mih={44}
          disabled={isBusy}
          onClick={() => void run(props.onEndOthers, rosterText.youSignedOutAll)}
        >
          {rosterText.signOutOtherDevices}
        </Button>
      </form>
      <p role="status" className={classes.said}>
        {done}
      </p>
      <span role="alert">{error}</span>
    </section>
  );
}
