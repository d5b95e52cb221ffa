'use client';
import { NativeSelect } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, CoachId } from '@/contracts/ids';
import { CLASS_POSTS, type ClassCoach, type ClassPost } from '@/contracts/people';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';
import classes from './Roster.module.css';
import * as rosterText from '@/text/screens/roster';

/** Who teaches and who helps; a lead changes it by one choice a coach. */
export function ClassCoaches(props: {
  readonly classId: ClassId;
  readonly coaches: readonly ClassCoach[];
  /** Undefined: may only look. */
  readonly onPost:
    | ((input: {
        classId: ClassId;
        coachId: CoachId;
        post?: ClassPost;
      }) => Promise<Result<undefined, ServiceFault>>)
    | undefined;
}) {
  const { classId, onPost } = props;
  const [posts, setPosts] = useState(() => new Map(props.coaches.map((one) => [one.coachId, one.post])));
  const { send, error } = useSending();
  return (
    <>
      <ul className={classes.children} style={{ gridTemplateColumns: '1fr', marginTop: 0 }}>
        {props.coaches.map(({ coachId, name }) => {
          const post = posts.get(coachId);
          return (
            <li key={coachId}>
              <strong>{name}</strong>
              {onPost === undefined ? (
                <span>{post === undefined ? '' : rosterText.POST_WORDS[post]}</span>
              ) : (
                <NativeSelect
                  aria-label={rosterText.whatDoesClass(name)}
                  size="md"
                  value={post ?? ''}
                  data={[
                    { value: '', label: rosterText.notClass },
                    ...CLASS_POSTS.map((value) => ({ value, label: rosterText.POST_WORDS[value] })),
                  ]}
                  onChange={({ currentTarget }) => {
                    const chosen = CLASS_POSTS.find((one) => one === currentTarget.value);
                    void send(() =>
                      onPost({ classId, coachId, ...(chosen === undefined ? {} : { post: chosen }) }),
                    ).then((sent) => {
                      if (sent !== undefined) setPosts((now) => new Map(now).set(coachId, chosen));
                    });
                  }}
                />
              )}
            </li>
          );
        })}
      </ul>
      <span role="alert">{error}</span>
    </>
  );
}
