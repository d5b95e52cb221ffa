'use client';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import { MOST_LETTERS } from '@/contracts/bounds';
import type { NamedPicture } from '@/contracts/clubPatterns';
import type { ServiceFault } from '@/contracts/faults';
import type { AssignmentId, SetId } from '@/contracts/ids';
import { getMove, getPosition, makeSan } from '@/core/notation';
import { listShownTags } from '@/core/patterns';
import { failure, success, type Result } from '@/core/shared';
import { countText, faultText, stairText, tagsText } from '@/text';
import type { AddPuzzle } from '@/ui/forms/storePuzzles';
import { createSearchClient, startSearchWorker } from '@/workers/browser';
import type { StaircaseAnswer } from '@/workers/protocol';
import { useRequestId } from '@/ui/forms/useRequestId';
import { PuzzleCard } from '../puzzles/PuzzleCard';
import classes from '../puzzles/Puzzles.module.css';
import { StoringStatus, useStoring } from '../puzzles/storing';
import * as staircaseText from '@/text/screens/staircase';
import * as commonText from '@/text/screens/common';
import * as deskText from '@/text/screens/desk';

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
  /** Named mates of the club's own, as they are when the page is opened: storing loads it anew, and the stairs stay. */
  readonly ours: readonly NamedPicture[];
  readonly areLooseNamesShown: boolean;
  readonly classes: readonly { readonly classId: number; readonly name: string }[];
  readonly actions: StaircaseActions;
}) {
  const { fen, actions } = props;
  const [ours] = useState(props.ours);
  const [climb, stop] = useStaircase(fen, ours);
  switch (climb.kind) {
    case 'running':
      return (
        <div className={classes.card} role="status">
          <p>
            {climb.done === 0
              ? staircaseText.provingMateTree
              : staircaseText.mainLineSoFar(countText(climb.done, 'stair'))}
          </p>
          <Button color="clay" mih={44} onClick={stop}>
            {commonText.stop}
          </Button>
        </div>
      );
    case 'none':
      return <p className={classes.card}>{staircaseText.noMate(MOST_MOVES)}</p>;
    case 'stopped':
      return <p className={classes.card}>{staircaseText.stoppedNothingWasMade}</p>;
    case 'failed':
      return <p className={classes.card}>{staircaseText.browserStopped}</p>;
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

function useStaircase(fen: string, ours: readonly NamedPicture[]): readonly [Climb, () => void] {
  const client = useMemo(() => createSearchClient(startSearchWorker), []);
  const [climb, setClimb] = useState<Climb>({ kind: 'running', done: 0 });
  useEffect(() => {
    const { outcome } = client.ask({ kind: 'staircase', fen, maxMoves: MOST_MOVES, ours }, (progress) => {
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
  }, [client, fen, ours]);
  return [climb, () => client.stopAll()];
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
  const [name, setName] = useState(staircaseText.setName(mateInMoves));
  const [classId, setClassId] = useState('');
  const { state, run, stop } = useStoring(actions.addPuzzle);
  // A second try goes on with the set that was begun.
  const making = useRequestId();
  const giving = useRequestId();
  /** Stores stair by stair, then gives the set. */
  function make(): Promise<void> {
    const fens = stairs.map(({ fen }) => fen).filter((fen) => chosen.includes(fen));
    return run(fens.length, async (store) => {
      const set = await actions.addSet({ requestId: making.idFor(name), name, isStaircase: true });
      if (!set.ok) return failure(faultText(set.error));
      const setId = set.value;
      const stored = await store(setId, fens, 'stair');
      if (!stored.ok) return stored;
      const told = staircaseText.eachProvedStored(countText(stored.value, 'stair'));
      if (classId === '') return success({ setId, said: told });
      const asked = { setId, classId: Number(classId) };
      const given = await actions.giveSet({ requestId: giving.idFor(asked), ...asked });
      if (!given.ok) return failure(faultText(given.error));
      const className = props.classes.find((one) => String(one.classId) === classId)?.name ?? '';
      return success({ setId, said: staircaseText.classCanSeeIt(told, className) });
    });
  }

  return (
    <>
      <div className={`${classes.make} ${classes.named}`}>
        <TextInput
          label={staircaseText.nameSet}
          size="md"
          maxLength={MOST_LETTERS.title}
          value={name}
          onChange={({ currentTarget }) => setName(currentTarget.value)}
        />
        <NativeSelect
          label={staircaseText.give}
          size="md"
          value={classId}
          data={[
            { value: '', label: staircaseText.nobodyYet },
            ...props.classes.map((one) => ({ value: String(one.classId), label: one.name })),
          ]}
          onChange={({ currentTarget }) => setClassId(currentTarget.value)}
        />
        <Button
          size="md"
          mih={44}
          loading={state.kind === 'running'}
          disabled={chosen.length === 0 || name.trim() === '' || state.kind === 'stored'}
          onClick={() => void make()}
        >
          {classId === '' ? staircaseText.makeSet : staircaseText.makeSetGive}
        </Button>
      </div>
      <StoringStatus state={state} stop={stop} noun={commonText.nouns.stair} />
      <ol className={classes.stairs}>
        {stairs.map((stair, index) => (
          <PuzzleCard
            key={`${stair.kind} ${stair.fen}`}
            fen={stair.fen}
            noun={commonText.nouns.stair}
            number={index + 1}
            mateInMoves={stair.mateInMoves}
            isChosen={chosen.includes(stair.fen)}
            onChosen={(isChosen) =>
              setChosen(isChosen ? [...chosen, stair.fen] : chosen.filter((fen) => fen !== stair.fen))
            }
          >
            {stairText(stair, makeSan(getPosition(stair.fen), getMove(stair.key)))}{' '}
            {stair.tags === undefined
              ? deskText.namesNotKnown
              : tagsText(listShownTags(stair.tags, props.areLooseNamesShown), stair.ourTags)}
          </PuzzleCard>
        ))}
      </ol>
    </>
  );
}
