import type { Line } from '../api/client';
import type { Entry } from '../ui/outbox';
import { wanting } from './atTheDoor';

/** The one chosen while it wants more; then the next that does, going round; else the one chosen. */
export function nextLine(lines: Line[], chosen: string | null, waiting: Entry[]): Line | undefined {
  const at = lines.findIndex((line) => line.id === chosen);
  const wants = (line: Line) => wanting(line, waitingFor(line, waiting));
  const round = at < 0 ? lines : [...lines.slice(at), ...lines.slice(0, at)];
  return round.find(wants) ?? lines[at] ?? lines.at(-1);
}

/** Fish of a line that are on their way to the kitchen computer. */
export function waitingFor(line: Line, waiting: Entry[]): number {
  return waiting.filter((entry) => entry.params.line === line.id).length;
}
