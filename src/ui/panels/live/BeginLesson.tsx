'use client';
import { Button } from '@mantine/core';
import type { ServiceFault } from '@/contracts/faults';
import type { LiveId } from '@/contracts/ids';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';
import { useRequestId } from '@/ui/forms/useRequestId';

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
  const request = useRequestId();
  async function begin() {
    const asked = { classId, ...(lessonId === undefined ? {} : { lessonId }) };
    const begun = await send(() => onBegin({ requestId: request.idFor(asked), ...asked }));
    if (begun === undefined) return;
    request.done();
    onBegun();
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
