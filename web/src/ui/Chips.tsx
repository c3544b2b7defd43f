import { Chip } from '@mantine/core';
import type { KeyboardEvent, ReactNode } from 'react';
import { ChipRow } from './ChipRow';

type Option<T extends string> = { value: T; label: ReactNode };

const STEPS: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** Arrow keys only walk along the choice: what is passed over is not stored. Space makes it, and so does Enter. */
function walk(event: KeyboardEvent<HTMLInputElement>) {
  const here = event.currentTarget;
  const step = STEPS[event.key];
  if (event.key === 'Enter' && !here.checked) {
    event.preventDefault();
    event.stopPropagation();
    here.click();
  } else if (step !== undefined) {
    event.preventDefault();
    const all = [...(here.closest('[role=radiogroup]')?.querySelectorAll('input') ?? [])];
    all.at((all.indexOf(here) + step) % all.length)?.focus();
  }
}

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
          onKeyDown={walk}
        >
          {option.label}
        </Chip>
      ))}
    </ChipRow>
  );
}
