'use client';
import { Button } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { AddedRound, NewRound } from '@/contracts/sets';
import type { ExerciseId, Level } from '@/core/exercises';
import type { Result } from '@/core/shared';
import { countText, faultText } from '@/text';
import { CountField } from '@/ui/forms/CountField';
import { useChosenSet, type AddSet, type SetChoice } from '@/ui/forms/chosenSet';
import { SetFields } from '@/ui/forms/SetFields';
import classes from './TryExercises.module.css';
import * as exercisesText from '@/text/screens/exercises';
import * as commonText from '@/text/screens/common';

export interface RoundActions {
  readonly addRound: (
    input: Omit<NewRound, 'setId'> & { readonly setId: number },
  ) => Promise<Result<AddedRound, ServiceFault>>;
  readonly addSet: AddSet;
}

const MOST_TASKS = 20;

/** Puts tasks from the shown one on into a set; the server makes them again from their numbers. */
export function AddRound(props: {
  readonly family: ExerciseId;
  readonly level: Level;
  readonly seed: number;
  readonly sets: readonly SetChoice[];
  readonly actions: RoundActions;
}) {
  const { family, level, seed, actions } = props;
  const set = useChosenSet(props.sets, actions.addSet);
  const [count, setCount] = useState(6);
  const [isBusy, setIsBusy] = useState(false);
  const [said, setSaid] = useState('');

  async function add() {
    setIsBusy(true);
    try {
      const target = await set.getSetId();
      const added = target.ok
        ? await actions.addRound({ setId: target.value, family, level, seed, count })
        : target;
      setSaid(added.ok ? addedText(added.value) : faultText(added.error));
    } catch {
      // A server action rejects when the network or the server is away; nothing is lost, for the numbers are still here.
      setSaid(commonText.noAnswer);
    } finally {
      setIsBusy(false);
    }
  }

  return (
    <section className={classes.round} aria-label={exercisesText.addRound}>
      <h2>{exercisesText.addRound}</h2>
      <CountField
        label={exercisesText.howManyTasks}
        description={exercisesText.addRoundHelp}
        min={1}
        max={MOST_TASKS}
        value={count}
        onCount={setCount}
      />
      <SetFields set={set} label={exercisesText.setLabel} />
      <Button size="md" mih={44} loading={isBusy} disabled={!set.isReady} onClick={() => void add()}>
        {exercisesText.addToSet}
      </Button>
      <p className={classes.roundSaid} role="status">
        {said}
      </p>
    </section>
  );
}

function addedText({ setName, added }: AddedRound): string {
  return added === 0
    ? exercisesText.alreadyInSet(setName)
    : exercisesText.addedToSet(countText(added, 'task'), setName);
}
