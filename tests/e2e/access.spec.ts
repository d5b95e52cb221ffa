/** Every route of the app, found on disk, asked for by everybody: who is not meant to see it sees nothing of it. */
import { readdirSync } from 'node:fs';
import { expect, test, type APIRequestContext, type Page } from '@playwright/test';
import { DEMO_COACH, DEMO_LEAD } from '@/cli/demo/people';
import { signInCoach, takeSeat } from '../support/visitors';

const ROLES = ['nobody', 'child', 'strange child', 'coach', 'lead'] as const;
type Role = (typeof ROLES)[number];
const EVERYBODY: readonly Role[] = ROLES;
const COACHES: readonly Role[] = ['coach', 'lead'];

/** The routes as addresses with their places still in brackets. */
const ROUTES = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
  .filter((file) => /(^|\/)(page\.tsx|route\.ts)$/.test(file))
  .map((file) => `/${file}`.replace(/\/(page\.tsx|route\.ts)$/, '').replace(/\/\([a-z]+\)/g, ''))
  .sort();

/** What is only ever sent to. */
const SENT_TO: readonly string[] = [
  '/api/attempts',
  '/api/suggestions',
  '/api/seat/rounds',
  '/api/seat/sign-in',
];

/** Who may see what. The class, its answers and its game are the lead's; the coach teaches another class of the club. */
function whoMay(route: string): readonly Role[] {
  if (/^\/(print\/(plans|reports)|files\/(lessons|mails|records)|club\/(trail|outbox\/))/.test(route))
    return ['lead'];
  if (/^\/(print|files)(\/|$)/.test(route)) return COACHES;
  if (/^\/(answers|classes\/\[classId\]|classes\/terms|games\/\[gameId\])/.test(route)) return ['lead'];
  if (/^\/(classes|club|desk|exercises|games|patterns|sets|staircase)(\/|$)/.test(route)) return COACHES;
  if (/^\/(board|api\/live)/.test(route)) return ['lead'];
  if (route === '/api/seat/news') return ['child', 'strange child'];
  if (/^\/seat\/(\[assignmentId\]|practice)/.test(route)) return ['child'];
  if (/^\/seat(\/|$)/.test(route)) return ['child', 'strange child'];
  // Whoever is signed in as a coach is sent on.
  if (route === '/sign-in') return ['nobody', 'child', 'strange child'];
  return EVERYBODY;
}

/** Places filled with what is the lead's and the child's own. */
async function listAddresses(lead: Page, child: Page): Promise<ReadonlyMap<string, string>> {
  await lead.goto('/classes');
  const classPath = await lead
    .getByRole('link', { name: /Lantern class/ })
    .first()
    .getAttribute('href');
  await lead.goto(classPath ?? '');
  const answers = await lead.getByRole('link', { name: 'Answers' }).first().getAttribute('href');
  const pip = await lead.getByRole('link', { name: 'Pip', exact: true }).getAttribute('href');
  await lead.goto(`${classPath}/lessons`);
  const [lesson, plan] = await Promise.all(
    ['lessons', 'plans'].map((kind) => lead.locator(`a[href*="/${kind}/"]`).first().getAttribute('href')),
  );
  // The oldest game is one of the lead's class.
  await lead.goto('/games');
  const game = await lead.locator('a[href^="/games/"]:not([href$="import"])').last().getAttribute('href');
  await lead.goto('/join/LANTRN');
  const card = await lead.getByRole('link', { name: 'Pip', exact: true }).getAttribute('href');
  await child.goto('/seat/path');
  await child
    .getByRole('button', { name: /Practise|Go on|Repeat/ })
    .first()
    .click();
  await child.waitForURL('**/seat/practice/*');
  const practice = new URL(child.url()).pathname;
  const assignment = (answers ?? '').replace('/answers/', '/seat/');
  return new Map([
    ['/classes/[classId]', classPath ?? ''],
    ['/classes/[classId]/path', `${classPath}/path`],
    ['/classes/[classId]/progress', `${classPath}/progress`],
    ['/classes/[classId]/reports', `${classPath}/reports`],
    ['/print/reports', `/print/reports?what=class&classId=${(classPath ?? '').replace('/classes/', '')}`],
    ['/club/outbox/[mailId]', '/club/outbox/1'],
    ['/files/mails', '/files/mails?mailId=1'],
    ['/board/[classId]', (classPath ?? '').replace('/classes', '/board')],
    ['/board/[classId]/coach', `${(classPath ?? '').replace('/classes', '/board')}/coach`],
    ['/api/live/[classId]', (classPath ?? '').replace('/classes', '/api/live')],
    ['/classes/[classId]/import', `${classPath}/import`],
    ['/classes/[classId]/children/[studentId]', pip ?? ''],
    ['/classes/[classId]/children/[studentId]/topics/[topic]', `${pip}/topics/mate%3A1`],
    ['/classes/[classId]/children/[studentId]/answers', `${pip}/answers?of=week&value=2026-09-07`],
    [
      '/files/records',
      `/files/records?${(pip ?? '').replace('/classes/', 'classId=').replace('/children/', '&studentId=')}`,
    ],
    ['/classes/[classId]/lessons', `${classPath}/lessons`],
    ['/classes/[classId]/lessons/[lessonId]', lesson ?? ''],
    ['/classes/[classId]/plans/[planId]', plan ?? ''],
    ['/print/plans/[planId]', (plan ?? '').replace(/^.*\/plans/, '/print/plans')],
    ['/files/lessons', `/files/lessons?classId=${(classPath ?? '').replace('/classes/', '')}`],
    ['/classes/terms/[termId]', '/classes/terms/2'],
    ['/answers/[assignmentId]', answers ?? ''],
    ['/games/[gameId]', game ?? ''],
    ['/patterns/[patternId]', '/patterns/smothered'],
    ['/sets/[setId]', '/sets/1'],
    ['/sets/[setId]/paper', '/sets/1/paper'],
    ['/print/sets/[setId]', '/print/sets/1'],
    ['/files/sets/[setId]', '/files/sets/1?as=epd'],
    ['/seat/[assignmentId]', assignment],
    ['/seat/practice/[roundId]', practice],
    ['/join/[code]', '/join/LANTRN'],
    ['/join/[code]/[studentId]', card ?? ''],
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
  await signInCoach(pages.lead, DEMO_LEAD);
  await signInCoach(pages.coach, DEMO_COACH);
  await takeSeat(pages.child, 'LANTRN', 'Saffron', ['Apple', 'Moon', 'Sun']);
  await takeSeat(pages['strange child'], 'HAFEN7', 'Quill', ['House', 'Bell', 'Leaf']);
  const filled = await listAddresses(pages.lead, pages.child);

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
  const ways = ['/api/attempts', '/api/suggestions', '/api/seat/rounds'];
  for (const way of ways) expect((await page.request.post(way, body)).status()).toBe(401);
  // A card that is none opens no seat.
  const card = { data: { joinCode: 'LANTRN', studentId: 4, key: ['moon', 'moon', 'moon'] } };
  expect((await page.request.post('/api/seat/sign-in', card)).status()).toBe(400);
  expect((await page.request.get('/api/seat/news')).status()).toBe(401);
  const coach = await (await browser.newContext()).newPage();
  await signInCoach(coach);
  for (const way of ways) expect((await coach.context().request.post(way, body)).status()).toBe(401);
});
