/** Longer than this, somebody was called away and the figure says nothing, seconds. */
const CALLED_AWAY = 5_400;

/** "2:05": minutes and seconds. */
export function minutes(seconds: number): string {
  return `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;
}

/** What a running clock shows; nothing once it has run for longer than anybody cuts. */
export function running(since: number, now: number): string | null {
  const seconds = (now - since) / 1000;
  return seconds < CALLED_AWAY ? minutes(Math.max(0, seconds)) : null;
}
