'use client';
import { Button, NativeSelect, NumberInput } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import { TAP_FAMILIES, type Level, type TapFamilyId, type TapTask } from '@/core/exercises';
import { TAP_FAMILY_WORDS, TAP_LEVEL_WORDS } from '@/text';
import { TapPlayer } from '@/ui/answer/TapPlayer';
import { createSearchClient, startSearchWorker } from '@/workers/browser';
import classes from './TryExercises.module.css';

const IDS = Object.keys(TAP_FAMILIES) as TapFamilyId[];
const LARGEST_SEED = 999_999;

interface Choice {
  readonly family: TapFamilyId;
  readonly level: Level;
  readonly seed: number;
}

/** The coach tries any family at any level; the seed makes the same task again, on any machine. */
export function TryExercises() {
  const [choice, setChoice] = useState<Choice>({ family: 'find-square', level: 1, seed: 1 });
  const { family, level, seed } = choice;
  const composed = useComposed(choice);
  // Until the page listens a choice would be lost.
  const isWaiting = composed.kind === 'waiting';
  const levels = ([1, 2, 3, 4, 5] as const).filter((one) => one <= TAP_FAMILIES[family].levels);

  return (
    <div className={classes.columns}>
      <section className={classes.choices} aria-label="Which exercise">
        <NativeSelect
          label="Exercise"
          size="md"
          disabled={isWaiting}
          value={family}
          data={IDS.map((id) => ({ value: id, label: TAP_FAMILY_WORDS[id] }))}
          onChange={({ currentTarget }) => {
            const next = IDS.find((id) => id === currentTarget.value);
            if (next !== undefined) setChoice({ ...choice, family: next, level: 1 });
          }}
        />
        <NativeSelect
          label="Level"
          description={TAP_LEVEL_WORDS[family][level - 1]}
          inputWrapperOrder={['label', 'input', 'description']}
          size="md"
          disabled={isWaiting}
          value={String(level)}
          data={levels.map((one) => ({ value: String(one), label: `Level ${one} of ${levels.length}` }))}
          onChange={({ currentTarget }) => {
            const next = levels.find((one) => String(one) === currentTarget.value);
            if (next !== undefined) setChoice({ ...choice, level: next });
          }}
        />
        <NumberInput
          label="Number of the task"
          description="The same number makes the same task again."
          size="md"
          disabled={isWaiting}
          min={1}
          max={LARGEST_SEED}
          allowDecimal={false}
          value={seed}
          onChange={(value) => {
            if (typeof value === 'number' && value >= 1) setChoice({ ...choice, seed: value });
          }}
        />
        <Button
          size="md"
          mih={44}
          variant="default"
          disabled={isWaiting}
          onClick={() => setChoice({ ...choice, seed: (seed % LARGEST_SEED) + 1 })}
        >
          Another one
        </Button>
      </section>
      <section className={classes.player} aria-label="The task">
        {composed.kind === 'failed' && <p role="alert">The task could not be made: {composed.message}</p>}
        {composed.kind === 'task' && (
          <TapPlayer
            key={composed.key}
            task={composed.task}
            onNext={() => setChoice({ ...choice, seed: (seed % LARGEST_SEED) + 1 })}
          />
        )}
      </section>
    </div>
  );
}

type Composed =
  | { readonly kind: 'waiting' }
  | { readonly kind: 'task'; readonly key: string; readonly task: TapTask }
  | { readonly kind: 'failed'; readonly message: string };

/** Asks the worker for the chosen task; the one before stays until it comes. */
function useComposed({ family, level, seed }: Choice): Composed {
  const client = useMemo(() => createSearchClient(startSearchWorker), []);
  const [composed, setComposed] = useState<Composed>({ kind: 'waiting' });
  useEffect(() => () => client.stopAll(), [client]);
  useEffect(() => {
    let isAsked = true;
    const asked = client.ask({ kind: 'compose', family, level, seed });
    void asked.outcome.then((outcome) => {
      if (!isAsked || outcome.kind === 'stopped') return;
      setComposed(
        outcome.kind === 'failed'
          ? outcome
          : { kind: 'task', key: `${family} ${level} ${seed}`, task: outcome.answer.task },
      );
    });
    return () => {
      isAsked = false;
      asked.stop();
    };
  }, [client, family, level, seed]);
  return composed;
}
