import type { ReactNode } from 'react';

type Option<T extends string> = { value: T; label: ReactNode };

/** One of a few, each large enough for a wet finger; plain radio buttons underneath. */
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
    <fieldset className={props.inline ? 'chips inline' : 'chips'}>
      <legend className={props.quiet ? 'visually-hidden' : undefined}>{props.legend}</legend>
      {props.options.map((option) => (
        <label className="chip" key={option.value}>
          <input
            type="radio"
            name={props.name}
            checked={option.value === props.value}
            onChange={() => props.onChange(option.value)}
          />
          {option.label}
        </label>
      ))}
    </fieldset>
  );
}
