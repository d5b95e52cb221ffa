import { Checkbox, NativeSelect } from '@mantine/core';
import { PAPER_SIZES } from '@/contracts/print';
import * as paperText from '@/text/screens/paper';

const PAPER_WORDS: Readonly<Record<(typeof PAPER_SIZES)[number], string>> = {
  a4: paperText.sizeA4,
  letter: paperText.sizeLetter,
};

/** What every sheet with boards is asked. */
export function PaperFields() {
  return (
    <>
      <PaperSelect />
      <Checkbox label={paperText.withCoordinates} name="coordinates" size="md" defaultChecked />
    </>
  );
}

export function PaperSelect() {
  return (
    <NativeSelect
      label={paperText.paper}
      name="paper"
      size="md"
      data={PAPER_SIZES.map((value) => ({ value, label: PAPER_WORDS[value] }))}
    />
  );
}
