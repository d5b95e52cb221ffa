'use client';
import { Button, Pagination } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import type { ClubPattern } from '@/contracts/clubPatterns';
import type { ServiceFault } from '@/contracts/faults';
import type { TaskId } from '@/contracts/ids';
import {
  MOST_SURPRISES,
  type AddedStored,
  type LibraryPage,
  type LibraryPuzzle,
  type LibrarySearch,
} from '@/contracts/library';
import { success, type Result } from '@/core/shared';
import { countText, gradeText, listWords, PATTERN_NAMES, seenPuzzleText } from '@/text';
import { CountField } from '@/ui/forms/CountField';
import { useChosenSet, type AddSet, type SetChoice } from '@/ui/forms/chosenSet';
import { SetFields } from '@/ui/forms/SetFields';
import { useSending } from '@/ui/forms/useSending';
import { PuzzleCard } from '../puzzles/PuzzleCard';
import classes from '../puzzles/Puzzles.module.css';
import { queryOf, FilterFields, filtersOf, type ClassChoice, type Filters } from './FilterFields';
import * as libraryText from '@/text/screens/library';
import * as commonText from '@/text/screens/common';

const DEFAULT_SURPRISE = 8;
/** Seeds go round before this one. */
const SEEDS = 1_000;

export type AddStored = (input: {
  setId: number;
  taskIds: readonly number[];
}) => Promise<Result<AddedStored, ServiceFault>>;

/** The club's stored mates: found by filter, or picked from easy to hard, and put into a set. The address holds the filters. */
export function LibraryPanel(props: {
  readonly search: LibrarySearch;
  readonly found: LibraryPage;
  readonly into: string | undefined;
  readonly sets: readonly SetChoice[];
  readonly classes: readonly ClassChoice[];
  /** Named mates of the club's own. */
  readonly ours: readonly ClubPattern[];
  readonly actions: { readonly addSet: AddSet; readonly addStored: AddStored };
}) {
  const { search, found, into } = props;
  const router = useRouter();
  const [isLooking, startLooking] = useTransition();
  const [filters, setFilters] = useState<Filters>(() => filtersOf(search));
  const [count, setCount] = useState(search.surprise ?? DEFAULT_SURPRISE);
  const group = props.classes.find(({ classId }) => classId === search.classId);

  function look(how: { readonly page: number } | { readonly surprise: number; readonly seed: number }) {
    const query = queryOf(filters);
    for (const [field, value] of Object.entries(how)) query.set(field, String(value));
    if (into !== undefined) query.set('into', into);
    startLooking(() => router.push(`/sets/library?${query.toString()}` as Route, { scroll: false }));
  }

  return (
    <>
      <form
        className={classes.make}
        onSubmit={(event) => {
          event.preventDefault();
          look({ page: 1 });
        }}
      >
        <FilterFields filters={filters} setFilters={setFilters} classes={props.classes} ours={props.ours} />
        <Button type="submit" size="md" mih={44} loading={isLooking}>
          {libraryText.find}
        </Button>
        <CountField
          label={libraryText.howMany}
          w="7rem"
          min={1}
          max={MOST_SURPRISES}
          value={count}
          onCount={setCount}
        />
        <Button
          size="md"
          mih={44}
          variant="default"
          disabled={isLooking}
          onClick={() => look({ surprise: count, seed: (search.seed % SEEDS) + 1 })}
        >
          {libraryText.surpriseMe}
        </Button>
      </form>
      <p className={classes.said} role="status">
        {isLooking ? libraryText.looking : foundText(search, found, group?.name)}
      </p>
      {found.total > 0 && (
        <p className={classes.soft} style={{ marginBottom: '0.75rem' }}>
          <a href={`/files/library?${queryOf(filtersOf(search)).toString()}`} download>
            {libraryText.saveAsEpd(
              found.total === 1 ? 'it' : libraryText.allCount(found.total.toLocaleString('en')),
            )}
          </a>
        </p>
      )}
      {found.items.length > 0 && (
        <Chosen
          key={JSON.stringify(search)}
          items={found.items}
          areAllChosen={search.surprise !== undefined}
          className={group?.name}
          sets={props.sets}
          actions={props.actions}
        />
      )}
      {search.surprise === undefined && found.pages > 1 && (
        <Pagination
          mt="md"
          size="lg"
          total={found.pages}
          value={Math.min(search.page, found.pages)}
          getControlProps={(control) => ({
            'aria-label': control === 'next' ? libraryText.nextPage : libraryText.previousPage,
          })}
          onChange={(page) => look({ page })}
        />
      )}
    </>
  );
}

function foundText(
  search: LibrarySearch,
  { total, items }: LibraryPage,
  className: string | undefined,
): string {
  if (total === 0) {
    return libraryText.noneFound;
  }
  const what = countText(total, 'mate');
  const isNew = className === undefined ? '' : libraryText.newToClass(className);
  if (search.surprise === undefined) return libraryText.easiestFirst(what, isNew);
  return items.length < search.surprise
    ? libraryText.noMoreIdeas(items.length, what, isNew)
    : libraryText.fromEasyToHard(items.length, what, isNew);
}

/**
 * What was found as cards, to be chosen and put into a set. They stay as they were found: putting them in loads the page anew, and by
 * then other puzzles or answers may have come.
 */
function Chosen(props: {
  readonly items: readonly LibraryPuzzle[];
  readonly areAllChosen: boolean;
  readonly className: string | undefined;
  readonly sets: readonly SetChoice[];
  readonly actions: { readonly addSet: AddSet; readonly addStored: AddStored };
}) {
  const [items] = useState(props.items);
  const [chosen, setChosen] = useState<readonly TaskId[]>(
    props.areAllChosen ? items.map(({ taskId }) => taskId) : [],
  );
  const set = useChosenSet(props.sets, props.actions.addSet);
  const [addedTo, setAddedTo] = useState<number>();
  const { send, isBusy, status } = useSending({ away: libraryText.noAnswerNothingTwice });

  async function add() {
    // In the order in which they stand here.
    const taskIds = items.map(({ taskId }) => taskId).filter((taskId) => chosen.includes(taskId));
    const stored = await send(
      async () => {
        const target = await set.getSetId();
        if (!target.ok) return target;
        const added = await props.actions.addStored({ setId: target.value, taskIds });
        return added.ok ? success({ setId: target.value, added: added.value.added }) : added;
      },
      ({ added }) => addedText(added, taskIds.length),
    );
    if (stored !== undefined) setAddedTo(stored.value.setId);
  }

  return (
    <>
      <ol className={classes.stairs}>
        {items.map((item, index) => (
          <PuzzleCard
            key={item.taskId}
            fen={item.fen}
            noun={commonText.nouns.puzzle}
            number={index + 1}
            mateInMoves={item.mateInMoves}
            isChosen={chosen.includes(item.taskId)}
            onChosen={(isChosen) =>
              setChosen(
                isChosen ? [...chosen, item.taskId] : chosen.filter((taskId) => taskId !== item.taskId),
              )
            }
          >
            {tellPuzzle(item, props.className)}
          </PuzzleCard>
        ))}
      </ol>
      <div className={classes.make} style={{ marginTop: '1rem' }}>
        <SetFields set={set} label={libraryText.addThemTo} />
        <Button
          size="md"
          mih={44}
          loading={isBusy}
          disabled={chosen.length === 0 || !set.isReady}
          onClick={() => void add()}
        >
          {libraryText.addToSet(countText(chosen.length, 'puzzle'))}
        </Button>
      </div>
      <p className={classes.said} role="status">
        {status}{' '}
        {addedTo !== undefined && <Link href={`/sets/${addedTo}` as Route}>{libraryText.openSet}</Link>}
      </p>
    </>
  );
}

function tellPuzzle(
  { patterns, ours, grade, rating, seen }: LibraryPuzzle,
  className: string | undefined,
): string {
  const names = [...patterns.map((id) => PATTERN_NAMES[id]), ...ours];
  return [
    names.length === 0 ? '' : `${listWords(names)}.`,
    grade === undefined ? '' : gradeText(grade, rating),
    seen === undefined || className === undefined ? '' : seenPuzzleText(seen, className),
  ]
    .filter((sentence) => sentence !== '')
    .join(' ');
}

function addedText(added: number, chosen: number): string {
  const before = chosen - added;
  return before === 0
    ? libraryText.added(countText(added, 'puzzle'))
    : libraryText.addedSome(countText(added, 'puzzle'), before);
}
