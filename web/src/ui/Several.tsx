import { Chip } from '@mantine/core';
import type { ReactNode } from 'react';
import { ChipRow } from './ChipRow';

/** Some of a few, each large enough for a wet finger. */
export function Several(props: {
  legend: string;
  chosen: string[];
  options: { value: string; label: ReactNode }[];
  onChange: (chosen: string[]) => void;
  /** Whether the legend is only for who cannot see the rest. */
  quiet?: boolean;
}) {
  const { chosen } = props;
  return (
    <ChipRow role="group" legend={props.legend} quiet={props.quiet} inline>
      {props.options.map((option) => (
        <Chip
          key={option.value}
          checked={chosen.includes(option.value)}
          onChange={(on) =>
            props.onChange(on ? [...chosen, option.value] : chosen.filter((value) => value !== option.value))
          }
        >
          {option.label}
        </Chip>
      ))}
    </ChipRow>
  );
}
