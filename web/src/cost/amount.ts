/** An amount as it stands in a field, without the sign that stands beside it. */
export function amount(printed: string | null, sign: string): string {
  return printed === null ? '' : printed.replace(sign, '').trim();
}
