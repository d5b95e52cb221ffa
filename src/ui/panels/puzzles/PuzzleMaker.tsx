'use client';
import { Button, Checkbox, NativeSelect, NumberInput, Progress, TextInput } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { KeyKind, PuzzleRecipe } from '@/core/compose';
import { getMove, getPosition, makeSan } from '@/core/notation';
import { isPatternId, listShownTags, PATTERN_IDS } from '@/core/patterns';
import { countWords, faultText, gradeText, KEY_KIND_WORDS, PATTERN_WORDS, tagsText } from '@/text';
import { DiagramPicture } from '@/ui/board';
import { useChosenSet, type AddSet, type SetChoice } from '@/ui/forms/chosenSet';
import { storePuzzles, type AddPuzzle } from '@/ui/forms/storePuzzles';
import { createSearchClient, startSearchWorker } from '@/workers/browser';
import type { PuzzleSketch } from '@/workers/protocol';
import classes from '../PuzzleCards.module.css';

const LENGTHS = [1, 2, 3, 4, 5] as const;
const LEVELS = [1, 2, 3, 4, 5] as const;
const MOST_PUZZLES = 24;
const KEY_KINDS: readonly KeyKind[] = ['check', 'capture', 'quiet', 'sacrifice', 'promotion'];

export interface PuzzleActions {
  readonly addSet: AddSet;
  readonly addPuzzle: AddPuzzle;
}

type Batch =
  | { readonly kind: 'none' | 'failed' }
  | {
      readonly kind: 'running' | 'ready' | 'stopped';
      readonly puzzles: readonly PuzzleSketch[];
      readonly asked: number;
    };

/** Fresh mates by wish: composed here, looked at and chosen by the coach, proved once more and stored by the server. */
export function PuzzleMaker(props: {
  readonly sets: readonly SetChoice[];
  readonly areLooseNamesShown: boolean;
  readonly actions: PuzzleActions;
}) {
  const [wishes, setWishes] = useState({ moves: '2', pattern: '', key: '', side: '', level: '' });
  const [count, setCount] = useState(6);
  const [seed, setSeed] = useState(1);
  const { batch, compose, stop } = useBatch();
  const change =
    (name: keyof typeof wishes) => (event: { readonly currentTarget: { readonly value: string } }) =>
      setWishes({ ...wishes, [name]: event.currentTarget.value });
  const isRunning = batch.kind === 'running';
  return (
    <>
      <div className={classes.make}>
        <NativeSelect
          label="Length"
          size="md"
          value={wishes.moves}
          data={LENGTHS.map((moves) => ({ value: String(moves), label: `mate in ${moves}` }))}
          onChange={change('moves')}
        />
        <NativeSelect
          label="Ends in"
          size="md"
          value={wishes.pattern}
          data={[
            { value: '', label: 'any mate' },
            ...PATTERN_IDS.map((id) => ({ value: id, label: PATTERN_WORDS[id].name })),
          ]}
          onChange={change('pattern')}
        />
        <NativeSelect
          label="Begins with"
          size="md"
          value={wishes.key}
          data={[
            { value: '', label: 'any move' },
            ...KEY_KINDS.filter(
              (kind) => wishes.moves !== '1' || (kind !== 'quiet' && kind !== 'sacrifice'),
            ).map((kind) => ({ value: kind, label: KEY_KIND_WORDS[kind] })),
          ]}
          onChange={change('key')}
        />
        <NativeSelect
          label="To move"
          size="md"
          value={wishes.side}
          data={[
            { value: '', label: 'either side' },
            { value: 'white', label: 'White' },
            { value: 'black', label: 'Black' },
          ]}
          onChange={change('side')}
        />
        <NativeSelect
          label="Level"
          size="md"
          value={wishes.level}
          data={[
            { value: '', label: 'any level' },
            ...LEVELS.map((level) => ({ value: String(level), label: `level ${level}` })),
          ]}
          onChange={change('level')}
        />
        <NumberInput
          label="How many"
          size="md"
          w="7rem"
          min={1}
          max={MOST_PUZZLES}
          allowDecimal={false}
          value={count}
          onChange={(value) => setCount(Math.min(MOST_PUZZLES, Math.max(1, Number(value))))}
        />
        <Button
          size="md"
          mih={44}
          disabled={isRunning}
          onClick={() => {
            compose(recipeOf(wishes), count, seed);
            // The next press makes others.
            setSeed(seed + 1);
          }}
        >
          {batch.kind === 'none' ? 'Compose' : 'Compose others'}
        </Button>
        {isRunning && (
          <Button size="md" mih={44} color="clay" onClick={stop}>
            Stop
          </Button>
        )}
      </div>
      <p className={classes.said} role="status">
        {batchText(batch)}
      </p>
      {'puzzles' in batch && batch.puzzles.length > 0 && (
        <Chosen key={seed} {...props} puzzles={batch.puzzles} isRunning={isRunning} />
      )}
    </>
  );
}

function recipeOf(wishes: {
  readonly moves: string;
  readonly pattern: string;
  readonly key: string;
  readonly side: string;
  readonly level: string;
}): PuzzleRecipe {
  const moves = Number(wishes.moves);
  const key = KEY_KINDS.find((kind) => kind === wishes.key);
  const level = LEVELS.find((one) => String(one) === wishes.level);
  const isPossible = moves > 1 || (key !== 'quiet' && key !== 'sacrifice');
  return {
    moves,
    ...(isPatternId(wishes.pattern) ? { pattern: wishes.pattern } : {}),
    ...(key === undefined || !isPossible ? {} : { key }),
    ...(wishes.side === 'white' || wishes.side === 'black' ? { side: wishes.side } : {}),
    ...(level === undefined ? {} : { level }),
  };
}

function batchText(batch: Batch): string {
  switch (batch.kind) {
    case 'none':
      return 'Every puzzle is made fresh and proved: one first move, no shorter mate. The same wishes again make others.';
    case 'failed':
      return 'It broke off: this browser ended it. Compose again.';
    case 'running':
      return `${countWords(batch.puzzles.length, 'puzzle')} of ${batch.asked} so far ...`;
    case 'stopped':
      return `Stopped with ${countWords(batch.puzzles.length, 'puzzle')}.`;
    case 'ready':
      return batch.puzzles.length < batch.asked
        ? `Only ${countWords(batch.puzzles.length, 'puzzle')} of ${batch.asked} were found for these wishes. Ask for less.`
        : `${countWords(batch.puzzles.length, 'puzzle')}, each proved.`;
  }
}

function useBatch() {
  const client = useMemo(() => createSearchClient(startSearchWorker), []);
  const [batch, setBatch] = useState<Batch>({ kind: 'none' });
  useEffect(() => () => client.stopAll(), [client]);

  function compose(recipe: PuzzleRecipe, asked: number, seed: number): void {
    let puzzles: readonly PuzzleSketch[] = [];
    setBatch({ kind: 'running', puzzles, asked });
    const { outcome } = client.ask({ kind: 'puzzles', recipe, count: asked, seed }, (progress) => {
      if (progress.kind !== 'puzzles') return;
      ({ puzzles } = progress);
      setBatch({ kind: 'running', puzzles, asked });
    });
    void outcome.then((ended) => {
      if (ended.kind === 'answer') setBatch({ kind: 'ready', puzzles: ended.answer.puzzles, asked });
      else if (ended.kind === 'stopped') setBatch({ kind: 'stopped', puzzles, asked });
      else setBatch({ kind: 'failed' });
    });
  }
  return { batch, compose, stop: () => client.stopAll() };
}

/** The batch as cards: all are chosen until the coach takes some out. */
function Chosen(props: {
  readonly puzzles: readonly PuzzleSketch[];
  readonly isRunning: boolean;
  readonly sets: readonly SetChoice[];
  readonly areLooseNamesShown: boolean;
  readonly actions: PuzzleActions;
}) {
  const { puzzles, actions } = props;
  const set = useChosenSet(props.sets, actions.addSet);
  const [left, setLeft] = useState<readonly string[]>([]);
  const [storing, setStoring] = useState<{ readonly done: number; readonly of: number }>();
  const [stored, setStored] = useState<{ readonly setId: number; readonly said: string }>();
  const [fault, setFault] = useState('');
  const isStopAsked = useRef(false);
  const fens = puzzles.map(({ fen }) => fen).filter((fen) => !left.includes(fen));

  async function store() {
    isStopAsked.current = false;
    setFault('');
    setStored(undefined);
    setStoring({ done: 0, of: fens.length });
    try {
      const target = await set.getSetId();
      if (!target.ok) {
        setFault(faultText(target.error));
        return;
      }
      const setId = target.value;
      const result = await storePuzzles(
        actions.addPuzzle,
        { setId, fens, noun: 'puzzle' },
        (done) => setStoring({ done, of: fens.length }),
        () => isStopAsked.current,
      );
      if (result.ok)
        setStored({ setId, said: `${countWords(result.value, 'puzzle')} stored, each proved once more.` });
      else setFault(result.error);
    } catch {
      // A server action rejects when the network or the server is away; what was stored stays stored once.
      setFault('The server did not answer. Nothing is lost: try again, and it goes on where it stopped.');
    } finally {
      setStoring(undefined);
    }
  }

  return (
    <>
      <ol className={classes.stairs}>
        {puzzles.map((puzzle, index) => (
          <li key={puzzle.fen} className={classes.card}>
            <PuzzleCard
              puzzle={puzzle}
              number={index + 1}
              areLooseNamesShown={props.areLooseNamesShown}
              isChosen={!left.includes(puzzle.fen)}
              onChosen={(isChosen) =>
                setLeft(isChosen ? left.filter((fen) => fen !== puzzle.fen) : [...left, puzzle.fen])
              }
            />
          </li>
        ))}
      </ol>
      <div className={classes.make} style={{ marginTop: '1rem' }}>
        <NativeSelect
          label="Put them into"
          size="md"
          value={set.chosen}
          data={set.options}
          onChange={({ currentTarget }) => set.setChosen(currentTarget.value)}
        />
        {set.isNew && (
          <TextInput
            label="Name of the new set"
            size="md"
            maxLength={120}
            value={set.name}
            onChange={({ currentTarget }) => set.setName(currentTarget.value)}
          />
        )}
        <Button
          size="md"
          mih={44}
          loading={storing !== undefined}
          disabled={props.isRunning || fens.length === 0 || !set.isReady}
          onClick={() => void store()}
        >
          Store {countWords(fens.length, 'puzzle')}
        </Button>
      </div>
      <div className={classes.said} role="status">
        {storing !== undefined && (
          <>
            <Progress value={(100 * storing.done) / Math.max(1, storing.of)} aria-label="Puzzles stored" />
            Proving each puzzle once more and storing it: {storing.done} of {storing.of}.{' '}
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
        {stored !== undefined && (
          <>
            {stored.said} <Link href={`/sets/${stored.setId}` as Route}>Open the set</Link>
          </>
        )}
      </div>
    </>
  );
}

function PuzzleCard(props: {
  readonly puzzle: PuzzleSketch;
  readonly number: number;
  readonly areLooseNamesShown: boolean;
  readonly isChosen: boolean;
  readonly onChosen: (isChosen: boolean) => void;
}) {
  const { puzzle, number } = props;
  const position = getPosition(puzzle.fen);
  const names = tagsText(listShownTags(puzzle.tags, props.areLooseNamesShown));
  return (
    <>
      <DiagramPicture
        diagram={{ board: position.board, turn: position.turn, bottom: position.turn }}
        title={`Puzzle ${number}, ${position.turn === 'white' ? 'White' : 'Black'} to move`}
      />
      <Checkbox
        classNames={{ root: classes.choice }}
        size="md"
        label={
          <strong>
            {number}. Mate in {puzzle.mateInMoves}
          </strong>
        }
        checked={props.isChosen}
        onChange={({ currentTarget }) => props.onChosen(currentTarget.checked)}
      />
      <p className={classes.soft}>
        {makeSan(position, getMove(puzzle.key))}. {names} {gradeText(puzzle.grade)}
      </p>
    </>
  );
}
