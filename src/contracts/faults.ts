import type { EpdFault } from '@/core/notation';
import type { PositionFault } from '@/core/rules';

/** What a service refuses, as codes; the sentences live in text/errors. */
export type ServiceFault =
  | EpdFault
  | PositionFault
  | { readonly code: 'input/not-valid'; readonly fields: readonly string[] }
  | { readonly code: 'access/not-signed-in' }
  | { readonly code: 'access/not-allowed' }
  | { readonly code: 'sign-in/wrong' }
  | { readonly code: 'sign-in/too-many-tries'; readonly waitSeconds: number }
  | { readonly code: 'join/no-such-code' }
  | { readonly code: 'join/not-in-class' }
  | { readonly code: 'set-up/wrong-code' }
  | { readonly code: 'set-up/done-already' }
  | { readonly code: 'puzzle/no-mate'; readonly within: number }
  | { readonly code: 'puzzle/undecided'; readonly noMateWithin: number }
  | { readonly code: 'set/empty' }
  | { readonly code: 'set/not-found' }
  | { readonly code: 'class/not-found' }
  | { readonly code: 'round/not-found' }
  | { readonly code: 'term/none' }
  | { readonly code: 'workers/busy' };
