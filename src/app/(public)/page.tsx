import { redirect } from 'next/navigation';
import { connection } from 'next/server';
import { INITIAL_POSITION } from '@/core/rules';
import { isSetUp } from '@/server/services/setUpClub';
import { DiagramPicture } from '@/ui/board';
import { SchemeButton } from '@/ui/theme/SchemeButton';
import { Brand } from '../_parts/Brand';
import { LinkButton } from '../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import styles from './front.module.css';
import * as doorText from '@/text/screens/door';

export default async function FrontPage() {
  await connection();
  if (!(await isSetUp())) redirect('/set-up');
  return (
    <main className={styles.front}>
      <div className={pages.head}>
        <Brand />
        <SchemeButton />
      </div>
      <div className={styles.frontTop}>
        <div>
          <h1>{doorText.whatItDoes}</h1>
          <p>{doorText.whatItIs}</p>
          <div className={styles.doors}>
            <LinkButton href="/join" size="xl" mih={72}>
              {doorText.iHaveClassCode}
            </LinkButton>
            <LinkButton href="/sign-in" size="xl" mih={72} variant="default">
              {doorText.iAmCoach}
            </LinkButton>
          </div>
        </div>
        <DiagramPicture
          diagram={{ board: INITIAL_POSITION.board, turn: 'white', bottom: 'white' }}
          title={doorText.boardPicture}
        />
      </div>
    </main>
  );
}
