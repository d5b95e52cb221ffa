import { Button } from '@mantine/core';
import type { ReactNode } from 'react';
import { failure, success } from '@/core/shared';
import { countText, faultText } from '@/text';
import { useChosenSet, type AddSet, type SetChoice } from '@/ui/forms/chosenSet';
import { SetFields } from '@/ui/forms/SetFields';
import type { AddPuzzle } from '@/ui/forms/storePuzzles';
import classes from './Puzzles.module.css';
import { StoringStatus, useStoring } from './storing';
import * as puzzlesText from '@/text/screens/puzzles';
import * as libraryText from '@/text/screens/library';
import * as commonText from '@/text/screens/common';

/** Puts the chosen puzzles into a set, an old or a new one, and tells how far it is. */
export function StoreChosen(props: {
  readonly fens: readonly string[];
  readonly sets: readonly SetChoice[];
  readonly actions: { readonly addSet: AddSet; readonly addPuzzle: AddPuzzle };
  /** More of them are still coming. */
  readonly isWaiting?: boolean;
  /** What else there is to say beside the button. */
  readonly children?: ReactNode;
}) {
  const { fens, actions, isWaiting = false } = props;
  const set = useChosenSet(props.sets, actions.addSet);
  const { state, run, stop } = useStoring(actions.addPuzzle);

  function store(): Promise<void> {
    return run(fens.length, async (storeAll) => {
      const target = await set.getSetId();
      if (!target.ok) return failure(faultText(target.error));
      const stored = await storeAll(target.value, fens, 'puzzle');
      if (!stored.ok) return stored;
      const said = puzzlesText.stored(countText(stored.value, 'puzzle'));
      return success({ setId: target.value, said });
    });
  }

  return (
    <>
      <div className={classes.make} style={{ marginTop: '1rem' }}>
        <SetFields set={set} label={libraryText.addThemTo} />
        <Button
          size="md"
          mih={44}
          loading={state.kind === 'running'}
          disabled={isWaiting || fens.length === 0 || !set.isReady}
          onClick={() => void store()}
        >
          {puzzlesText.store(countText(fens.length, 'puzzle'))}
        </Button>
        {props.children}
      </div>
      <StoringStatus state={state} stop={stop} noun={commonText.nouns.puzzle} />
    </>
  );
}
