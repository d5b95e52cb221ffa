import type { Metadata } from 'next';
import { getClubPage } from '@/server/services/clubs';
import { listOwnCoaches } from '@/server/services/coaches';
import { getHouseWordsPage } from '@/server/services/houseWords';
import { CoachList } from '@/ui/panels/roster/CoachList';
import { OwnPassword } from '@/ui/panels/roster/OwnPassword';
import { LinkButton } from '../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../_parts/coachPage';
import { ClubForm } from '@/ui/panels/club/ClubForm';
import { HouseWordsForm } from '@/ui/panels/club/HouseWordsForm';
import {
  addCoachAction,
  changeClubSettingsAction,
  changePasswordAction,
  endOtherSessionsAction,
  removeCoachAction,
  resetPasswordAction,
  saveHouseWordsAction,
} from './actions';
import * as clubText from '@/text/screens/club';

export const metadata: Metadata = { title: clubText.club };

export default async function ClubPage() {
  const actor = await getPageCoach();
  const [{ name, settings, mayChange }, coaches, words] = await Promise.all([
    getClubPage(actor),
    listOwnCoaches(actor),
    getHouseWordsPage(actor),
  ]);
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{name}</h1>
          <span className={pages.soft}>{clubText.settingsEveryClassClub}</span>
        </div>
        <div className={pages.row}>
          <LinkButton href="/club/outbox" variant="default">
            {clubText.outbox}
          </LinkButton>
          {mayChange && (
            <LinkButton href="/club/audit-log" variant="default">
              {clubText.whoDidWhat}
            </LinkButton>
          )}
        </div>
      </div>
      <ClubForm settings={settings} mayChange={mayChange} onChange={changeClubSettingsAction} />
      <CoachList
        coaches={coaches}
        lead={
          mayChange
            ? { onAdd: addCoachAction, onReset: resetPasswordAction, onRemove: removeCoachAction }
            : undefined
        }
      />
      <OwnPassword onChange={changePasswordAction} onEndOthers={endOtherSessionsAction} />
      <HouseWordsForm page={words} isLead={mayChange} onSave={saveHouseWordsAction} />
    </>
  );
}
