'use client';
import { Button } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import type { PatternPuzzle } from '@/contracts/sets';
import { getPosition, makeFen } from '@/core/notation';
import { BARE_PICTURES, BOOK_STEPS, namePatterns, type PatternId, type PatternRoles } from '@/core/patterns';
import { isCheckmate, mirrorFiles, swapColours, type PositionDraft } from '@/core/rules';
import type { DiagramArrow, SquareMark } from '@/drawing';
import { listRoleSentences, PATTERN_NAMES, PATTERN_WORDS, twinText } from '@/text';
import { DiagramPicture } from '@/ui/board';
import { useHouseVoice } from '@/ui/words';
import classes from './Patterns.module.css';
import * as patternsText from '@/text/screens/patterns';

/** One named mate: its picture with who does what, what it is made of, what goes wrong, and the steps up to it. */
export function PatternPage({
  id,
  puzzles,
}: {
  readonly id: PatternId;
  /** The club's own that end in it. */
  readonly puzzles: readonly PatternPuzzle[];
}) {
  const { terms } = useHouseVoice();
  const words = PATTERN_WORDS[id](terms);
  const [isSwapped, setIsSwapped] = useState(false);
  const [isMirrored, setIsMirrored] = useState(false);
  const [isShown, setIsShown] = useState(true);
  const twin = useMemo(
    () => twinOf(getPosition(BARE_PICTURES[id]), isSwapped, isMirrored),
    [id, isSwapped, isMirrored],
  );
  const { place } = twin;
  const told = (text: string) => twinText(text, isSwapped, twin.isMirrored);
  const match = namePatterns(getPosition(makeFen(place))).find((one) => one.id === id);
  const bottom = place.turn === 'black' ? 'white' : 'black';
  return (
    <div className={classes.page}>
      <div>
        <DiagramPicture
          diagram={{
            board: place.board,
            turn: undefined,
            bottom,
            ...(isShown && match !== undefined ? drawRoles(match.roles) : {}),
          }}
          title={patternsText.barePicture(PATTERN_NAMES[id])}
        />
        <div className={classes.views}>
          <Button variant="default" mih={44} aria-pressed={isShown} onClick={() => setIsShown(!isShown)}>
            {isShown ? patternsText.hideWhoDoesWhat : patternsText.showWhoDoesWhat}
          </Button>
          <Button variant="default" mih={44} onClick={() => setIsSwapped(!isSwapped)}>
            {patternsText.otherColour}
          </Button>
          <Button variant="default" mih={44} onClick={() => setIsMirrored(!isMirrored)}>
            {patternsText.otherWing}
          </Button>
        </div>
        {match?.reading !== 'strict' && <p>{patternsText.broadOnThisWing(terms)}</p>}
        {match !== undefined && (
          <ul>
            {listRoleSentences(place, match.roles, terms).map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
        )}
      </div>
      <div>
        {words.also.length > 0 && <p>{patternsText.alsoCalled(words.also.join(', '))}</p>}
        {words.origin !== undefined && <p className={classes.soft}>{words.origin}</p>}
        <h2>{patternsText.whatItIsMadeOf}</h2>
        <ul>
          {words.ingredients.map((text) => (
            <li key={text}>{told(text)}</li>
          ))}
        </ul>
        <h2>{patternsText.whatGoesWrong}</h2>
        <ul>
          {words.failures.map((text) => (
            <li key={text}>{told(text)}</li>
          ))}
        </ul>
        <h2>{patternsText.threeStepsUp}</h2>
        <Boards name={PATTERN_NAMES[id]} puzzles={BOOK_STEPS[id]} />
        <h2 className={classes.later}>{patternsText.puzzlesOfClub}</h2>
        {puzzles.length === 0 ? (
          <p className={classes.soft}>{patternsText.noPuzzles}</p>
        ) : (
          <Boards name={PATTERN_NAMES[id]} puzzles={puzzles} />
        )}
      </div>
    </div>
  );
}

/** Small boards that open on the Desk. */
function Boards({ name, puzzles }: { readonly name: string; readonly puzzles: readonly PatternPuzzle[] }) {
  return (
    <ol className={classes.steps}>
      {puzzles.map(({ fen, mateInMoves }) => {
        const { board, turn } = getPosition(fen);
        const label = patternsText.mateIn(mateInMoves);
        return (
          <li key={fen}>
            <Link href={`/desk?fen=${encodeURIComponent(fen)}` as Route} className={classes.tile}>
              <DiagramPicture
                diagram={{ board, turn, bottom: turn }}
                title={patternsText.stepOf(name, label)}
              />
              <strong>{label}</strong>
              <span className={classes.soft}>{patternsText.openOnDesk}</span>
            </Link>
          </li>
        );
      })}
    </ol>
  );
}

/** The same picture in the other colour or on the other wing; what is no mate any more is not shown so. */
function twinOf(
  bare: PositionDraft,
  isSwapped: boolean,
  isMirrored: boolean,
): { readonly place: PositionDraft; readonly isMirrored: boolean } {
  const coloured = isSwapped ? swapColours(bare) : bare;
  const mirrored = mirrorFiles(coloured);
  return isMirrored && isCheckmate(mirrored)
    ? { place: mirrored, isMirrored: true }
    : { place: coloured, isMirrored: false };
}

/** Who guards what as arrows, blocked and guarded squares as signs. */
function drawRoles(roles: PatternRoles): {
  readonly marks: readonly { readonly square: number; readonly mark: SquareMark }[];
  readonly arrows: readonly DiagramArrow[];
} {
  const { king, mating, guards, blockers, held } = roles;
  return {
    marks: [
      ...guards.map(({ square }) => ({ square, mark: 'guarded' as const })),
      ...blockers.map((square) => ({ square, mark: 'blocked' as const })),
      { square: king, mark: 'hint' },
    ],
    arrows: [
      { from: mating, to: king, kind: 'attack' },
      ...held.flatMap(({ square, by }) => by.map((from) => ({ from, to: square, kind: 'idea' as const }))),
    ],
  };
}
