'use client';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId } from '@/contracts/ids';
import type { Level } from '@/core/exercises';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';
import { LevelField } from './LevelField';
import * as rosterText from '@/text/screens/roster';

/** The level of a class, stored as it is chosen. */
export function ClassLevel(props: {
  readonly classId: ClassId;
  readonly level: Level | undefined;
  readonly onLevel: (input: { classId: ClassId; level?: Level }) => Promise<Result<undefined, ServiceFault>>;
}) {
  const [level, setLevel] = useState(props.level);
  const { send, error } = useSending();
  return (
    <>
      <LevelField
        label={rosterText.level}
        value={level}
        onChange={(chosen) =>
          void send(() =>
            props.onLevel({ classId: props.classId, ...(chosen === undefined ? {} : { level: chosen }) }),
          ).then((sent) => {
            if (sent !== undefined) setLevel(chosen);
          })
        }
      />
      <span role="alert">{error}</span>
    </>
  );
}
