/** What a class finds hard: for each family how many children were right at once, and which mistakes most of them make. */
import type { FamilyId } from '../exercises';
import type { ProgressAnswer } from './answers';

export interface TroubleSpot {
  readonly family: FamilyId;
  /** Children who answered a task of the family, and those whose first try at any of them was wrong. */
  readonly children: number;
  readonly stumbled: number;
  /** Mistakes with the number of children who made them, the commonest first. */
  readonly mistakes: readonly { readonly code: string; readonly children: number }[];
}

/** The hardest first: by the share of children who stumbled. Families nobody stumbled over are left out. */
export function listTroubleSpots(answers: readonly ProgressAnswer[]): TroubleSpot[] {
  const families = [...new Set(answers.map(({ family }) => family))];
  return families
    .map((family) =>
      troubleSpotOf(
        family,
        answers.filter((answer) => answer.family === family),
      ),
    )
    .filter(({ stumbled }) => stumbled > 0)
    .sort((one, other) => other.stumbled / other.children - one.stumbled / one.children);
}

function troubleSpotOf(family: FamilyId, answers: readonly ProgressAnswer[]): TroubleSpot {
  const countChildren = (some: readonly ProgressAnswer[]) => new Set(some.map(({ student }) => student)).size;
  const wrong = answers.filter(({ isRight }) => !isRight);
  const codes = [...new Set(wrong.flatMap(({ diagnoses }) => diagnoses))];
  return {
    family,
    children: countChildren(answers),
    stumbled: countChildren(wrong.filter(({ tryNumber }) => tryNumber === 1)),
    mistakes: codes
      .map((code) => ({
        code,
        children: countChildren(wrong.filter(({ diagnoses }) => diagnoses.includes(code))),
      }))
      .sort((one, other) => other.children - one.children),
  };
}
