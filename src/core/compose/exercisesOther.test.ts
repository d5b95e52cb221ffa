/** The other half of the families; see exercises.test.ts. */
import { EXERCISE_IDS } from '../exercises';
import { describeFamilies } from '../../../tests/support/exerciseChecks';

describeFamilies(EXERCISE_IDS.filter((_, index) => index % 2 === 1));
