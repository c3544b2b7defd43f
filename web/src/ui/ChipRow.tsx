import { Group } from '@mantine/core';
import cx from 'clsx';
import { type ReactNode, useId } from 'react';
import css from './ChipRow.module.css';
import { look } from './look';

type Props = {
  role: 'radiogroup' | 'group';
  legend: string;
  /** Whether the legend is only for who cannot see the rest. */
  quiet?: boolean | undefined;
  inline?: boolean | undefined;
  children: ReactNode;
};

/** Chips that belong together, under what is asked. */
export function ChipRow({ role, legend, quiet, inline, children }: Props) {
  const id = useId();
  return (
    // biome-ignore lint/a11y/useAriaPropsSupportedByRole: both roles take a label; which one it is, is not read here
    <div className={cx(css.chips, inline && css.inline)} role={role} aria-labelledby={id}>
      <span id={id} className={quiet ? look.visuallyHidden : css.legend}>
        {legend}
      </span>
      <Group gap={8}>{children}</Group>
    </div>
  );
}
