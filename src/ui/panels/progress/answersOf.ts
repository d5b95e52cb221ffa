import type { Route } from 'next';
import type { AnswersQuery } from '@/contracts/progress';

/** The page of the answers behind a figure. */
export function answersOf<Kind extends AnswersQuery['of']['kind']>(
  answersAt: string,
  kind: Kind,
  value: Extract<AnswersQuery['of'], { kind: Kind }>['value'],
): Route {
  return `${answersAt}?of=${kind}&value=${value}` as Route;
}
