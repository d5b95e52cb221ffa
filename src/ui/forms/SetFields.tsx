import { NativeSelect, TextInput } from '@mantine/core';
import { MOST_LETTERS } from '@/contracts/bounds';
import type { useChosenSet } from './chosenSet';
import * as formsText from '@/text/screens/forms';

/** The set something is put into, and the name of a new one. */
export function SetFields({
  set,
  label,
}: {
  readonly set: ReturnType<typeof useChosenSet>;
  readonly label: string;
}) {
  return (
    <>
      <NativeSelect
        label={label}
        size="md"
        value={set.chosen}
        data={set.options}
        onChange={({ currentTarget }) => set.setChosen(currentTarget.value)}
      />
      {set.isNew && (
        <TextInput
          label={formsText.nameNewSet}
          size="md"
          maxLength={MOST_LETTERS.title}
          value={set.name}
          onChange={({ currentTarget }) => set.setName(currentTarget.value)}
        />
      )}
    </>
  );
}
