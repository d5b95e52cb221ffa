'use client';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { ServiceFault } from '@/contracts/faults';
import type { SetId } from '@/contracts/ids';
import type { AddedPuzzle } from '@/contracts/sets';
import type { Result } from '@/core/shared';
import { faultText } from '@/text';
import classes from './Desk.module.css';

export interface SetChoice {
  readonly setId: SetId;
  readonly name: string;
}

export interface DeskActions {
  readonly addPuzzle: (input: { setId: number; fen: string }) => Promise<Result<AddedPuzzle, ServiceFault>>;
  readonly addSet: (input: { requestId: string; name: string }) => Promise<Result<SetId, ServiceFault>>;
}

const NEW_SET = 'new';

type Said = { readonly isGood: boolean; readonly text: string } | undefined;

/** Puts the proved position into a set; the server proves it once more before it is stored. */
export function AddToSet(props: {
  readonly fen: string;
  readonly isProved: boolean;
  readonly sets: readonly SetChoice[];
  readonly actions: DeskActions;
}) {
  const { fen, isProved, actions } = props;
  const [sets, setSets] = useState(props.sets);
  const [chosen, setChosen] = useState(String(props.sets[0]?.setId ?? NEW_SET));
  const [name, setName] = useState('');
  // Kept until the set is there: a second try after a lost answer makes no second set.
  const [requestId, setRequestId] = useState(() => makeUuid());
  const [isBusy, setIsBusy] = useState(false);
  const [said, setSaid] = useState<(Said & { fen: string }) | undefined>();

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
      const added = set.ok ? await actions.addPuzzle({ setId: set.value, fen }) : set;
      setSaid({ fen, isGood: added.ok, text: added.ok ? addedText(added.value) : faultText(added.error) });
    } catch {
      // A server action rejects when the network or the server is away; the position is still on the board.
      setSaid({
        fen,
        isGood: false,
        text: 'The server did not answer. The position is still here; try again.',
      });
    } finally {
      setIsBusy(false);
    }
  }

  return (
    <section className={classes.card}>
      <h2>Add to set</h2>
      <div className={classes.row} style={{ alignItems: 'end' }}>
        <NativeSelect
          aria-label="Set"
          value={chosen}
          data={[
            ...sets.map(({ setId, name: text }) => ({ value: String(setId), label: text })),
            { value: NEW_SET, label: 'a new set ...' },
          ]}
          onChange={(event) => setChosen(event.currentTarget.value)}
        />
        {chosen === NEW_SET && (
          <TextInput
            aria-label="Name of the new set"
            placeholder="Name of the new set"
            maxLength={120}
            value={name}
            onChange={(event) => setName(event.currentTarget.value)}
          />
        )}
        <Button
          loading={isBusy}
          disabled={!isProved || (chosen === NEW_SET && name.trim() === '')}
          onClick={() => void add()}
        >
          Add to set
        </Button>
      </div>
      <div aria-live="polite" style={{ marginTop: '0.5rem', minHeight: '1.6rem' }}>
        {said?.fen === fen ? (
          <span style={{ color: said.isGood ? 'var(--cool)' : 'var(--warm)' }}>{said.text}</span>
        ) : (
          !isProved && <span style={{ color: 'var(--ink-soft)' }}>Prove a mate first.</span>
        )}
      </div>
    </section>
  );
}

function addedText({ setName, number, isAlreadyThere }: AddedPuzzle): string {
  return isAlreadyThere
    ? `It is in ${setName} already, as puzzle ${number}.`
    : `Added to ${setName} as puzzle ${number}.`;
}
