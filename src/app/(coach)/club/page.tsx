import type { Metadata } from 'next';
import { getClubPage } from '@/server/services/clubs';
import styles from '../../_parts/pages.module.css';
import { getPageCoach } from '../_parts/coachPage';
import { ClubForm } from './_parts/ClubForm';
import { changeClubSettingsAction } from './actions';

export const metadata: Metadata = { title: 'Club' };

export default async function ClubPage() {
  const { name, settings, mayChange } = await getClubPage(await getPageCoach());
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>{name}</h1>
          <span className={styles.soft}>What holds for every class of the club.</span>
        </div>
      </div>
      <ClubForm settings={settings} mayChange={mayChange} onChange={changeClubSettingsAction} />
    </>
  );
}
