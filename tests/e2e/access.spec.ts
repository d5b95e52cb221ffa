/** Every route of the app, found on disk, asked for by everybody: who is not meant to see it sees nothing of it. */
import { readdirSync } from 'node:fs';
import { expect, test, type APIRequestContext, type Page } from '@playwright/test';
import { SEAT_ROUTES } from '../../src/contracts/seatRoutes';
import { openOwnClub, type OwnClub } from '../support/club/ownClub';
import { signInCoach, takeSeat, waitUntilAwake } from '../support/visitors';

const SET = 'Lights on the quay';
const club = openOwnClub({ given: [{ set: SET, to: 'lantern' }], answered: [SET], isFurnished: true });

const ROLES = ['nobody', 'child', 'strange child', 'coach', 'lead'] as const;
type Role = (typeof ROLES)[number];
const EVERYBODY: readonly Role[] = ROLES;
const COACHES: readonly Role[] = ['coach', 'lead'];

/** The routes as addresses with their places still in brackets. */
const ROUTES = [
  ...readdirSync('src/app', { recursive: true, encoding: 'utf8' })
    .filter((file) => /(^|\/)(page\.tsx|route\.ts)$/.test(file))
    .map((file) => `/${file}`.replace(/\/(page\.tsx|route\.ts)$/, '').replace(/\/\([a-z]+\)/g, '')),
  ...Object.values(SEAT_ROUTES).map(({ path }) => path),
].sort();

/** What is only ever sent to. */
const SENT_TO: readonly string[] = [
  ...Object.values(SEAT_ROUTES).flatMap(({ method, path }) => (method === 'POST' ? [path] : [])),
  '/api/seat/sign-in',
];

/** Who may see what. The class, its answers and its game are the lead's; the coach teaches another class of the club. */
function whoMay(route: string): readonly Role[] {
  if (/^\/(print\/(plans|reports)|files\/(lessons|emails|records)|club\/(audit-log|outbox\/))/.test(route))
    return ['lead'];
  if (/^\/(print|files)(\/|$)/.test(route)) return COACHES;
  if (/^\/(answers|classes\/\[classId\]|classes\/terms|games\/\[gameId\])/.test(route)) return ['lead'];
  if (/^\/(classes|club|desk|exercises|games|patterns|sets|staircase)(\/|$)/.test(route)) return COACHES;
  if (/^\/(board|api\/(live|news))/.test(route)) return ['lead'];
  if (/^\/api\/seat\/(news|place)$/.test(route)) return ['child', 'strange child'];
  if (/^\/seat\/(\[assignmentId\]|practice)/.test(route)) return ['child'];
  if (/^\/seat(\/|$)/.test(route)) return ['child', 'strange child'];
  // Whoever is signed in as a coach is sent on.
  if (route === '/sign-in') return ['nobody', 'child', 'strange child'];
  return EVERYBODY;
}

/** Places filled with what is the lead's and the child's own. */
async function listAddresses(
  { pathOf, classes }: OwnClub,
  child: Page,
): Promise<ReadonlyMap<string, string>> {
  await child.goto('/seat/path');
  await waitUntilAwake(child);
  await child
    .getByRole('button', { name: /Practise|Go on|Repeat/ })
    .first()
    .click();
  await child.waitForURL('**/seat/practice/*');
  const practice = new URL(child.url()).pathname;
  const classPath = pathOf('lantern');
  const classId = classPath.replace('/classes/', '');
  const pip = pathOf('Pip');
  const studentId = pip.replace(/^.*\//, '');
  const answers = pathOf(`answers of ${SET} in lantern`);
  const email = pathOf('email');
  const set = pathOf(SET);
  const plan = pathOf('plan of lantern');
  return new Map([
    ['/classes/[classId]', classPath],
    ['/classes/[classId]/path', `${classPath}/path`],
    ['/classes/[classId]/progress', `${classPath}/progress`],
    ['/classes/[classId]/reports', `${classPath}/reports`],
    ['/print/reports', `/print/reports?what=class&classId=${classId}`],
    ['/club/outbox/[emailId]', email],
    ['/files/emails', `/files/emails?emailId=${email.replace(/^.*\//, '')}`],
    ['/board/[classId]', `/board/${classId}`],
    ['/board/[classId]/coach', `/board/${classId}/coach`],
    ['/api/live/[classId]', `/api/live/${classId}`],
    ['/api/news/classes/[classId]', `/api/news/classes/${classId}`],
    ['/api/news/answers/[assignmentId]', `/api/news${answers}`],
    ['/classes/[classId]/import', `${classPath}/import`],
    ['/classes/[classId]/children/[studentId]', pip],
    ['/classes/[classId]/children/[studentId]/topics/[topic]', `${pip}/topics/mate%3A1`],
    ['/classes/[classId]/children/[studentId]/answers', `${pip}/answers?of=week&value=2026-09-07`],
    ['/files/records', `/files/records?classId=${classId}&studentId=${studentId}`],
    ['/classes/[classId]/lessons', `${classPath}/lessons`],
    ['/classes/[classId]/lessons/[lessonId]', pathOf('lesson of lantern')],
    ['/classes/[classId]/plans/[planId]', plan],
    ['/print/plans/[planId]', plan.replace(/^.*\/plans/, '/print/plans')],
    ['/files/lessons', `/files/lessons?classId=${classId}`],
    ['/classes/terms/[termId]', pathOf('this term')],
    ['/answers/[assignmentId]', answers],
    ['/games/[gameId]', pathOf('game of Pip')],
    ['/patterns/[patternId]', '/patterns/smothered'],
    ['/sets/[setId]', set],
    ['/sets/[setId]/paper', `${set}/paper`],
    ['/print/sets/[setId]', `/print${set}`],
    ['/files/sets/[setId]', `/files${set}?as=epd`],
    ['/seat/[assignmentId]', answers.replace('/answers/', '/seat/')],
    ['/seat/practice/[roundId]', practice],
    ['/join/[code]', `/join/${classes.lantern.code}`],
    ['/join/[code]/[studentId]', `/join/${classes.lantern.code}/${studentId}`],
  ]);
}

/** A page that was begun before it found nothing says so in its text, with the status of one that is there. */
async function isShown(request: APIRequestContext, address: string): Promise<boolean> {
  const response = await request.get(address, { maxRedirects: 0 });
  if (response.status() >= 300) return false;
  const type = response.headers()['content-type'] ?? '';
  return !type.includes('html') || !/NEXT_HTTP_ERROR_FALLBACK;404|NEXT_REDIRECT/.test(await response.text());
}

test('every route shows itself to those who may see it and to nobody else', async ({ browser }) => {
  test.setTimeout(180_000);
  const open = async () => (await browser.newContext()).newPage();
  const pages: Record<Role, Page> = {
    nobody: await open(),
    child: await open(),
    'strange child': await open(),
    coach: await open(),
    lead: await open(),
  };
  await signInCoach(pages.lead, club().lead);
  await signInCoach(pages.coach, club().coach);
  await takeSeat(pages.child, club().classes.lantern.code, 'Saffron');
  await takeSeat(pages['strange child'], club().classes.harbour.code, 'Quill');
  const filled = await listAddresses(club(), pages.child);

  expect(ROUTES.length).toBeGreaterThan(40);
  const found: Record<string, readonly Role[]> = {};
  const meant: Record<string, readonly Role[]> = {};
  for (const route of ROUTES) {
    // What is only ever sent to, and the first set-up, which sends everybody home once it is done.
    if (SENT_TO.includes(route) || route === '/set-up') continue;
    const address = filled.get(route) ?? (route === '' ? '/' : route);
    expect(address).not.toContain('[');
    const shown: Role[] = [];
    for (const role of ROLES) {
      if (await isShown(pages[role].context().request, address)) shown.push(role);
    }
    found[route] = shown;
    meant[route] = whoMay(route);
  }
  expect(found).toEqual(meant);
});

test('an answer is taken from a child that is signed in, and from nobody else', async ({ browser, page }) => {
  const body = { data: {}, maxRedirects: 0 };
  const ways = ['/api/attempts', '/api/shown', '/api/suggestions', '/api/seat/rounds'];
  for (const way of ways) expect((await page.request.post(way, body)).status()).toBe(401);
  // A card that is none opens no seat.
  const card = {
    data: { joinCode: club().classes.lantern.code, studentId: 4, key: ['moon', 'moon', 'moon'] },
  };
  expect((await page.request.post('/api/seat/sign-in', card)).status()).toBe(400);
  expect((await page.request.get('/api/seat/news')).status()).toBe(401);
  const coach = await (await browser.newContext()).newPage();
  await signInCoach(coach, club().lead);
  for (const way of ways) expect((await coach.context().request.post(way, body)).status()).toBe(401);
});
