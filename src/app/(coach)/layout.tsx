import { Button } from '@mantine/core';
import type { ReactNode } from 'react';
import { listClubWords } from '@/server/services/houseWords';
import { Providers } from '@/ui/theme/Providers';
import { SchemeButton } from '@/ui/theme/SchemeButton';
import { HouseWordsProvider } from '@/ui/words';
import { signOut } from '../(public)/sign-in/actions';
import { Brand } from '../_parts/Brand';
import pages from '@/ui/theme/page.module.css';
import styles from './layout.module.css';
import { NavLinks } from './_parts/NavLinks';
import { getPageCoach } from './_parts/coachPage';
import * as shellText from '@/text/screens/shell';

export default async function CoachLayout({ children }: { children: ReactNode }) {
  const actor = await getPageCoach();
  return (
    <Providers>
      <header className={styles.bar}>
        <div className={styles.barInner}>
          <Brand size={30} />
          <NavLinks />
          <span className={pages.soft}>{actor.name}</span>
          <SchemeButton />
          <form action={signOut}>
            <Button type="submit" variant="subtle" color="gray" c="var(--ink)" px="xs">
              {shellText.signOut}
            </Button>
          </form>
        </div>
      </header>
      <HouseWordsProvider spoken={{ words: await listClubWords(actor), readingLevel: 'full' }}>
        <main className={pages.page}>{children}</main>
      </HouseWordsProvider>
    </Providers>
  );
}
