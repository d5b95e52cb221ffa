'use client';
import { Button, NativeSelect } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId } from '@/contracts/ids';
import type { FindSeen, SeenTask } from '@/contracts/seen';
import { SIDES } from '@/core/board';
import type { PuzzleRecipe } from '@/core/compose';
import { LEVELS } from '@/core/exercises';
import { getMove, getPosition, makeSan } from '@/core/notation';
import { isPatternId, listShownTags } from '@/core/patterns';
import { listPossibleKeyKinds, WINGS } from '@/core/puzzles';
import type { Result } from '@/core/shared';
import { countText, gradeText, KEY_KIND_WORDS, SIDE_WORDS, tagsText, wingTexts } from '@/text';
import { CountField } from '@/ui/forms/CountField';
import type { AddSet, SetChoice } from '@/ui/forms/chosenSet';
import { PatternField } from '@/ui/forms/PatternField';
import type { AddPuzzle } from '@/ui/forms/storePuzzles';
import { createSearchClient, startSearchWorker } from '@/workers/browser';
import type { PuzzleSketch } from '@/workers/protocol';
import { PuzzleCard } from './PuzzleCard';
import classes from './Puzzles.module.css';
import { StoreChosen } from './StoreChosen';
import { useHouseVoice } from '@/ui/words';
import * as puzzlesText from '@/text/screens/puzzles';
import * as commonText from '@/text/screens/common';
import * as filtersText from '@/text/screens/filters';

const LENGTHS = [1, 2, 3, 4, 5] as const;
const MEN_CHOICES = [8, 12, 16, 20] as const;
const MOST_PUZZLES = 24;

export interface PuzzleActions {
  readonly addSet: AddSet;
  readonly addPuzzle: AddPuzzle;
  readonly findSeen: FindSeenAction;
}
type FindSeenAction = (input: FindSeen) => Promise<Result<readonly (SeenTask | undefined)[], ServiceFault>>;

interface ClassChoice {
  readonly classId: ClassId;
  readonly name: string;
}

type Batch =
  | { readonly kind: 'none' | 'failed' }
  | {
      readonly kind: 'running' | 'ready' | 'stopped';
      readonly puzzles: readonly PuzzleSketch[];
      readonly asked: number;
      /** What the class has had: how many were left out for it, or that the server did not say. */
      readonly seen?: { readonly className: string; readonly leftOut: number | undefined };
    };

interface Option {
  readonly value: string;
  readonly label: string;
}

/** What stands in the fields; empty: no filter. */
type Filters = Readonly<Record<'moves' | 'key' | 'side' | 'wing' | 'men' | 'level' | 'classId', string>>;

const NO_FILTERS: Filters = { moves: '2', key: '', side: '', wing: '', men: '', level: '', classId: '' };

/** Fresh mates by filter: composed here, looked at and chosen by the coach, proved once more and stored by the server. */
export function PuzzleMaker(props: {
  readonly sets: readonly SetChoice[];
  readonly classes: readonly ClassChoice[];
  readonly areLooseNamesShown: boolean;
  readonly actions: PuzzleActions;
}) {
  const { terms } = useHouseVoice();
  const [filters, setFilters] = useState<Filters>(NO_FILTERS);
  const [patterns, setPatterns] = useState<readonly string[]>([]);
  const [count, setCount] = useState(6);
  const [seed, setSeed] = useState(1);
  const { batch, compose, stop } = useBatch(props.actions.findSeen);
  const field = (label: string, name: keyof Filters, options: readonly Option[]) => (
    <NativeSelect
      label={label}
      size="md"
      value={filters[name]}
      data={options}
      onChange={({ currentTarget }) => setFilters({ ...filters, [name]: currentTarget.value })}
    />
  );
  const isRunning = batch.kind === 'running';
  const keyKinds = listPossibleKeyKinds(Number(filters.moves));
  return (
    <>
      <div className={classes.make}>
        {field(
          filtersText.length,
          'moves',
          LENGTHS.map((moves) => ({ value: String(moves), label: filtersText.mateIn(moves) })),
        )}
        <PatternField value={patterns} onChange={setPatterns} />
        {field(filtersText.beginsWith, 'key', [
          { value: '', label: filtersText.anyMove },
          ...keyKinds.map((kind) => ({ value: kind, label: KEY_KIND_WORDS[kind] })),
        ])}
        {field(filtersText.toMove, 'side', [
          { value: '', label: filtersText.eitherSide },
          ...SIDES.map((side) => ({ value: side, label: SIDE_WORDS[side] })),
        ])}
        {field(filtersText.matedKingOn(terms), 'wing', [
          { value: '', label: filtersText.eitherWing },
          ...WINGS.map((wing) => ({ value: wing, label: wingTexts(terms)[wing] })),
        ])}
        {field(filtersText.piecesAtMost, 'men', [
          { value: '', label: filtersText.anyNumber },
          ...MEN_CHOICES.map((men) => ({ value: String(men), label: filtersText.pieces(men) })),
        ])}
        {field(filtersText.level, 'level', [
          { value: '', label: filtersText.anyLevel },
          ...LEVELS.map((level) => ({ value: String(level), label: filtersText.levelOption(level) })),
        ])}
        {field(filtersText.newTo, 'classId', [
          { value: '', label: filtersText.anyClass },
          ...props.classes.map(({ classId, name }) => ({ value: String(classId), label: name })),
        ])}
        <CountField
          label={puzzlesText.howMany}
          w="7rem"
          min={1}
          max={MOST_PUZZLES}
          value={count}
          onCount={setCount}
        />
        <Button
          size="md"
          mih={44}
          disabled={isRunning}
          onClick={() => {
            const group = props.classes.find(({ classId }) => String(classId) === filters.classId);
            compose(recipeOf(filters, patterns), { asked: count, seed, group });
            // The next press makes others.
            setSeed(seed + 1);
          }}
        >
          {batch.kind === 'none' ? puzzlesText.compose : puzzlesText.composeOthers}
        </Button>
        {isRunning && (
          <Button size="md" mih={44} color="clay" onClick={stop}>
            {commonText.stop}
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

/** What cannot be with this length, a kind of key chosen before, is not asked for. */
function recipeOf(filters: Filters, patterns: readonly string[]): PuzzleRecipe {
  const moves = Number(filters.moves);
  const key = listPossibleKeyKinds(moves).find((kind) => kind === filters.key);
  const level = LEVELS.find((one) => String(one) === filters.level);
  const side = SIDES.find((one) => one === filters.side);
  const wing = WINGS.find((one) => one === filters.wing);
  return {
    moves,
    ...(patterns.length === 0 ? {} : { patterns: patterns.filter(isPatternId) }),
    ...(key === undefined ? {} : { key }),
    ...(side === undefined ? {} : { side }),
    ...(wing === undefined ? {} : { wing }),
    ...(filters.men === '' ? {} : { mostMen: Number(filters.men) }),
    ...(level === undefined ? {} : { level }),
  };
}

function batchText(batch: Batch): string {
  switch (batch.kind) {
    case 'none':
      return puzzlesText.composeHelp;
    case 'failed':
      return puzzlesText.browserStopped;
    case 'running':
      return puzzlesText.soFar(countText(batch.puzzles.length, 'puzzle'), batch.asked);
    case 'stopped':
      return puzzlesText.stoppedWith(countText(batch.puzzles.length, 'puzzle'));
    case 'ready':
      return [
        batch.puzzles.length < batch.asked
          ? puzzlesText.onlySomeFound(countText(batch.puzzles.length, 'puzzle'), batch.asked)
          : puzzlesText.eachProved(countText(batch.puzzles.length, 'puzzle')),
        ...(batch.seen === undefined ? [] : [leftOutText(batch.seen)]),
      ].join(' ');
  }
}

function leftOutText({ className, leftOut }: { className: string; leftOut: number | undefined }): string {
  if (leftOut === undefined) return puzzlesText.notSaidWhatIsNew(className);
  return leftOut === 0 ? puzzlesText.allNew(className) : puzzlesText.someLeftOut(className, leftOut);
}

/** Batches asked for again because a class has had some of the one before. */
const MOST_ROUNDS = 4;

function useBatch(findSeen: FindSeenAction) {
  const client = useMemo(() => createSearchClient(startSearchWorker), []);
  const [batch, setBatch] = useState<Batch>({ kind: 'none' });
  useEffect(() => () => client.stopAll(), [client]);

  async function run(
    recipe: PuzzleRecipe,
    { asked, seed, group }: { asked: number; seed: number; group: ClassChoice | undefined },
  ): Promise<Batch> {
    let puzzles: readonly PuzzleSketch[] = [];
    setBatch({ kind: 'running', puzzles, asked });
    let count = asked;
    for (let round = 1; ; round += 1) {
      const { outcome } = client.ask({ kind: 'puzzles', recipe, count, seed }, (progress) => {
        if (progress.kind !== 'puzzles') return;
        ({ puzzles } = progress);
        setBatch({ kind: 'running', puzzles: puzzles.slice(0, asked), asked });
      });
      const ended = await outcome;
      if (ended.kind === 'stopped') return { kind: 'stopped', puzzles: puzzles.slice(0, asked), asked };
      if (ended.kind !== 'answer') return { kind: 'failed' };
      ({ puzzles } = ended.answer);
      if (group === undefined) return { kind: 'ready', puzzles, asked };
      const seen = await listSeen(findSeen, group.classId, puzzles);
      const fresh = seen === undefined ? puzzles : puzzles.filter((_, index) => seen[index] === undefined);
      // A longer batch begins like the shorter one, so that asking for more goes on from here.
      if (fresh.length < asked && puzzles.length === count && round < MOST_ROUNDS) {
        count += asked - fresh.length;
        continue;
      }
      const leftOut = seen === undefined ? undefined : puzzles.length - fresh.length;
      return {
        kind: 'ready',
        puzzles: fresh.slice(0, asked),
        asked,
        seen: { className: group.name, leftOut },
      };
    }
  }
  const compose = (recipe: PuzzleRecipe, wanted: Parameters<typeof run>[1]) =>
    void run(recipe, wanted).then(setBatch);
  return { batch, compose, stop: () => client.stopAll() };
}

/** What the class has had; undefined when the server does not say. */
async function listSeen(
  findSeen: FindSeenAction,
  classId: ClassId,
  puzzles: readonly PuzzleSketch[],
): Promise<readonly (SeenTask | undefined)[] | undefined> {
  try {
    const asked = puzzles.map(({ twinKey, ideaKey }) => ({ twinKey, ideaKey }));
    const result = await findSeen({ classId, puzzles: asked });
    return result.ok ? result.value : undefined;
  } catch {
    // A server action rejects when the network or the server is away.
    return undefined;
  }
}

/** The batch as cards: all are chosen until the coach takes some out. */
function Chosen(props: {
  readonly puzzles: readonly PuzzleSketch[];
  readonly isRunning: boolean;
  readonly sets: readonly SetChoice[];
  readonly areLooseNamesShown: boolean;
  readonly actions: PuzzleActions;
}) {
  const { puzzles } = props;
  const [left, setLeft] = useState<readonly string[]>([]);
  const fens = puzzles.map(({ fen }) => fen).filter((fen) => !left.includes(fen));

  return (
    <>
      <ol className={classes.stairs}>
        {puzzles.map((puzzle, index) => (
          <PuzzleCard
            key={puzzle.fen}
            fen={puzzle.fen}
            noun={commonText.nouns.puzzle}
            number={index + 1}
            mateInMoves={puzzle.mateInMoves}
            isChosen={!left.includes(puzzle.fen)}
            onChosen={(isChosen) =>
              setLeft(isChosen ? left.filter((fen) => fen !== puzzle.fen) : [...left, puzzle.fen])
            }
          >
            {makeSan(getPosition(puzzle.fen), getMove(puzzle.key))}.{' '}
            {tagsText(listShownTags(puzzle.tags, props.areLooseNamesShown))} {gradeText(puzzle.grade)}
          </PuzzleCard>
        ))}
      </ol>
      <StoreChosen fens={fens} sets={props.sets} actions={props.actions} isWaiting={props.isRunning} />
    </>
  );
}
