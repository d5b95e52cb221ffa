import { MultiSelect } from '@mantine/core';
import { PATTERN_IDS } from '@/core/patterns';
import { PATTERN_WORDS } from '@/text';

/** The named mates a puzzle is to end in, by their ids; none: any mate. */
export function PatternField(props: {
  readonly value: readonly string[];
  readonly onChange: (chosen: string[]) => void;
}) {
  return (
    <MultiSelect
      label="Ends in"
      size="md"
      miw="14rem"
      maw="26rem"
      searchable
      placeholder={props.value.length === 0 ? 'any mate' : ''}
      nothingFoundMessage="No mate of this name"
      value={[...props.value]}
      data={PATTERN_IDS.map((id) => ({ value: id, label: PATTERN_WORDS[id].name }))}
      onChange={props.onChange}
    />
  );
}
