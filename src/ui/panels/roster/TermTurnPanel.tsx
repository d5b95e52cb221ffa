'use client';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import Link from 'next/link';
import { useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import { MOST_LETTERS } from '@/contracts/bounds';
import type { ServiceFault } from '@/contracts/faults';
import type { MadeRosterChange, RosterChange, TermTurn } from '@/contracts/terms';
import type { Result } from '@/core/shared';
import { countText, rosterChangeText } from '@/text';
import { useRequestId } from '@/ui/forms/useRequestId';
import { useSending } from '@/ui/forms/useSending';
import classes from './Roster.module.css';
import { LevelField } from './LevelField';
import { addNewClass, listWays, startPlan, toChange, type NewClass, type TurnPlan } from './turnPlan';
import { UndoChange, type UndoRosterChange } from './UndoChange';
import * as rosterText from '@/text/screens/roster';

export type ChangeRoster = (input: RosterChange) => Promise<Result<MadeRosterChange, ServiceFault>>;

/** Where every class and every child goes in the next term; all of it happens in one step. */
export function TermTurnPanel(props: {
  readonly turn: TermTurn;
  readonly onChange: ChangeRoster;
  readonly onUndo: UndoRosterChange;
}) {
  // What was asked stays as it was while the page behind is drawn anew.
  const [turn] = useState(props.turn);
  const [plan, setPlan] = useState<TurnPlan>(() => startPlan(turn));
  const request = useRequestId();
  const [done, setDone] = useState<MadeRosterChange>();
  const { send, isBusy, error } = useSending();
  const change = toChange(plan, turn);
  const nameless = change.classes.some(({ name }) => name === '');
  const ways = listWays(plan, turn);

  if (done !== undefined) {
    return (
      <div className={classes.card}>
        <p role="status">{rosterText.hasBegun(turn.term.name, rosterChangeText(done))}</p>
        <div className={classes.fields}>
          <Link href="/classes">{rosterText.seeClasses}</Link>
          <UndoChange changeId={done.changeId} onUndo={props.onUndo} onDone={() => setDone(undefined)} />
        </div>
      </div>
    );
  }
  if (turn.from.length === 0) {
    return <p className={classes.card}>{rosterText.noClassEarlierTerm}</p>;
  }
  const setClass = (key: string, changed: Partial<NewClass>) =>
    setPlan({
      ...plan,
      classes: plan.classes.map((one) => (one.key === key ? { ...one, ...changed } : one)),
    });
  return (
    <div className={classes.turn}>
      <section className={classes.card}>
        <h2>{rosterText.classesOf(turn.term.name)}</h2>
        <p className={classes.soft}>{rosterText.turnHelp}</p>
        <div className={classes.turn}>
          {plan.classes.map((one, index) => (
            <div key={one.key} className={classes.fields}>
              <TextInput
                label={rosterText.nameClass(index + 1)}
                size="md"
                maxLength={MOST_LETTERS.name}
                value={one.name}
                onChange={({ currentTarget }) => setClass(one.key, { name: currentTarget.value })}
              />
              <LevelField
                label={rosterText.levelClass(index + 1)}
                value={one.level}
                onChange={(level) => setClass(one.key, { level })}
              />
              <span className={classes.soft}>{countComing(change, one.key)}</span>
            </div>
          ))}
        </div>
        <Button
          mt="md"
          size="md"
          mih={44}
          variant="default"
          onClick={() => setPlan(addNewClass(plan, makeUuid().slice(0, 8)))}
        >
          {rosterText.oneClassMore}
        </Button>
      </section>
      {turn.from.map(({ classId, name, termName, students }) => (
        <section key={classId} className={classes.card}>
          <div className={classes.fields}>
            <h2 style={{ margin: 0, flex: 1 }}>
              {name}{' '}
              <span className={classes.soft} style={{ fontWeight: 400, fontSize: '1rem' }}>
                {termName}, {countText(students.length, 'child')}
              </span>
            </h2>
            <NativeSelect
              label={rosterText.moveAll(name)}
              size="md"
              value={plan.ways.get(classId) ?? ''}
              data={[...ways]}
              onChange={({ currentTarget }) =>
                setPlan({ ...plan, ways: new Map(plan.ways).set(classId, currentTarget.value) })
              }
            />
          </div>
          <ul className={classes.children}>
            {students.map(({ studentId, name: child }) => (
              <li key={studentId}>
                <strong>{child}</strong>
                <NativeSelect
                  aria-label={rosterText.goes(child)}
                  size="md"
                  maw="12rem"
                  value={plan.childWays.get(studentId) ?? ''}
                  data={[{ value: '', label: rosterText.asClass }, ...ways]}
                  onChange={({ currentTarget }) =>
                    setPlan({
                      ...plan,
                      childWays: new Map(plan.childWays).set(studentId, currentTarget.value),
                    })
                  }
                />
              </li>
            ))}
          </ul>
        </section>
      ))}
      <div className={classes.foot}>
        <Button
          size="lg"
          loading={isBusy}
          disabled={nameless}
          onClick={() =>
            void send(() => props.onChange({ requestId: request.idFor(change), ...change })).then((sent) => {
              if (sent === undefined) return;
              request.done();
              setDone(sent.value);
            })
          }
        >
          {rosterText.begin(turn.term.name)}
        </Button>
        <span role="status">{nameless ? rosterText.classHasNoName : tellChange(change)}</span>
        <span role="alert">{error}</span>
      </div>
    </div>
  );
}

type Change = ReturnType<typeof toChange>;

function countComing({ moves }: Change, key: string): string {
  const coming = moves.filter(({ to }) => to.kind === 'new' && to.key === key).length;
  return coming === 0 ? rosterText.nobodyGoesThere : countText(coming, 'child');
}

function tellChange({ classes: made, moves }: Change): string {
  const left = moves.filter(({ to }) => to.kind === 'leaves').length;
  const kept = moves.length - left;
  return `${countText(made.length, 'class')}, ${countText(kept, 'child')}${left === 0 ? '' : rosterText.leave(left)}.`;
}
