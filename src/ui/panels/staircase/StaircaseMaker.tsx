'use client';
import { Button, Checkbox, NativeSelect, Progress, TextInput } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import { useEffect, useMemo, useRef, useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { ServiceFault } from '@/contracts/faults';
import type { AssignmentId, SetId } from '@/contracts/ids';
import { getMove, getPosition, makeSan } from '@/core/notation';
import { listShownTags } from '@/core/patterns';
import { failure, success, type Result } from '@/core/shared';
import { countWords, faultText, stairText, tagsText } from '@/text';
import { DiagramPicture } from '@/ui/board';
import { storePuzzles, type AddPuzzle } from '@/ui/forms/storePuzzles';
import { createSearchClient, startSearchWorker } from '@/workers/browser';
import type { StaircaseAnswer } from '@/workers/protocol';
import classes from '../PuzzleCards.module.css';

type Stair = Extract<StaircaseAnswer, { kind: 'staircase' }>['stairs'][number];

/** The longest mate a staircase is made of. */
const MOST_MOVES = 10;

export interface StaircaseActions {
  readonly addSet: (input: {
    requestId: string;
    name: string;
    isStaircase: boolean;
  }) => Promise<Result<SetId, ServiceFault>>;
  readonly addPuzzle: AddPuzzle;
  readonly giveSet: (input: {
    requestId: string;
    setId: number;
    classId: number;
  }) => Promise<Result<AssignmentId, ServiceFault>>;
}

type Climb =
  | { readonly kind: 'running'; readonly done: number }
  | { readonly kind: 'ready'; readonly mateInMoves: number; readonly stairs: readonly Stair[] }
  | { readonly kind: 'none' | 'stopped' | 'failed' };

/** The stairs that lead up to a mate: worked out here, chosen by the coach, stored as a set and given in one go. */
export function StaircaseMaker(props: {
  readonly fen: string;
  readonly areLooseNamesShown: boolean;
  readonly classes: readonly { readonly classId: number; readonly name: string }[];
  readonly actions: StaircaseActions;
}) {
  const { fen, actions } = props;
  const [climb, stop] = useStaircase(fen);
  switch (climb.kind) {
    case 'running':
      return (
        <div className={classes.card} role="status">
          <p>
            {climb.done === 0
              ? 'Proving the mate and its tree ...'
              : `${countWords(climb.done, 'stair')} of the main line so far ...`}
          </p>
          <Button color="clay" mih={44} onClick={stop}>
            Stop
          </Button>
        </div>
      );
    case 'none':
      return (
        <p className={classes.card}>
          No shortest mate in {MOST_MOVES} or fewer was proved here, so there is nothing to climb to.
        </p>
      );
    case 'stopped':
      return <p className={classes.card}>Stopped. Nothing was made.</p>;
    case 'failed':
      return <p className={classes.card}>It broke off: this browser ended it. Load the page again.</p>;
    case 'ready':
      return (
        <Stairs
          stairs={climb.stairs}
          mateInMoves={climb.mateInMoves}
          classes={props.classes}
          areLooseNamesShown={props.areLooseNamesShown}
          actions={actions}
        />
      );
  }
}

function useStaircase(fen: string): readonly [Climb, () => void] {
  const client = useMemo(() => createSearchClient(startSearchWorker), []);
  const [climb, setClimb] = useState<Climb>({ kind: 'running', done: 0 });
  useEffect(() => {
    const { outcome } = client.ask({ kind: 'staircase', fen, maxMoves: MOST_MOVES }, (progress) => {
      if (progress.kind === 'stairs') setClimb({ kind: 'running', done: progress.done });
    });
    let isLeft = false;
    void outcome.then((ended) => {
      if (isLeft) return;
      if (ended.kind !== 'answer') setClimb({ kind: ended.kind });
      else if (ended.answer.kind === 'staircase') setClimb({ ...ended.answer, kind: 'ready' });
      else setClimb({ kind: 'none' });
    });
    return () => {
      isLeft = true;
      client.stopAll();
    };
  }, [client, fen]);
  return [climb, () => client.stopAll()];
}

/** What has been stored so far. */
interface Making {
  readonly done: number;
  readonly of: number;
}

interface Made {
  readonly setId: SetId;
  readonly said: string;
}

function Stairs(props: {
  readonly stairs: readonly Stair[];
  readonly mateInMoves: number;
  readonly areLooseNamesShown: boolean;
  readonly classes: readonly { readonly classId: number; readonly name: string }[];
  readonly actions: StaircaseActions;
}) {
  const { stairs, mateInMoves, actions } = props;
  // The line and its thin pictures; the rest is there to be added.
  const [chosen, setChosen] = useState(() =>
    stairs.filter(({ kind }) => kind === 'line' || kind === 'thin').map(({ fen }) => fen),
  );
  const [name, setName] = useState(`Staircase to a mate in ${mateInMoves}`);
  const [classId, setClassId] = useState('');
  const [making, setMaking] = useState<Making>();
  const [made, setMade] = useState<Made>();
  const [fault, setFault] = useState<string>();
  // The same request again makes nothing twice.
  const [requests] = useState(() => ({ set: makeUuid(), give: makeUuid() }));
  // Asked between two stairs: the one under way is stored whole.
  const isStopAsked = useRef(false);

  async function make() {
    isStopAsked.current = false;
    setFault(undefined);
    try {
      const result = await store();
      if (result.ok) setMade(result.value);
      else setFault(result.error);
    } catch {
      // A server action rejects when the network or the server is away; what was stored stays stored once.
      setFault('The server did not answer. Nothing is lost: try again, and it goes on where it stopped.');
    } finally {
      setMaking(undefined);
    }
  }

  /** Stores stair by stair, then gives the set; the fault is a sentence. */
  async function store(): Promise<Result<Made, string>> {
    const picked = stairs.filter(({ fen }) => chosen.includes(fen));
    setMaking({ done: 0, of: picked.length });
    const set = await actions.addSet({ requestId: requests.set, name, isStaircase: true });
    if (!set.ok) return failure(faultText(set.error));
    const fens = picked.map(({ fen }) => fen);
    const stored = await storePuzzles(
      actions.addPuzzle,
      { setId: set.value, fens, noun: 'stair' },
      (done) => setMaking({ done, of: fens.length }),
      () => isStopAsked.current,
    );
    if (!stored.ok) return stored;
    const told = `${countWords(stored.value, 'stair')}, each proved and stored.`;
    if (classId === '') return success({ setId: set.value, said: told });
    const given = await actions.giveSet({
      requestId: requests.give,
      setId: set.value,
      classId: Number(classId),
    });
    if (!given.ok) return failure(faultText(given.error));
    const className = props.classes.find((one) => String(one.classId) === classId)?.name ?? '';
    return success({ setId: set.value, said: `${told} They lie on the seats of ${className} now.` });
  }

  return (
    <>
      <div className={`${classes.make} ${classes.named}`}>
        <TextInput
          label="Name of the set"
          size="md"
          maxLength={120}
          value={name}
          onChange={({ currentTarget }) => setName(currentTarget.value)}
        />
        <NativeSelect
          label="Give it to"
          size="md"
          value={classId}
          data={[
            { value: '', label: 'nobody yet' },
            ...props.classes.map((one) => ({ value: String(one.classId), label: one.name })),
          ]}
          onChange={({ currentTarget }) => setClassId(currentTarget.value)}
        />
        <Button
          size="md"
          mih={44}
          loading={making !== undefined}
          disabled={chosen.length === 0 || name.trim() === '' || made !== undefined}
          onClick={() => void make()}
        >
          {classId === '' ? 'Make the set' : 'Make the set and give it'}
        </Button>
      </div>
      <div className={classes.said} role="status">
        {making !== undefined && (
          <>
            <Progress value={(100 * making.done) / Math.max(1, making.of)} aria-label="Stairs stored" />
            Proving each stair once more and storing it: {making.done} of {making.of}.{' '}
            <Button
              size="compact-md"
              mih={44}
              color="clay"
              onClick={() => {
                isStopAsked.current = true;
              }}
            >
              Stop storing
            </Button>
          </>
        )}
        {fault}
        {made !== undefined && (
          <>
            {made.said} <Link href={`/sets/${made.setId}` as Route}>Open the set</Link>
          </>
        )}
      </div>
      <ol className={classes.stairs}>
        {stairs.map((stair, index) => (
          <li key={`${stair.kind} ${stair.fen}`} className={classes.card}>
            <StairCard
              stair={stair}
              areLooseNamesShown={props.areLooseNamesShown}
              number={index + 1}
              isChosen={chosen.includes(stair.fen)}
              onChosen={(isChosen) =>
                setChosen(isChosen ? [...chosen, stair.fen] : chosen.filter((fen) => fen !== stair.fen))
              }
            />
          </li>
        ))}
      </ol>
    </>
  );
}

function StairCard(props: {
  readonly stair: Stair;
  readonly areLooseNamesShown: boolean;
  readonly number: number;
  readonly isChosen: boolean;
  readonly onChosen: (isChosen: boolean) => void;
}) {
  const { stair, number, isChosen, onChosen } = props;
  const position = getPosition(stair.fen);
  return (
    <>
      <DiagramPicture
        diagram={{ board: position.board, turn: position.turn, bottom: position.turn }}
        title={`Stair ${number}`}
      />
      <Checkbox
        classNames={{ root: classes.choice }}
        size="md"
        label={
          <strong>
            {number}. Mate in {stair.mateInMoves}
          </strong>
        }
        checked={isChosen}
        onChange={({ currentTarget }) => onChosen(currentTarget.checked)}
      />
      <p className={classes.soft}>
        {stairText(stair, makeSan(position, getMove(stair.key)))}{' '}
        {stair.tags === undefined
          ? 'Its names were not worked out: the tree is too large.'
          : tagsText(listShownTags(stair.tags, props.areLooseNamesShown))}
      </p>
    </>
  );
}
