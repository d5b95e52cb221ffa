import { redirect } from 'next/navigation';
import { connection } from 'next/server';
import { INITIAL_POSITION } from '@/core/rules';
import { isSetUp } from '@/server/services/setUpClub';
import { DiagramPicture } from '@/ui/board';
import { SchemeButton } from '@/ui/theme/SchemeButton';
import { Brand } from '../_parts/Brand';
import { LinkButton } from '../_parts/LinkButton';
import styles from '../_parts/pages.module.css';

export default async function FrontPage() {
  await connection();
  if (!(await isSetUp())) redirect('/set-up');
  return (
    <main className={styles.front}>
      <div className={styles.head}>
        <Brand />
        <SchemeButton />
      </div>
      <div className={styles.frontTop}>
        <div>
          <h1>Set up a position, have its mate proved, give it to your class.</h1>
          <p>A workbench for chess coaches. It says only what it has computed.</p>
          <div className={styles.doors}>
            <LinkButton href="/join" size="xl" mih={72}>
              I have a class code
            </LinkButton>
            <LinkButton href="/sign-in" size="xl" mih={72} variant="default">
              I am a coach
            </LinkButton>
          </div>
        </div>
        <DiagramPicture
          diagram={{ board: INITIAL_POSITION.board, turn: 'white', bottom: 'white' }}
          title="A chess board with all pieces on their first squares"
        />
      </div>
    </main>
  );
}
