import type { ReactNode } from 'react';

/** Some of a few, each large enough for a wet finger; plain checkboxes underneath. */
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
    <fieldset className="chips inline">
      <legend className={props.quiet ? 'visually-hidden' : ''}>{props.legend}</legend>
      {props.options.map((option) => (
        <label className="chip" key={option.value}>
          <input
            type="checkbox"
            checked={chosen.includes(option.value)}
            onChange={() =>
              props.onChange(
                chosen.includes(option.value) ? chosen.filter((v) => v !== option.value) : [...chosen, option.value],
              )
            }
          />
          {option.label}
        </label>
      ))}
    </fieldset>
  );
}
