import type { Metadata } from 'next';
import { Stationery } from '@/ui/panels/paper/Stationery';
import { LinkButton } from '../../../_parts/LinkButton';
import styles from '../../../_parts/pages.module.css';
import { getPageCoach } from '../../_parts/coachPage';

export const metadata: Metadata = { title: 'Boards and cards' };

export default async function StationeryPage() {
  await getPageCoach();
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>Boards and cards</h1>
          <span className={styles.soft}>
            For the table and the wall. The tasks of a set are printed from its page.
          </span>
        </div>
        <LinkButton href="/sets" variant="default">
          All sets
        </LinkButton>
      </div>
      <Stationery />
    </>
  );
}
