'use client';
import { Button, Checkbox, NativeSelect } from '@mantine/core';
import { useReducer, useState } from 'react';
import type { PawnGoal } from '@/core/pawns';
import { pawnEndText, PAWN_GOAL_WORDS, SIDE_WORDS } from '@/text';
import { PAWNS } from '@/ui/answer';
import { Board, type HandRules } from '@/ui/board';
import { TaskQuestion, useHouseVoice } from '@/ui/words';
import classes from './PawnTable.module.css';
import { APP_SIDE, beginPawnTable, endOf, placeOf, reducePawnTable, type PawnRules } from './pawnTable';

const OPPONENTS: readonly { readonly value: PawnRules['opponent']; readonly label: string }[] = [
  { value: 'child', label: 'Two at this screen' },
  { value: 'gentle', label: 'The app, gentle' },
  { value: 'steady', label: 'The app, steady' },
  { value: 'strong', label: 'The app, strong' },
];
const FIRST_RULES: PawnRules = { opponent: 'child', goal: 'promotion', hasKings: false, pawns: 8 };

/** The pawns-only game for two children at one screen, or one against the app. Nothing of it is stored. */
export function PawnTable() {
  const [state, dispatch] = useReducer(reducePawnTable, undefined, () => beginPawnTable(FIRST_RULES, 0));
  const [isTurned, setIsTurned] = useState(false);
  const { say } = useHouseVoice();
  const { rules } = state;
  const place = placeOf(state);
  const end = endOf(state);
  const last = state.moves.at(-1);
  const before = state.places.at(-2);
  const said = last === undefined || before === undefined ? '' : PAWNS.tell(before, last);

  function begin(change: Partial<PawnRules>) {
    const next = { ...rules, ...change };
    // Kings can always move: with them the last move decides nothing.
    dispatch({
      kind: 'begin',
      rules: next.hasKings ? { ...next, goal: 'promotion' } : next,
      seed: state.seed + 1,
    });
  }

  const hand: HandRules = {
    canHold: (square) =>
      end === undefined &&
      (rules.opponent === 'child' || place.turn !== APP_SIDE) &&
      PAWNS.listMovesFrom(place, square).length > 0,
    dropResult: (from, to) =>
      PAWNS.listMovesFrom(place, from).some((move) => move.to === to) ? 'move' : 'back',
  };
  const question = end === undefined ? `${SIDE_WORDS[place.turn]} to move.` : pawnEndText(end);

  return (
    <div className={classes.table}>
      <TaskQuestion
        text={`${question} ${end === undefined ? PAWN_GOAL_WORDS[rules.goal] : ''}`.trim()}
        said={said}
      />
      <div className={classes.boardPlace}>
        <Board
          board={place.board}
          turn={end === undefined ? place.turn : undefined}
          bottom={isTurned && rules.opponent === 'child' ? place.turn : 'white'}
          label="Board of the pawns game"
          rules={hand}
          onDrop={({ from, to }) => to !== undefined && dispatch({ kind: 'move', move: { from, to } })}
          marksFor={(from) =>
            PAWNS.listMovesFrom(place, from).map((move) => ({
              square: move.to,
              mark: PAWNS.isCapture(place, move) ? 'takes' : 'goes',
            }))
          }
          trace={last}
        />
      </div>
      <p className={classes.said} role="status">
        {say(said)}
      </p>
      <div className={classes.buttons}>
        <Button size="lg" mih={56} onClick={() => begin({})}>
          New game
        </Button>
        <Button
          size="lg"
          mih={56}
          variant="default"
          disabled={state.moves.length === 0}
          onClick={() => dispatch({ kind: 'back' })}
        >
          Take back
        </Button>
      </div>
      <fieldset className={classes.rules}>
        <legend>How to play</legend>
        <NativeSelect
          label="Who plays"
          size="md"
          value={rules.opponent}
          onChange={(event) => {
            const chosen = OPPONENTS.find(({ value }) => value === event.currentTarget.value);
            if (chosen !== undefined) begin({ opponent: chosen.value });
          }}
          data={[...OPPONENTS]}
        />
        <NativeSelect
          label="Who wins"
          size="md"
          value={rules.goal}
          disabled={rules.hasKings}
          onChange={(event) => begin({ goal: event.currentTarget.value as PawnGoal })}
          data={[
            { value: 'promotion', label: 'First pawn on the far row' },
            { value: 'last-move', label: 'Whoever makes the last move' },
          ]}
        />
        <NativeSelect
          label="Pawns of each side"
          size="md"
          value={String(rules.pawns)}
          onChange={(event) => begin({ pawns: Number(event.currentTarget.value) as PawnRules['pawns'] })}
          data={['3', '5', '8']}
        />
        <Checkbox
          label="With kings"
          size="md"
          checked={rules.hasKings}
          onChange={(event) => begin({ hasKings: event.currentTarget.checked })}
        />
        <Checkbox
          label="Turn the board after each move"
          size="md"
          checked={isTurned}
          disabled={rules.opponent !== 'child'}
          onChange={(event) => setIsTurned(event.currentTarget.checked)}
        />
      </fieldset>
    </div>
  );
}
