import cx from 'clsx';
import { Link } from 'react-router';
import { api, type TrimAhead } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { PlanRooms } from './PlanRooms';
import css from './TrimScreen.module.css';

type OneBin = TrimAhead['bins'][number];

/** The trim of the days to come: what will lie in every bin, when there is a batch, and what the rest could carry. */
export function TrimScreen() {
  const { data, error } = api.useQuery('get', '/plan/trim', {}, { staleTime: 0 });
  if (error) {
    return <Missing stage="plan" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('trim.loading')}</p>;
  }
  return (
    <section className={cx(look.sheet, look.wide)}>
      <PlanRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('trim.trim')}</h1>
          <p className={look.soft}>{t('trim.intro', { from: data.from, until: data.until })}</p>
        </div>
      </div>
      {data.bins.length === 0 && (
        <div className={look.empty}>
          <h2>{t('trim.nothing')}</h2>
          <p>
            {t('trim.nothing-why')} <Link to="/plan/services">{t('trim.plan-services')}</Link>
          </p>
        </div>
      )}
      <ul className={css.trimBins}>
        {data.bins.map((one) => (
          <Bin key={one.bin} one={one} most={mostOf(data.bins)} />
        ))}
      </ul>
    </section>
  );
}

/** One ruler for all bins, as long as the fullest or the largest batch. */
const mostOf = (bins: OneBin[]) => Math.max(1, ...bins.flatMap((one) => [one.ahead_g + one.sd_g, one.batch_g ?? 0]));

function Bin({ one, most }: { one: OneBin; most: number }) {
  const x = (grams: number) => `${Math.min(100, (100 * grams) / most)}%`;
  const coming = one.ahead_g - one.in_bin_g;
  const batch = one.batch_g;
  const marks = batch ? Array.from({ length: Math.min(12, Math.floor(most / batch)) }, (_, i) => (i + 1) * batch) : [];
  return (
    <li className={css.trimBin}>
      <h2>{one.name}</h2>
      <div
        role="img"
        className={css.trimBar}
        aria-label={t('trim.picture', { name: one.name, there: one.in_bin, ahead: one.ahead })}
      >
        <i className={`fam-${one.family}`} style={{ width: x(one.in_bin_g) }} />
        <i className={css.trimComing} style={{ left: x(one.in_bin_g), width: x(coming) }} />
        <i className={css.trimSoft} style={{ left: x(Math.max(0, one.ahead_g - one.sd_g)), width: x(2 * one.sd_g) }} />
        {marks.map((grams) => (
          <i key={grams} className={css.trimMark} style={{ left: x(grams) }} />
        ))}
      </div>
      <p>
        <b>{batchSays(one)}</b> {one.in_bin_g > 0 && t('trim.there', { mass: one.in_bin })}{' '}
        {one.days.length > 0 &&
          t('trim.comes', { days: one.days.map((day) => `${day.date} ${day.mass}`).join(', '), ahead: one.ahead })}
      </p>
      {one.good_for.length > 0 && one.ahead_g > 0 && (
        <p className={look.soft}>
          {t('trim.good-for')}{' '}
          {one.good_for
            .map((of) =>
              of.plates === null
                ? t('trim.makes', { name: of.name, makes: of.makes })
                : t('trim.plates', { name: of.name, makes: of.makes, count: of.plates }),
            )
            .join('; ')}
        </p>
      )}
    </li>
  );
}

function batchSays(one: OneBin): string {
  if (one.batch === null) {
    return t('trim.no-batch', { ahead: one.ahead });
  }
  if (one.ready === null) {
    return t('trim.too-little', { batch: one.batch });
  }
  if (one.ready.now) {
    return t('trim.ready-now', { batch: one.batch, count: one.batches });
  }
  return t('trim.ready', { date: one.ready.date, batch: one.batch, count: one.batches });
}
