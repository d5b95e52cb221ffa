'use client';
import { NumberInput, type NumberInputProps } from '@mantine/core';
import { useState } from 'react';

/**
 * A whole number between two bounds. While one types anything may stand there, also nothing; only a number within the bounds is told. What
 * is out of them is put to the nearest one when the field is left or Enter pressed, and nothing becomes again what was there before.
 */
export function CountField(
  props: Pick<NumberInputProps, 'label' | 'description' | 'w' | 'readOnly' | 'disabled'> & {
    readonly value: number;
    readonly min: number;
    readonly max: number;
    readonly onCount: (value: number) => void;
  },
) {
  const { value, min, max, onCount, ...looks } = props;
  const [typed, setTyped] = useState<number | string>();
  const clamp = (number: number) => Math.min(max, Math.max(min, number));
  function settle() {
    if (typeof typed === 'number' && typed !== clamp(typed)) onCount(clamp(typed));
    setTyped(undefined);
  }
  return (
    <NumberInput
      {...looks}
      size="md"
      min={min}
      max={max}
      allowDecimal={false}
      allowNegative={false}
      clampBehavior="none"
      value={typed ?? value}
      onChange={(next) => {
        setTyped(next);
        if (typeof next === 'number' && next === clamp(next)) onCount(next);
      }}
      onBlur={settle}
      onKeyDown={({ key }) => {
        // A form is sent by this key without leaving the field: what is sent has to be what stands there.
        if (key === 'Enter') settle();
      }}
    />
  );
}
