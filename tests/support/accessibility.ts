/** The accessibility rules on the page that is open, in light and dark. */
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { SCHEME_ATTRIBUTE } from '@/ui/theme/scheme';

/** What is found: the rule, and the elements it is about. */
export interface Fault {
  readonly rule: string;
  readonly isSerious: boolean;
  readonly scheme: 'light' | 'dark';
  readonly html: readonly string[];
}

/** Every rule in light; in dark those that look at colours, for nothing else differs there. Takes a second or two. */
export async function listFaults(page: Page): Promise<Fault[]> {
  await showIn(page, 'light');
  const light = toFaults('light', await rulesOf(page).analyze());
  await showIn(page, 'dark');
  const dark = toFaults(
    'dark',
    await rulesOf(page).withRules(['color-contrast', 'link-in-text-block']).analyze(),
  );
  return [...light, ...dark];
}

/** The inside of a drawing is one picture with a name; its hundreds of paths would only slow the rules down. */
const rulesOf = (page: Page) =>
  // What passes needs no selectors.
  new AxeBuilder({ page }).exclude('svg > *').options({ resultTypes: ['violations'] });

type Found = Awaited<ReturnType<AxeBuilder['analyze']>>;

function toFaults(scheme: Fault['scheme'], { violations }: Found): Fault[] {
  return violations.map(({ id, impact, nodes }) => ({
    rule: id,
    isSerious: impact === 'serious' || impact === 'critical',
    scheme,
    html: nodes.map(({ html }) => html),
  }));
}

/** As the button for it does, once colours have stopped changing. */
async function showIn(page: Page, scheme: Fault['scheme']): Promise<void> {
  await page.evaluate(([attribute, value]) => document.documentElement.setAttribute(attribute, value), [
    SCHEME_ATTRIBUTE,
    scheme,
  ] as const);
  await page.waitForFunction(() => document.getAnimations().every((one) => !(one instanceof CSSTransition)));
}
