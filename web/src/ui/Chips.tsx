import { Chip } from '@mantine/core';
import type { ReactNode } from 'react';
import { ChipRow } from './ChipRow';

type Option<T extends string> = { value: T; label: ReactNode };

/** One of a few, each large enough for a wet finger. */
export function Chips<T extends string>(props: {
  legend: string;
  name: string;
  value: T | null;
  options: Option<T>[];
  onChange: (value: T) => void;
  inline?: boolean;
  /** Whether the legend is only for who cannot see the rest. */
  quiet?: boolean;
}) {
  return (
    <ChipRow role="radiogroup" legend={props.legend} quiet={props.quiet} inline={props.inline}>
      {props.options.map((option) => (
        <Chip
          key={option.value}
          type="radio"
          name={props.name}
          checked={option.value === props.value}
          onChange={() => props.onChange(option.value)}
        >
          {option.label}
        </Chip>
      ))}
    </ChipRow>
  );
}
