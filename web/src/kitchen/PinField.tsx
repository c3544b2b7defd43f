import { PasswordInput } from '@mantine/core';

/** Four to eight digits, hidden as they are typed. */
export function PinField(props: {
  label: string;
  value: string;
  onChange: (pin: string) => void;
  error?: string | undefined;
}) {
  return (
    <PasswordInput
      label={props.label}
      inputMode="numeric"
      autoComplete="off"
      maxLength={8}
      value={props.value}
      error={props.error}
      onChange={(event) => props.onChange(event.currentTarget.value.replace(/\D/g, ''))}
    />
  );
}
