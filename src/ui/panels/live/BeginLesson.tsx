'use client';
import { Button } from '@mantine/core';
import { useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { ServiceFault } from '@/contracts/faults';
import type { LiveId } from '@/contracts/ids';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';

/** Begins a lesson at the board of a class; one that runs there ends. */
export function BeginLesson(props: {
  readonly classId: number;
  readonly lessonId?: number;
  readonly label: string;
  readonly onBegin: (input: unknown) => Promise<Result<LiveId, ServiceFault>>;
  readonly onBegun: () => void;
}) {
  const { classId, lessonId, label, onBegin, onBegun } = props;
  const { send, isBusy, error } = useSending();
  const [requestId] = useState(() => makeUuid());
  async function begin() {
    const begun = await send(() =>
      onBegin({ requestId, classId, ...(lessonId === undefined ? {} : { lessonId }) }),
    );
    if (begun !== undefined) onBegun();
  }
  return (
    <>
      <Button mih={44} loading={isBusy} onClick={() => void begin()}>
        {label}
      </Button>
      {error !== '' && <span role="alert">{error}</span>}
    </>
  );
}
