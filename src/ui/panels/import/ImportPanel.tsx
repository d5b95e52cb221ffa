'use client';
import { Checkbox } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { Result } from '@/core/shared';
import { countText } from '@/text';
import type { AddSet, SetChoice } from '@/ui/forms/chosenSet';
import { FileOrText, SOUGHT_LENGTHS } from '@/ui/forms/FileOrText';
import type { AddPuzzle } from '@/ui/forms/storePuzzles';
import { createSearchClient, startSearchWorker } from '@/workers/browser';
import type { ImportedPosition } from '@/workers/protocol';
import { PuzzleCard } from '../puzzles/PuzzleCard';
import puzzleClasses from '../puzzles/Puzzles.module.css';
import { StoreChosen } from '../puzzles/StoreChosen';
import classes from './Import.module.css';
import { keysText, listMates, placeText, refusalText, reportText, type ImportedMate } from './report';
import * as importText from '@/text/screens/import';
import * as commonText from '@/text/screens/common';

/** As many as a page of a set shows without making a coach wait. */
const MOST_STORED = 500;
const MOST_CARDS = 24;
const MOST_REFUSALS = 50;
/** Keys asked about at once. */
const ASKED_AT_ONCE = 1_000;

export interface ImportActions {
  readonly addSet: AddSet;
  readonly addPuzzle: AddPuzzle;
  readonly findStored: (input: {
    readonly exactKeys: readonly string[];
  }) => Promise<Result<string[], ServiceFault>>;
}

type Reading =
  | { readonly kind: 'none' }
  | { readonly kind: 'unreadable'; readonly why: string }
  | {
      readonly kind: 'running' | 'done' | 'stopped';
      readonly positions: readonly ImportedPosition[];
      readonly maxMoves: number;
      readonly isCut: boolean;
      /** Keys the club has stored; undefined while that is not known. */
      readonly stored: ReadonlySet<string> | undefined;
    };

/** Positions from a file or a text: read and proved here, looked at, and the chosen ones stored in a set. */
export function ImportPanel(props: { readonly sets: readonly SetChoice[]; readonly actions: ImportActions }) {
  const { reading, read, refuse, stop } = useReading(props.actions.findStored);

  return (
    <>
      <FileOrText
        fileLabel={importText.fileLabel}
        fileWords={importText.fileHelp}
        textLabel={importText.pasteLabel}
        textWords={importText.pasteHelp}
        button={importText.readProve}
        isRunning={reading.kind === 'running'}
        onRead={read}
        onRefuse={refuse}
        onStop={stop}
      />
      <p className={puzzleClasses.said} role="status">
        {readingText(reading)}
      </p>
      {(reading.kind === 'done' || reading.kind === 'stopped') && (
        <>
          <Chosen
            key={reading.positions.length}
            mates={listMates(reading.positions)}
            stored={reading.stored}
            sets={props.sets}
            actions={props.actions}
          />
          <Refusals positions={reading.positions} />
        </>
      )}
    </>
  );
}

function readingText(reading: Reading): string {
  switch (reading.kind) {
    case 'none':
      return importText.provingHelp;
    case 'unreadable':
      return reading.why;
    case 'running':
      return importText.reading(reportText(reading.positions, reading.maxMoves));
    case 'stopped':
    case 'done': {
      const mates = listMates(reading.positions);
      const known = mates.filter(({ outcome }) => reading.stored?.has(outcome.exactKey)).length;
      return [
        reading.kind === 'stopped' ? importText.stopped : '',
        reportText(reading.positions, reading.maxMoves),
        reading.isCut ? importText.moreThanRead : '',
        known === 0 ? '' : importText.storedAlready(known, known === 1 ? 'is' : 'are'),
        reading.stored === undefined && mates.length > 0 ? importText.notSaidWhatIsStored : '',
      ]
        .filter((part) => part !== '')
        .join(' ');
    }
  }
}

function useReading(findStored: ImportActions['findStored']) {
  const client = useMemo(() => createSearchClient(startSearchWorker), []);
  const [reading, setReading] = useState<Reading>({ kind: 'none' });
  useEffect(() => () => client.stopAll(), [client]);

  async function run(bytes: Uint8Array, maxMoves: number): Promise<Reading> {
    const positions: ImportedPosition[] = [];
    const stateOf = (kind: 'running' | 'done' | 'stopped', isCut: boolean, stored?: ReadonlySet<string>) => ({
      kind,
      positions: [...positions],
      maxMoves,
      isCut,
      stored,
    });
    setReading(stateOf('running', false));
    const { outcome } = client.ask({ kind: 'import', bytes, maxMoves }, (progress) => {
      if (progress.kind !== 'import') return;
      positions.push(...progress.news);
      setReading(stateOf('running', false));
    });
    const ended = await outcome;
    if (ended.kind === 'failed') return { kind: 'unreadable', why: commonText.browserStopped };
    if (ended.kind === 'answer' && ended.answer.kind === 'unreadable') return ended.answer;
    const isCut = ended.kind === 'answer' && ended.answer.kind === 'imported' && ended.answer.isCut;
    const keys = listMates(positions).map(({ outcome: { exactKey } }) => exactKey);
    return stateOf(ended.kind === 'answer' ? 'done' : 'stopped', isCut, await listStored(findStored, keys));
  }
  return {
    reading,
    read: (bytes: Uint8Array, maxMoves: number) => void run(bytes, maxMoves).then(setReading),
    refuse: (why: string) => setReading({ kind: 'unreadable', why }),
    stop: () => client.stopAll(),
  };
}

/** Which of these keys the club has stored; undefined when the server does not say. */
async function listStored(
  findStored: ImportActions['findStored'],
  keys: readonly string[],
): Promise<ReadonlySet<string> | undefined> {
  const stored = new Set<string>();
  try {
    for (let from = 0; from < keys.length; from += ASKED_AT_ONCE) {
      const result = await findStored({ exactKeys: keys.slice(from, from + ASKED_AT_ONCE) });
      if (!result.ok) return undefined;
      for (const key of result.value) stored.add(key);
    }
    return stored;
  } catch {
    // A server action rejects when the network or the server is away.
    return undefined;
  }
}

/** The mates by length; all with one key that are not stored yet are chosen, until the coach says otherwise. */
function Chosen(props: {
  readonly mates: readonly ImportedMate[];
  readonly stored: ReadonlySet<string> | undefined;
  readonly sets: readonly SetChoice[];
  readonly actions: ImportActions;
}) {
  const { mates, stored } = props;
  const [lengthsLeft, setLengthsLeft] = useState<readonly number[]>([]);
  const [areSeveralTaken, setSeveralTaken] = useState(false);
  const [areStoredTaken, setStoredTaken] = useState(false);
  const [left, setLeft] = useState<readonly string[]>([]);
  if (mates.length === 0) return null;
  const isStored = ({ outcome }: ImportedMate) => stored?.has(outcome.exactKey) === true;
  const offered = mates.filter(
    (mate) =>
      !lengthsLeft.includes(mate.outcome.mateInMoves) &&
      (areSeveralTaken || mate.outcome.keys.length === 1) &&
      (areStoredTaken || !isStored(mate)),
  );
  const fens = offered.map(({ fen }) => fen).filter((fen) => !left.includes(fen));
  const lengths = SOUGHT_LENGTHS.filter((moves) =>
    mates.some(({ outcome }) => outcome.mateInMoves === moves),
  );
  const countOf = (holds: (mate: ImportedMate) => boolean) => mates.filter(holds).length;
  const several = countOf(({ outcome }) => outcome.keys.length > 1);
  const known = countOf(isStored);

  return (
    <>
      <fieldset className={classes.choices}>
        <legend>{importText.whichMates}</legend>
        {lengths.map((moves) => (
          <Checkbox
            key={moves}
            size="md"
            label={importText.mates(
              moves,
              countOf(({ outcome }) => outcome.mateInMoves === moves),
            )}
            checked={!lengthsLeft.includes(moves)}
            onChange={({ currentTarget }) =>
              setLengthsLeft(
                currentTarget.checked ? lengthsLeft.filter((one) => one !== moves) : [...lengthsLeft, moves],
              )
            }
          />
        ))}
        {several > 0 && (
          <Checkbox
            size="md"
            label={importText.withSeveralKeysToo(several)}
            checked={areSeveralTaken}
            onChange={({ currentTarget }) => setSeveralTaken(currentTarget.checked)}
          />
        )}
        {known > 0 && (
          <Checkbox
            size="md"
            label={importText.storedAlreadyToo(known)}
            checked={areStoredTaken}
            onChange={({ currentTarget }) => setStoredTaken(currentTarget.checked)}
          />
        )}
      </fieldset>
      <ol className={puzzleClasses.stairs}>
        {offered.slice(0, MOST_CARDS).map((mate, index) => (
          <PuzzleCard
            key={mate.fen}
            fen={mate.fen}
            noun={commonText.nouns.puzzle}
            number={index + 1}
            mateInMoves={mate.outcome.mateInMoves}
            isChosen={!left.includes(mate.fen)}
            onChosen={(isChosen) =>
              setLeft(isChosen ? left.filter((fen) => fen !== mate.fen) : [...left, mate.fen])
            }
          >
            {placeText(mate.place)}. {keysText(mate)}.
          </PuzzleCard>
        ))}
      </ol>
      {offered.length > MOST_CARDS && (
        <p className={puzzleClasses.soft}>
          {importText.andMore((offered.length - MOST_CARDS).toLocaleString('en'))}
        </p>
      )}
      <StoreChosen fens={fens.slice(0, MOST_STORED)} sets={props.sets} actions={props.actions}>
        {fens.length > MOST_STORED && (
          <span className={puzzleClasses.soft}>
            {importText.onlyFirst(MOST_STORED, fens.length.toLocaleString('en'))}
          </span>
        )}
      </StoreChosen>
    </>
  );
}

/** Why the others are no puzzles, each with its place. */
function Refusals({ positions }: { readonly positions: readonly ImportedPosition[] }) {
  const refusals = positions.flatMap((one) => refusalText(one) ?? []);
  if (refusals.length === 0) return null;
  return (
    <details className={classes.refusals}>
      <summary>{importText.skipped(countText(refusals.length, 'position'))}</summary>
      <ul>
        {refusals.slice(0, MOST_REFUSALS).map((refusal) => (
          <li key={refusal}>{refusal}</li>
        ))}
        {refusals.length > MOST_REFUSALS && (
          <li>{importText.andMoreCount(refusals.length - MOST_REFUSALS)}</li>
        )}
      </ul>
    </details>
  );
}
