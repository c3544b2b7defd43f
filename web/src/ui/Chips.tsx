import { Chip, Group } from '@mantine/core';
import { type ReactNode, useId } from 'react';

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
  const legend = useId();
  return (
    <div className={props.inline ? 'chips inline' : 'chips'} role="radiogroup" aria-labelledby={legend}>
      <span id={legend} className={props.quiet ? 'visually-hidden' : 'legend'}>
        {props.legend}
      </span>
      <Group gap={8}>
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
      </Group>
    </div>
  );
}
