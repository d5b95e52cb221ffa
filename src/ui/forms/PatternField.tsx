import { MultiSelect } from '@mantine/core';
import type { ClubPattern } from '@/contracts/clubPatterns';
import { clubPatternFilter } from '@/contracts/library';
import { PATTERN_IDS } from '@/core/patterns';
import { PATTERN_NAMES } from '@/text';
import * as formsText from '@/text/screens/forms';

/** The named mates a puzzle is to end in, by their ids; none: any mate. The club's own stand below those of the book. */
export function PatternField(props: {
  readonly value: readonly string[];
  /** Names of the club's own that may be chosen too. */
  readonly ours?: readonly ClubPattern[];
  readonly onChange: (chosen: string[]) => void;
}) {
  return (
    <MultiSelect
      label={formsText.endsIn}
      size="md"
      miw="14rem"
      maw="26rem"
      searchable
      placeholder={props.value.length === 0 ? formsText.anyMate : ''}
      nothingFoundMessage={formsText.noMateName}
      value={[...props.value]}
      data={[
        ...PATTERN_IDS.map((id) => ({ value: id, label: PATTERN_NAMES[id] })),
        ...(props.ours ?? []).map(({ clubPatternId, name }) => ({
          value: clubPatternFilter(clubPatternId),
          label: formsText.ourOwn(name),
        })),
      ]}
      onChange={props.onChange}
    />
  );
}
