import { Chip, Group } from '@mantine/core';
import { type ReactNode, useId } from 'react';

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
  const legend = useId();
  return (
    // biome-ignore lint/a11y/useSemanticElements: a fieldset cannot be laid out in one line with its legend
    <div className="chips inline" role="group" aria-labelledby={legend}>
      <span id={legend} className={props.quiet ? 'visually-hidden' : 'legend'}>
        {props.legend}
      </span>
      <Group gap={8}>
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
      </Group>
    </div>
  );
}
