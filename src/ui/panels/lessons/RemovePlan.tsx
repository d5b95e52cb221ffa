'use client';
import { Button } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { PlanId } from '@/contracts/ids';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';
import * as lessonsText from '@/text/screens/lessons';
import * as commonText from '@/text/screens/common';

/** Deletes a plan after a second press, which asks with its name. */
export function RemovePlan(props: {
  readonly planId: PlanId;
  readonly title: string;
  readonly onRemove: (input: { readonly planId: PlanId }) => Promise<Result<undefined, ServiceFault>>;
}) {
  const [isAsked, setIsAsked] = useState(false);
  const { send, isBusy, error } = useSending();
  return (
    <>
      <Button
        variant={isAsked ? 'filled' : 'subtle'}
        color="clay"
        size="md"
        mih={44}
        px="xs"
        loading={isBusy}
        aria-label={isAsked ? lessonsText.deletePlan(props.title) : lessonsText.deletePlanNamed(props.title)}
        onBlur={() => setIsAsked(false)}
        onClick={() => {
          if (isAsked) void send(() => props.onRemove({ planId: props.planId }));
          else setIsAsked(true);
        }}
      >
        {isAsked ? lessonsText.deletePlanQuestion : commonText.deleteButton}
      </Button>
      <span role="alert">{error}</span>
    </>
  );
}
