'use client';
import { Button, CheckField, SelectField } from '@/ui/controls';
import { useEffect, useMemo, useReducer, useState } from 'react';
import type { PawnGoal } from '@/core/pawns';
import { tryHandMove } from '@/core/rules';
import { handFaultText, pawnEndText, pawnQuestionText, type Spoken } from '@/text';
import { PAWNS } from '@/ui/answer';
import { Board, type Drop, type HandRules } from '@/ui/board';
import { openDraft, useIsBrowser } from '@/ui/device';
import { TaskQuestion, useHouseVoice } from '@/ui/words';
import classes from './PawnTable.module.css';
import { PawnRuleCards } from './PawnRuleCards';
import {
  APP_SIDE,
  beginPawnTable,
  endOf,
  keepPawnGame,
  keptPawnGameSchema,
  openKeptPawnGame,
  placeOf,
  reducePawnTable,
  type PawnRules,
} from './pawnTable';
import * as pawnsText from '@/text/screens/pawns';
import * as commonText from '@/text/screens/common';

const OPPONENTS: readonly { readonly value: PawnRules['opponent']; readonly label: Spoken }[] = [
  { value: 'child', label: pawnsText.twoAtScreen },
  { value: 'gentle', label: pawnsText.appGentle },
  { value: 'steady', label: pawnsText.appSteady },
  { value: 'strong', label: pawnsText.appStrong },
];
const GOALS = ['promotion', 'last-move'] as const satisfies readonly PawnGoal[];
const COUNTS = ['3', '5', '8'].map((count) => ({ value: count, label: count }));
const FIRST_RULES: PawnRules = { opponent: 'child', goal: 'promotion', hasKings: false, pawns: 8 };

/**
 * The pawns-only game for two children at one screen, or one against the app. Nothing of it is stored but on this device, so that a reload
 * goes on with it. `owner`: whose game it is there.
 */
export function PawnTable({ owner }: { readonly owner: string }) {
  return useIsBrowser() ? <OpenTable owner={owner} /> : <div className={classes.waiting} />;
}

const GAME = 'game';

function OpenTable({ owner }: { readonly owner: string }) {
  const draft = useMemo(() => openDraft(window.localStorage, `vorschule-pawns-${owner}`), [owner]);
  const [state, dispatch] = useReducer(reducePawnTable, undefined, () => {
    const kept = keptPawnGameSchema.safeParse(draft.read(GAME));
    return kept.success ? openKeptPawnGame(kept.data) : beginPawnTable(FIRST_RULES, 0);
  });
  useEffect(() => draft.write(GAME, keepPawnGame(state)), [draft, state]);
  const [isTurned, setIsTurned] = useState(false);
  // Said until the next move.
  const [refusal, setRefusal] = useState<{ readonly plies: number; readonly text: Spoken }>();
  const { terms } = useHouseVoice();
  const { rules } = state;
  const place = placeOf(state);
  const end = endOf(state);
  const last = state.moves.at(-1);
  const before = state.places.at(-2);
  const told = last === undefined || before === undefined ? undefined : PAWNS.tell(before, last, terms);
  const said = refusal?.plies === state.moves.length ? refusal.text : told;

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
    // What is not allowed is dropped as well, so that it can be told why; another own piece means that one.
    dropResult: (_, to) => (to === undefined || place.board[to]?.side === place.turn ? 'back' : 'move'),
  };

  function drop({ from, to }: Drop) {
    if (to === undefined) return;
    if (PAWNS.listMovesFrom(place, from).some((move) => move.to === to)) {
      dispatch({ kind: 'move', move: { from, to } });
      return;
    }
    const tried = tryHandMove(place, { from, to });
    const text = tried.ok ? commonText.moveNotAllowed : handFaultText(place, tried.error, terms);
    setRefusal({ plies: state.moves.length, text });
  }

  const question =
    end === undefined ? pawnQuestionText(place.turn, rules.goal, terms) : pawnEndText(end, terms);

  return (
    <div className={classes.table}>
      <TaskQuestion text={question} said={said} />
      <div className={classes.boardPlace}>
        <Board
          board={place.board}
          turn={end === undefined ? place.turn : undefined}
          bottom={isTurned && rules.opponent === 'child' ? place.turn : 'white'}
          label={pawnsText.boardLabel(terms)}
          rules={hand}
          onDrop={drop}
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
        {said}
      </p>
      <div className={classes.buttons}>
        <Button onClick={() => begin({})}>{pawnsText.newGame}</Button>
        <Button
          variant="default"
          disabled={state.moves.length === 0}
          onClick={() => dispatch({ kind: 'back' })}
        >
          {pawnsText.takeBack}
        </Button>
      </div>
      <PawnRuleCards goal={rules.goal} />
      <fieldset className={classes.rules}>
        <legend>{pawnsText.howPlay}</legend>
        <SelectField
          label={pawnsText.whoPlays}
          value={rules.opponent}
          options={OPPONENTS}
          onChange={(event) => {
            const chosen = OPPONENTS.find(({ value }) => value === event.currentTarget.value);
            if (chosen !== undefined) begin({ opponent: chosen.value });
          }}
        />
        <SelectField
          label={pawnsText.whoWins}
          value={rules.goal}
          disabled={rules.hasKings}
          options={GOALS.map((value) => ({
            value,
            label: value === 'promotion' ? pawnsText.firstOnLastRank(terms) : pawnsText.lastMoveWins,
          }))}
          onChange={(event) => begin({ goal: event.currentTarget.value as PawnGoal })}
        />
        <SelectField
          label={pawnsText.pawnsOfEachSide(terms)}
          value={String(rules.pawns)}
          options={COUNTS}
          onChange={(event) => begin({ pawns: Number(event.currentTarget.value) as PawnRules['pawns'] })}
        />
        <CheckField checked={rules.hasKings} onChange={(hasKings) => begin({ hasKings })}>
          {pawnsText.withKings(terms)}
        </CheckField>
        <CheckField checked={isTurned} disabled={rules.opponent !== 'child'} onChange={setIsTurned}>
          {pawnsText.turnAfterEachMove}
        </CheckField>
      </fieldset>
    </div>
  );
}
