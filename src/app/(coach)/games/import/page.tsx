import type { Metadata } from 'next';
import { listStudentChoices } from '@/server/services/games';
import { GamesImport } from '@/ui/panels/games/GamesImport';
import { LinkButton } from '../../../_parts/LinkButton';
import styles from '../../../_parts/pages.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import { addGameAction } from '../actions';

export const metadata: Metadata = { title: 'Import games' };

export default async function GamesImportPage() {
  const students = await listStudentChoices(await getPageCoach());
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>Import games</h1>
          <span className={styles.soft}>
            Score sheets as text or PGN; faulty ones are read as far as they go.
          </span>
        </div>
        <LinkButton href="/games" variant="default">
          All games
        </LinkButton>
      </div>
      <GamesImport students={students} onStore={addGameAction} />
    </>
  );
}
