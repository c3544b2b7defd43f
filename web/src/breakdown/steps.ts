/** Where among a method's steps the first of these kinds stands; −1 when it has none of them. */
export function stepOf(actions: string[], steps: { action: string }[]): number {
  const found = actions.map((action) => steps.findIndex((step) => step.action === action));
  return found.find((place) => place >= 0) ?? -1;
}
