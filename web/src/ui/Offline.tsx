import { useReach } from '../api/reach';
import { t } from '../lang';
import css from './Offline.module.css';
import { useEverythingWaiting } from './usePut';

/** While the kitchen computer is away: that it is, how old what is shown is, and what waits here. */
export function Offline() {
  const { away, shownFrom } = useReach();
  const waiting = useEverythingWaiting().filter((entry) => entry.text !== '').length;
  if (!away) {
    return null;
  }
  const from = shownFrom ? new Date(shownFrom) : null;
  const shown =
    from && !Number.isNaN(from.getTime())
      ? ` ${t('offline.this-shows-the-kitchen-as-it', { clock: clock(from) })}`
      : '';
  const kept =
    waiting > 0
      ? ` ${t('offline.on-this-tablet-and-will-be', { count: waiting, waiting })}`
      : ` ${t('offline.what-you-record-waits-on-this')}`;
  return (
    <p className={css.offline} role="status">
      <b>{t('offline.offline')}</b> {t('offline.the-kitchen-computer-does-not-answer', { shown, kept })}
    </p>
  );
}

function clock(at: Date): string {
  return at.toTimeString().slice(0, 5);
}
