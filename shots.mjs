import { chromium } from '@playwright/test';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const origin = 'http://127.0.0.1:3100';
const signIn = async (page) => {
  await page.goto(`${origin}/join/HAFEN7`);
  await page.getByRole('link', { name: 'Bramble' }).or(page.getByRole('button', { name: 'Bramble' })).first().click();
  for (const k of ['Umbrella','Sun','Fish']) await page.getByRole('button', { name: k, exact: true }).click();
  await page.waitForURL('**/seat');
};
for (const [name, viewport] of [['upright', {width:390,height:844}], ['lying', {width:844,height:390}], ['tablet', {width:820,height:1180}]]) {
  const context = await browser.newContext({ viewport, hasTouch: true });
  const page = await context.newPage();
  await signIn(page);
  await page.goto(`${origin}/seat/path`);
  await page.waitForTimeout(1200);
  await page.screenshot({ path: `/tmp/shot-path-${name}.png` });
  await context.close();
}
await browser.close();
