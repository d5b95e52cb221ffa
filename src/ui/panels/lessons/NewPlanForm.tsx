'use client';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import type { Route } from 'next';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { MOST_LETTERS } from '@/contracts/bounds';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, PlanId } from '@/contracts/ids';
import type { NewPlan, PlanSummary } from '@/contracts/lessons';
import { STAGES } from '@/core/exercises';
import type { Result } from '@/core/shared';
import { stageName } from '@/text';
import { useSending } from '@/ui/forms/useSending';
import { useRequestId } from '@/ui/forms/useRequestId';
import classes from './Lessons.module.css';
import { useHouseVoice } from '@/ui/words';
import * as lessonsText from '@/text/screens/lessons';

/** A plan that begins empty, as a stage is usually taught, or as a copy of another plan. */
export function NewPlanForm(props: {
  readonly classId: ClassId;
  readonly plans: readonly PlanSummary[];
  readonly otherPlans: readonly PlanSummary[];
  readonly onAdd: (input: NewPlan) => Promise<Result<PlanId, ServiceFault>>;
}) {
  const { terms } = useHouseVoice();
  const router = useRouter();
  const [title, setTitle] = useState('');
  const [from, setFrom] = useState('');
  const request = useRequestId();
  const { send, isBusy, error } = useSending();
  const copies = [...props.plans, ...props.otherPlans];

  async function submit() {
    const stage = STAGES.find((one) => `stage:${one}` === from);
    const copy = copies.find(({ planId }) => `plan:${planId}` === from);
    const asked = {
      classId: props.classId,
      title,
      ...(stage === undefined ? {} : { from: { kind: 'stage' as const, stage } }),
      ...(copy === undefined ? {} : { from: { kind: 'plan' as const, planId: copy.planId } }),
    };
    const sent = await send(() => props.onAdd({ requestId: request.idFor(asked), ...asked }));
    if (sent === undefined) return;
    request.done();
    router.push(`/classes/${props.classId}/plans/${sent.value}` as Route);
  }
  return (
    <form
      className={classes.fields}
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <TextInput
        label={lessonsText.topicHeading}
        size="md"
        maxLength={MOST_LETTERS.title}
        value={title}
        onChange={({ currentTarget }) => setTitle(currentTarget.value)}
      />
      <NativeSelect
        label={lessonsText.beginsWith}
        size="md"
        value={from}
        data={[
          { value: '', label: lessonsText.nothingYet },
          {
            group: lessonsText.usualLesson,
            items: STAGES.map((stage) => ({ value: `stage:${stage}`, label: stageName(stage, terms) })),
          },
          {
            group: lessonsText.aCopy,
            items: copies.map((plan) => ({
              value: `plan:${plan.planId}`,
              label: `${plan.title}, ${plan.className}`,
            })),
          },
        ]}
        onChange={({ currentTarget }) => setFrom(currentTarget.value)}
      />
      <Button type="submit" size="md" mih={44} loading={isBusy} disabled={title.trim() === ''}>
        {lessonsText.makePlan}
      </Button>
      <span role="alert">{error}</span>
    </form>
  );
}
