'use client';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import { MOST_LETTERS } from '@/contracts/bounds';
import type { ServiceFault } from '@/contracts/faults';
import type { ExerciseTask } from '@/core/exercises';
import type { AddedItem, AddedPuzzle } from '@/contracts/sets';
import type { Result } from '@/core/shared';
import { faultText } from '@/text';
import type { AddClubPattern } from './ClubMateCard';
import { useChosenSet, type AddSet, type SetChoice } from '@/ui/forms/chosenSet';
import classes from './Desk.module.css';
import * as deskText from '@/text/screens/desk';
import * as formsText from '@/text/screens/forms';

export interface DeskActions {
  readonly addPuzzle: (input: { setId: number; fen: string }) => Promise<Result<AddedPuzzle, ServiceFault>>;
  readonly addQuestion: (input: {
    setId: number;
    exercise: ExerciseTask;
  }) => Promise<Result<AddedItem, ServiceFault>>;
  readonly addSet: AddSet;
  readonly addClubPattern: AddClubPattern;
}

type Said = { readonly isGood: boolean; readonly text: string } | undefined;

/** What is put into a set. */
export interface ToAdd {
  /** Words of the button. */
  readonly label: string;
  readonly isReady: boolean;
  /** Said as long as it is not ready. */
  readonly waitsFor: string;
  readonly add: (setId: number) => Promise<Result<AddedItem, ServiceFault>>;
}

/** Puts something of the Desk into a set of the club, or into a new one. Key it by what it puts there: what is said is said of that. */
export function AddToSet(props: {
  readonly what: ToAdd;
  readonly sets: readonly SetChoice[];
  readonly addSet: AddSet;
}) {
  const { what } = props;
  const set = useChosenSet(props.sets, props.addSet);
  const [isBusy, setIsBusy] = useState(false);
  const [said, setSaid] = useState<Said>();

  async function add() {
    setIsBusy(true);
    try {
      const target = await set.getSetId();
      const added = target.ok ? await what.add(target.value) : target;
      setSaid({ isGood: added.ok, text: added.ok ? addedText(added.value) : faultText(added.error) });
    } catch {
      // A server action rejects when the network or the server is away; the position is still on the board.
      setSaid({
        isGood: false,
        text: deskText.noAnswerPositionKept,
      });
    } finally {
      setIsBusy(false);
    }
  }

  return (
    <section className={classes.card}>
      <h2>{deskText.addToSet}</h2>
      <div className={classes.row} style={{ alignItems: 'end' }}>
        <NativeSelect
          aria-label={deskText.setLabel}
          value={set.chosen}
          data={set.options}
          onChange={(event) => set.setChosen(event.currentTarget.value)}
        />
        {set.isNew && (
          <TextInput
            aria-label={formsText.nameNewSet}
            placeholder={formsText.nameNewSet}
            maxLength={MOST_LETTERS.title}
            value={set.name}
            onChange={(event) => set.setName(event.currentTarget.value)}
          />
        )}
        <Button loading={isBusy} disabled={!what.isReady || !set.isReady} onClick={() => void add()}>
          {what.label}
        </Button>
      </div>
      <div aria-live="polite" style={{ marginTop: '0.5rem', minHeight: '1.6rem' }}>
        {said !== undefined ? (
          <span style={{ color: said.isGood ? 'var(--cool)' : 'var(--warm)' }}>{said.text}</span>
        ) : (
          !what.isReady && <span style={{ color: 'var(--ink-soft)' }}>{what.waitsFor}</span>
        )}
      </div>
    </section>
  );
}

function addedText({ setName, number, isAlreadyThere }: AddedItem): string {
  return isAlreadyThere ? deskText.alreadyInSet(setName, number) : deskText.addedToSet(setName, number);
}
