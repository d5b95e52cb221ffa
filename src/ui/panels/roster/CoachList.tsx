'use client';
import { Button, Modal } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { CoachId } from '@/contracts/ids';
import type { ClubCoach, NewCoach, OwnCoach } from '@/contracts/people';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';
import { NewCoachForm } from './NewCoachForm';
import classes from './Roster.module.css';
import * as rosterText from '@/text/screens/roster';
import * as commonText from '@/text/screens/common';

/** The coaches of the club; a lead adds one, gives a new password to one who forgot it, and removes one. */
export function CoachList(props: {
  readonly coaches: readonly ClubCoach[];
  /** What a lead may do; undefined: may only look. */
  readonly lead:
    | {
        readonly onAdd: (input: NewCoach) => Promise<Result<CoachId, ServiceFault>>;
        /** Gives the new password, which is shown once. */
        readonly onReset: (input: OwnCoach) => Promise<Result<string, ServiceFault>>;
        readonly onRemove: (input: OwnCoach) => Promise<Result<undefined, ServiceFault>>;
      }
    | undefined;
}) {
  const { coaches, lead } = props;
  const [leaving, setLeaving] = useState<ClubCoach | undefined>();
  const [said, setSaid] = useState('');
  const { send, isBusy, error } = useSending();
  return (
    <section className={classes.card} style={{ marginTop: '1rem' }}>
      <h2>{rosterText.coaches}</h2>
      <ul className={classes.children} style={{ marginTop: 0, gridTemplateColumns: '1fr' }}>
        {coaches.map(({ coachId, name, isLead }) => (
          <li key={coachId}>
            <span>
              <strong>{name}</strong>{' '}
              <span className={classes.soft}>{isLead ? rosterText.leadsClub : rosterText.coachRole}</span>
            </span>
            {lead !== undefined && !isLead && (
              <span>
                <Button
                  variant="subtle"
                  px="xs"
                  mih={44}
                  aria-label={rosterText.newPasswordOf(name)}
                  disabled={isBusy}
                  onClick={() =>
                    void send(() => lead.onReset({ coachId })).then((sent) => {
                      if (sent === undefined) return;
                      setSaid(rosterText.newPasswordShown(name, sent.value, name));
                    })
                  }
                >
                  {rosterText.newPassword}
                </Button>
                <Button
                  variant="subtle"
                  color="clay"
                  px="xs"
                  mih={44}
                  aria-label={rosterText.removeNamed(name)}
                  onClick={() => setLeaving({ coachId, name, isLead })}
                >
                  {commonText.remove}
                </Button>
              </span>
            )}
          </li>
        ))}
      </ul>
      <Modal
        opened={leaving !== undefined}
        onClose={() => setLeaving(undefined)}
        title={rosterText.removeFromClub(leaving?.name ?? '')}
        closeButtonProps={{ 'aria-label': commonText.close, size: 44 }}
      >
        <p style={{ marginTop: 0 }}>
          {leaving?.name}
          {rosterText.removeCoachHelp}
        </p>
        <Button
          color="clay"
          loading={isBusy}
          onClick={() =>
            void send(async () => {
              if (lead === undefined || leaving === undefined) throw new Error('only a lead removes a coach');
              return lead.onRemove({ coachId: leaving.coachId });
            }).then((sent) => {
              if (sent !== undefined) setSaid(rosterText.noLongerCoachClub(leaving?.name ?? ''));
              setLeaving(undefined);
            })
          }
        >
          {rosterText.removeCoach}
        </Button>
      </Modal>
      {lead !== undefined && (
        <NewCoachForm onAdd={lead.onAdd} onAdded={(name) => setSaid(rosterText.canSignNowPage(name))} />
      )}
      <p role="status" className={classes.said}>
        {said}
      </p>
      <span role="alert">{error}</span>
    </section>
  );
}
