import type { Metadata } from 'next';
import Link from 'next/link';
import { MOST_LETTERS } from '@/contracts/bounds';
import { parseFen } from '@/core/notation';
import { EMPTY_DRAFT } from '@/core/rules';
import { listOwnSets } from '@/server/services/sets';
import { countText } from '@/text';
import { DiagramPicture } from '@/ui/board';
import { NameForm } from '@/ui/forms/NameForm';
import { LinkButton } from '../../_parts/LinkButton';
import { NewestOnly } from '../../_parts/NewestOnly';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../_parts/coachPage';
import { addSetAction } from './actions';
import * as setsText from '@/text/screens/sets';

export const metadata: Metadata = { title: setsText.sets };

export default async function SetsPage() {
  const sets = await listOwnSets(await getPageCoach());
  return (
    <>
      <div className={pages.head}>
        <h1>{setsText.sets}</h1>
        <div className={pages.row} style={{ alignItems: 'flex-end' }}>
          <LinkButton href="/sets/compose">{setsText.composePuzzles}</LinkButton>
          <LinkButton href="/sets/library" variant="default">
            {setsText.library}
          </LinkButton>
          <LinkButton href="/sets/import" variant="default">
            {setsText.importPositions}
          </LinkButton>
          <LinkButton href="/sets/paper" variant="default">
            {setsText.boardsCards}
          </LinkButton>
          <NameForm
            label={setsText.nameNewSet}
            button={setsText.makeSet}
            maxLength={MOST_LETTERS.title}
            onName={addSetAction}
          />
        </div>
      </div>
      {sets.length === 0 && <p className={pages.card}>{setsText.noSets}</p>}
      <ul className={pages.cards}>
        {sets.map(({ setId, name, puzzleCount, givenCount, firstFen }) => (
          <li key={setId}>
            <Link href={`/sets/${setId}`} className={`${pages.card} ${pages.cardLink}`}>
              <SetPicture fen={firstFen} name={name} />
              <h2 style={{ marginTop: '0.6rem' }}>{name}</h2>
              <span className={pages.soft}>
                {countText(puzzleCount, 'task')}, {givenWords(givenCount)}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      <NewestOnly count={sets.length} />
    </>
  );
}

function SetPicture({ fen, name }: { fen: string | undefined; name: string }) {
  const draft = fen === undefined ? undefined : parseFen(fen);
  const { board, turn } = draft?.ok ? draft.value : EMPTY_DRAFT;
  return (
    <DiagramPicture
      diagram={{ board, turn: fen === undefined ? undefined : turn, bottom: turn }}
      title={fen === undefined ? setsText.beginsWithoutBoard(name) : setsText.firstTask(name)}
    />
  );
}

function givenWords(count: number): string {
  return count === 0 ? setsText.notGivenYet : count === 1 ? setsText.givenOnce : setsText.givenTimes(count);
}
