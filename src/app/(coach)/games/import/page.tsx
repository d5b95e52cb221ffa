import type { Metadata } from 'next';
import { listStudentChoices } from '@/server/services/games';
import { GamesImport } from '@/ui/panels/games/GamesImport';
import { LinkButton } from '../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import { addGameAction } from '../actions';
import * as gamesText from '@/text/screens/games';

export const metadata: Metadata = { title: gamesText.importGames };

export default async function GamesImportPage() {
  const students = await listStudentChoices(await getPageCoach());
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{gamesText.importGames}</h1>
          <span className={pages.soft}>{gamesText.importHelp}</span>
        </div>
        <LinkButton href="/games" variant="default">
          {gamesText.allGames}
        </LinkButton>
      </div>
      <GamesImport students={students} onStore={addGameAction} />
    </>
  );
}
