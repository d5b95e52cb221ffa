import type { ReactNode } from 'react';
import { listClubWords } from '@/server/services/houseWords';
import { HouseWordsProvider } from '@/ui/words';
import { getPageCoach } from '../(coach)/_parts/coachPage';

/** The classroom's screen and the coach's window beside it: nothing of the workbench stands around them. */
export default async function BoardLayout({ children }: { children: ReactNode }) {
  const words = await listClubWords(await getPageCoach());
  return <HouseWordsProvider spoken={{ words, readingLevel: 'full' }}>{children}</HouseWordsProvider>;
}
