import cx from 'clsx';
import { useState } from 'react';
import { api, asProblem, type SeasonOf } from '../api/client';
import { LOCALE, t } from '../lang';
import { look } from '../ui/look';
import { LogRooms } from './LogRooms';
import { points } from './points';
import css from './SeasonScreen.module.css';

type Month = SeasonOf['months'][number];

const REASONS: Record<SeasonOf['reasons'][number], string> = {
  plenty: t('season.plenty'),
  short: t('season.short'),
  suits: t('season.suits'),
  unsuited: t('season.unsuited'),
  roe: t('season.roe'),
  cheaper: t('season.cheaper'),
  dearer: t('season.dearer'),
  'yields-more': t('season.yields-more'),
  'yields-less': t('season.yields-less'),
};

const FAT: Record<string, string> = { lean: t('season.lean'), good: t('season.good'), fat: t('season.fat') };

const LETTERS = 'JFMAMJJASOND';

/** Each kind of fish through the year: the starting calendar under the house's own months; next month's menu first. */
export function SeasonScreen() {
  const { data, error } = api.useQuery('get', '/log/season', {}, { retry: false, staleTime: 0 });
  const [at, setAt] = useState<{ species: string; month: number } | null>(null);
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div>
        <h1>{t('season.season')}</h1>
        <p className={look.soft}>{data ? t('season.intro', { next: data.next }) : t('log.calculating')}</p>
      </div>
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {data?.species.length === 0 && (
        <div className={look.empty}>
          <h2>{t('season.none')}</h2>
          <p>{t('season.none-why')}</p>
        </div>
      )}
      <ul>
        {data?.species.map((one) => (
          <li key={one.species} className={css.seasonRow}>
            <div>
              <h2>{one.name}</h2>
              <p>{nextOf(one, data.next)}</p>
            </div>
            <div>
              <ol className={css.seasonYear}>
                {one.months.map((month) => (
                  <li key={month.month}>
                    <button
                      type="button"
                      className={cx(css.seasonMonth, month.month === data.month && css.seasonNext)}
                      data-supply={month.supply ?? 'unknown'}
                      aria-label={monthOf(month)}
                      aria-pressed={at?.species === one.species && at.month === month.month}
                      onClick={() => setAt({ species: one.species, month: month.month })}
                    >
                      <Fat grade={month.fat} />
                      {LETTERS[month.month - 1]}
                      <span>{month.own === null ? '' : points(month.own)}</span>
                    </button>
                  </li>
                ))}
              </ol>
              {at?.species === one.species && <MonthSays month={one.months[at.month - 1]} one={one} />}
            </div>
          </li>
        ))}
      </ul>
      {data && data.species.length > 0 && <p className={look.soft}>{t('season.how-read')}</p>}
    </section>
  );
}

function nextOf(one: SeasonOf, next: string): string {
  if (one.reasons.length === 0) {
    return t('season.nothing-to-say', { next });
  }
  const said = one.reasons.map((reason) => REASONS[reason]).join(', ');
  if (one.weight > 0) {
    return t('season.put-on', { said });
  }
  return one.weight < 0 ? t('season.leave-off', { said }) : t('season.either', { said });
}

/** Lean to fat as a drop filling. */
function Fat({ grade }: { grade: string | null }) {
  const full = { lean: 0.2, good: 0.6, fat: 1 }[grade ?? ''] ?? 0;
  return (
    <svg viewBox="0 0 12 16" className={css.seasonDrop} aria-hidden="true">
      <clipPath id={`fat-${full}`}>
        <path d={`M0 ${16 - 16 * full}h12v16H0z`} />
      </clipPath>
      <path d="M6 1c3 4 5 6.500 5 9.500a5 5 0 0 1-10 0C1 7.500 3 5 6 1z" fill="none" stroke="currentColor" />
      <path
        d="M6 1c3 4 5 6.500 5 9.500a5 5 0 0 1-10 0C1 7.500 3 5 6 1z"
        fill="currentColor"
        clipPath={`url(#fat-${full})`}
      />
    </svg>
  );
}

const nameOf = (month: number) =>
  new Date(Date.UTC(2026, month - 1, 1)).toLocaleString(LOCALE, { month: 'long', timeZone: 'UTC' });

const SUPPLY: Record<string, string> = {
  plenty: t('season.is-plenty'),
  usual: t('season.is-usual'),
  short: t('season.is-short'),
};

const monthOf = (month: Month) =>
  [nameOf(month.month), SUPPLY[month.supply ?? ''] ?? '', FAT[month.fat ?? ''] ?? '']
    .filter((said) => said !== '')
    .join(', ');

function MonthSays({ month, one }: { month: Month | undefined; one: SeasonOf }) {
  if (!month) {
    return null;
  }
  return (
    <p className={look.soft}>
      <b>{nameOf(month.month)}</b>:{' '}
      {month.supply
        ? t('season.calendar', {
            supply: SUPPLY[month.supply] ?? '',
            fat: FAT[month.fat ?? ''] ?? '',
            points: points(month.points ?? 0),
          })
        : t('season.no-calendar')}{' '}
      {month.fish > 0
        ? t('season.own', {
            count: month.fish,
            mass: month.bought?.text,
            points: month.own === null ? '–' : points(month.own),
          })
        : t('season.not-bought')}{' '}
      {month.price && t('season.price', { price: month.price, dearer: points(month.dearer ?? 0) })}{' '}
      {one.source && t('season.source', { source: one.source })}
    </p>
  );
}
