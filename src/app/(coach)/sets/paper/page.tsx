import type { Metadata } from 'next';
import { Stationery } from '@/ui/panels/paper/Stationery';
import { LinkButton } from '../../../_parts/LinkButton';
import styles from '../../../_parts/pages.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import * as setsText from '@/text/screens/sets';

export const metadata: Metadata = { title: setsText.boardsCards };

export default async function StationeryPage() {
  await getPageCoach();
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>{setsText.boardsCards}</h1>
          <span className={styles.soft}>{setsText.paperHelp}</span>
        </div>
        <LinkButton href="/sets" variant="default">
          {setsText.allSets}
        </LinkButton>
      </div>
      <Stationery />
    </>
  );
}
