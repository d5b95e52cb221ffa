/**
 * How long a child waits on a slow phone: CPU four times slower than this machine, 1.6 Mb/s, 150 ms to the server and back. Beside a demo
 * that runs on this machine. Told are the median times until the question stands there, until the board is drawn, and until it can be
 * played on.
 */
import { chromium, type Browser, type BrowserContext } from '@playwright/test';
import { getRunningDemo } from '@/cli/running';
import { median } from './measure';

/** A child of the demo, and one set of mates and one of exercises that lie on its place. */
const CHILD = { code: 'LANTRN', name: 'Pip', key: ['Boat', 'Sun', 'Leaf'] };
const SETS = { 'a mate': 'Lights on the quay', 'an exercise': 'Ropes and knots' };
const ROUNDS = 5;
const SLOW = { offline: false, latency: 150, downloadThroughput: 200_000, uploadThroughput: 100_000 };

export async function benchSeat(): Promise<void> {
  const { ORIGIN } = getRunningDemo();
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    const seated = await browser.newContext();
    const home = await seated.newPage();
    await home.goto(`${ORIGIN}/join/${CHILD.code}`);
    await home.getByRole('link', { name: CHILD.name, exact: true }).click();
    for (const word of CHILD.key) await home.getByRole('button', { name: word, exact: true }).click();
    await home.waitForURL('**/seat');
    for (const [words, set] of Object.entries(SETS)) {
      const link = home.getByRole('link', { name: new RegExp(`: ${set}`) });
      const address = new URL((await link.getAttribute('href')) ?? '', ORIGIN).href;
      const times: number[][] = [];
      for (let round = 0; round < ROUNDS; round += 1) times.push(await openSlowly(browser, seated, address));
      const tell = (at: number) => `${(median(times.map((time) => time[at] ?? 0)) / 1000).toFixed(1)} s`;
      console.log(
        `seat, ${words}: question after ${tell(0)}, board after ${tell(1)}, played on after ${tell(2)}`,
      );
    }
  } finally {
    await browser.close();
  }
}

/** In milliseconds from asking for the page, by a browser that has nothing of it yet. */
async function openSlowly(browser: Browser, seated: BrowserContext, address: string): Promise<number[]> {
  const context = await browser.newContext({
    storageState: await seated.storageState(),
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.emulateNetworkConditions', SLOW);
  await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  const startedAt = performance.now();
  const since = async (selector: string) => {
    await page.locator(selector).first().waitFor({ state: 'visible', timeout: 60_000 });
    return performance.now() - startedAt;
  };
  const opening = page.goto(address, { waitUntil: 'commit' });
  const times = Promise.all([
    since('h1'),
    since('[class*="boardPlace"] svg'),
    since('[role="grid"] [data-square]'),
  ]);
  await opening;
  const found = await times;
  await context.close();
  return found;
}
