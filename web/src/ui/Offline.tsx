import { useReach } from '../api/reach';
import { useEverythingWaiting } from './outbox';

/** While the kitchen computer is away: that it is, how old what is shown is, and what waits here. */
export function Offline() {
  const { away, shownFrom } = useReach();
  const waiting = useEverythingWaiting().filter((entry) => entry.text !== '').length;
  if (!away) {
    return null;
  }
  const from = shownFrom ? new Date(shownFrom) : null;
  const shown = from && !Number.isNaN(from.getTime()) ? ` This shows the kitchen as it was at ${clock(from)}.` : '';
  const kept =
    waiting > 0
      ? ` ${waiting} ${waiting === 1 ? 'weight waits' : 'weights wait'} on this tablet and will be sent when it answers.`
      : ' What you record waits on this tablet until it answers.';
  return (
    <p className="offline" role="status">
      <b>Offline.</b> The kitchen computer does not answer.{shown}
      {kept}
    </p>
  );
}

function clock(at: Date): string {
  return at.toTimeString().slice(0, 5);
}
