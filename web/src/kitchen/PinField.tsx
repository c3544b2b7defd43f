import { PasswordInput } from '@mantine/core';

/** A PIN of four to twelve digits, or a phrase, hidden as it is typed. */
export function PinField(props: {
  label: string;
  value: string;
  onChange: (pin: string) => void;
  error?: string | undefined;
}) {
  return (
    <PasswordInput
      label={props.label}
      autoComplete="off"
      maxLength={70}
      value={props.value}
      error={props.error}
      onChange={(event) => props.onChange(event.currentTarget.value)}
    />
  );
}
