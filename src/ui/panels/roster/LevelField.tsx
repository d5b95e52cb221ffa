import { NativeSelect } from '@mantine/core';
import { LEVELS, type Level } from '@/core/exercises';
import * as rosterText from '@/text/screens/roster';

/** The level of a class; empty: all levels. */
export function LevelField(props: {
  readonly label: string;
  readonly value: Level | undefined;
  readonly onChange: (level: Level | undefined) => void;
}) {
  return (
    <NativeSelect
      label={props.label}
      size="md"
      value={String(props.value ?? '')}
      data={[
        { value: '', label: rosterText.allLevels },
        ...LEVELS.map((level) => ({ value: String(level), label: rosterText.levelOption(level) })),
      ]}
      onChange={({ currentTarget }) =>
        props.onChange(LEVELS.find((level) => String(level) === currentTarget.value))
      }
    />
  );
}
