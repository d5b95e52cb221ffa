'use client';
import { Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { ServiceFault } from '@/contracts/faults';
import type { SetId } from '@/contracts/ids';
import type { AddedRound, NewRound } from '@/contracts/sets';
import type { ExerciseId, Level } from '@/core/exercises';
import type { Result } from '@/core/shared';
import { countWords, faultText } from '@/text';
import classes from './TryExercises.module.css';

export interface SetChoice {
  readonly setId: SetId;
  readonly name: string;
}

export interface RoundActions {
  readonly addRound: (
    input: Omit<NewRound, 'setId'> & { readonly setId: number },
  ) => Promise<Result<AddedRound, ServiceFault>>;
  readonly addSet: (input: { requestId: string; name: string }) => Promise<Result<SetId, ServiceFault>>;
}

const NEW_SET = 'new';
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
  const [sets, setSets] = useState(props.sets);
  const [chosen, setChosen] = useState(String(props.sets[0]?.setId ?? NEW_SET));
  const [name, setName] = useState('');
  // Kept until the set is there: a second try after a lost answer makes no second set.
  const [requestId, setRequestId] = useState(() => makeUuid());
  const [count, setCount] = useState(6);
  const [isBusy, setIsBusy] = useState(false);
  const [said, setSaid] = useState('');

  async function chooseSet(): Promise<Result<number, ServiceFault>> {
    if (chosen !== NEW_SET) return { ok: true, value: Number(chosen) };
    const made = await actions.addSet({ requestId, name });
    if (made.ok) {
      setSets([...sets, { setId: made.value, name }]);
      setChosen(String(made.value));
      setName('');
      setRequestId(makeUuid());
    }
    return made;
  }

  async function add() {
    setIsBusy(true);
    try {
      const set = await chooseSet();
      const added = set.ok ? await actions.addRound({ setId: set.value, family, level, seed, count }) : set;
      setSaid(added.ok ? addedText(added.value) : faultText(added.error));
    } catch {
      // A server action rejects when the network or the server is away; nothing is lost, for the numbers are still here.
      setSaid('The server did not answer. Try again.');
    } finally {
      setIsBusy(false);
    }
  }

  return (
    <section className={classes.round} aria-label="Put a round into a set">
      <h2>Put a round into a set</h2>
      <NumberInput
        label="How many tasks"
        description="From the number above on."
        size="md"
        min={1}
        max={MOST_TASKS}
        allowDecimal={false}
        value={count}
        onChange={(value) => {
          if (typeof value === 'number') setCount(Math.max(1, Math.min(MOST_TASKS, value)));
        }}
      />
      <NativeSelect
        label="Set"
        size="md"
        value={chosen}
        data={[
          ...sets.map(({ setId, name: text }) => ({ value: String(setId), label: text })),
          { value: NEW_SET, label: 'a new set ...' },
        ]}
        onChange={(event) => setChosen(event.currentTarget.value)}
      />
      {chosen === NEW_SET && (
        <TextInput
          label="Name of the new set"
          size="md"
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
      )}
      <Button
        size="md"
        mih={44}
        loading={isBusy}
        disabled={chosen === NEW_SET && name.trim() === ''}
        onClick={() => void add()}
      >
        Add to set
      </Button>
      <p className={classes.roundSaid} role="status">
        {said}
      </p>
    </section>
  );
}

function addedText({ setName, added }: AddedRound): string {
  return added === 0
    ? `They are in ${setName} already.`
    : `Added ${countWords(added, 'task')} to ${setName}.`;
}
