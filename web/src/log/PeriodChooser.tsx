import { Button, TextInput } from '@mantine/core';
import { useSearchParams } from 'react-router';
import { t } from '../lang';
import css from './PeriodChooser.module.css';

const DAY = 86_400_000;

const iso = (time: number) => new Date(time).toISOString().slice(0, 10);

/** Days from one to another: typed, or a week back and forth. */
export function PeriodChooser({ from, until }: { from: string; until: string }) {
  const [search, setSearch] = useSearchParams();
  const put = (next: { from: string; until: string }) =>
    setSearch({ ...Object.fromEntries(search), ...next }, { replace: true });
  const [start, end] = [Date.parse(from), Date.parse(until)];
  const days = Math.round((end - start) / DAY) + 1;
  const move = (by: number) => put({ from: iso(start + by * days * DAY), until: iso(end + by * days * DAY) });
  const back = (count: number) => put({ from: iso(end - (count - 1) * DAY), until });
  return (
    <div className={css.period}>
      <Button variant="default" aria-label={t('period.before')} onClick={() => move(-1)}>
        ←
      </Button>
      <TextInput
        type="date"
        aria-label={t('period.from')}
        value={from}
        onChange={(event) =>
          event.target.value &&
          put({ from: event.target.value, until: event.target.value > until ? event.target.value : until })
        }
      />
      <TextInput
        type="date"
        aria-label={t('period.until')}
        value={until}
        onChange={(event) =>
          event.target.value &&
          put({ from: event.target.value < from ? event.target.value : from, until: event.target.value })
        }
      />
      <Button variant="default" aria-label={t('period.after')} onClick={() => move(1)}>
        →
      </Button>
      {[
        { count: 7, name: t('period.week') },
        { count: 28, name: t('period.four-weeks') },
        { count: 91, name: t('period.quarter') },
        { count: 365, name: t('period.year') },
      ].map((one) => (
        <Button
          key={one.count}
          variant={days === one.count ? 'filled' : 'default'}
          color={days === one.count ? 'dark' : undefined}
          onClick={() => back(one.count)}
        >
          {one.name}
        </Button>
      ))}
    </div>
  );
}
