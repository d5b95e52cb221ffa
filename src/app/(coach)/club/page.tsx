import type { Metadata } from 'next';
import { getClubPage } from '@/server/services/clubs';
import { getHouseWordsPage } from '@/server/services/houseWords';
import { LinkButton } from '../../_parts/LinkButton';
import styles from '../../_parts/pages.module.css';
import { getPageCoach } from '../_parts/coachPage';
import { ClubForm } from './_parts/ClubForm';
import { HouseWordsForm } from './_parts/HouseWordsForm';
import { changeClubSettingsAction, saveHouseWordsAction } from './actions';

export const metadata: Metadata = { title: 'Club' };

export default async function ClubPage() {
  const actor = await getPageCoach();
  const [{ name, settings, mayChange }, words] = await Promise.all([
    getClubPage(actor),
    getHouseWordsPage(actor),
  ]);
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>{name}</h1>
          <span className={styles.soft}>What holds for every class of the club.</span>
        </div>
        {mayChange && (
          <LinkButton href="/club/trail" variant="default">
            Who did what
          </LinkButton>
        )}
      </div>
      <ClubForm settings={settings} mayChange={mayChange} onChange={changeClubSettingsAction} />
      <HouseWordsForm page={words} isLead={mayChange} onSave={saveHouseWordsAction} />
    </>
  );
}
