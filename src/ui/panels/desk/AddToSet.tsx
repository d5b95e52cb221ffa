'use client';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import { MOST_LETTERS } from '@/contracts/bounds';
import type { ServiceFault } from '@/contracts/faults';
import type { AddedPuzzle } from '@/contracts/sets';
import type { Result } from '@/core/shared';
import { faultText } from '@/text';
import type { AddClubPattern } from './ClubMateCard';
import { useChosenSet, type AddSet, type SetChoice } from '@/ui/forms/chosenSet';
import classes from './Desk.module.css';
import * as deskText from '@/text/screens/desk';
import * as formsText from '@/text/screens/forms';

export interface DeskActions {
  readonly addPuzzle: (input: { setId: number; fen: string }) => Promise<Result<AddedPuzzle, ServiceFault>>;
  readonly addSet: AddSet;
  readonly addClubPattern: AddClubPattern;
}

type Said = { readonly isGood: boolean; readonly text: string } | undefined;

/** Puts the proved position into a set; the server proves it once more before it is stored. */
export function AddToSet(props: {
  readonly fen: string;
  readonly isProved: boolean;
  readonly sets: readonly SetChoice[];
  readonly actions: DeskActions;
}) {
  const { fen, isProved, actions } = props;
  const set = useChosenSet(props.sets, actions.addSet);
  const [isBusy, setIsBusy] = useState(false);
  const [said, setSaid] = useState<(Said & { fen: string }) | undefined>();

  async function add() {
    setIsBusy(true);
    try {
      const target = await set.getSetId();
      const added = target.ok ? await actions.addPuzzle({ setId: target.value, fen }) : target;
      setSaid({ fen, isGood: added.ok, text: added.ok ? addedText(added.value) : faultText(added.error) });
    } catch {
      // A server action rejects when the network or the server is away; the position is still on the board.
      setSaid({
        fen,
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
        <Button loading={isBusy} disabled={!isProved || !set.isReady} onClick={() => void add()}>
          {deskText.addToSet}
        </Button>
      </div>
      <div aria-live="polite" style={{ marginTop: '0.5rem', minHeight: '1.6rem' }}>
        {said?.fen === fen ? (
          <span style={{ color: said.isGood ? 'var(--cool)' : 'var(--warm)' }}>{said.text}</span>
        ) : (
          !isProved && <span style={{ color: 'var(--ink-soft)' }}>{deskText.proveMateFirst}</span>
        )}
      </div>
    </section>
  );
}

function addedText({ setName, number, isAlreadyThere }: AddedPuzzle): string {
  return isAlreadyThere ? deskText.alreadyInSet(setName, number) : deskText.addedToSet(setName, number);
}
