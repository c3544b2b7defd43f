import cx from 'clsx';
import { Link } from 'react-router';
import { api, asProblem, type SupplierYear } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { LogRooms } from './LogRooms';
import { points } from './points';
import css from './SuppliersScreen.module.css';
import { ZeroStroke } from './ZeroStroke';

/** Suppliers over a year by what an edible kilo really costs, each with its spread, and what was wrong. */
export function SuppliersScreen() {
  const { data, error } = api.useQuery('get', '/log/suppliers', {}, { retry: false, staleTime: 0 });
  const most = Math.max(
    2,
    ...(data?.suppliers ?? []).flatMap((one) => (one.cost ? [Math.abs(one.cost.low), Math.abs(one.cost.high)] : [])),
  );
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div>
        <h1>{t('suppliers.suppliers')}</h1>
        <p className={look.soft}>{data ? t('suppliers.intro', { since: data.since }) : t('log.calculating')}</p>
      </div>
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {data?.suppliers.length === 0 && (
        <div className={look.empty}>
          <h2>{t('suppliers.none')}</h2>
          <p>{t('suppliers.none-why')}</p>
        </div>
      )}
      <ul>
        {data?.suppliers.map((one) => (
          <li key={one.supplier}>
            <Link className={css.supplierRow} to={`/log/suppliers/${one.supplier}`}>
              <span>
                <b className={look.block}>{one.name}</b>
                <span className={look.soft}>{t('suppliers.fish-lots', { count: one.fish, lots: one.lots })}</span>
              </span>
              <span>
                {one.cost ? (
                  <ZeroStroke low={one.cost.low} mean={one.cost.pct} high={one.cost.high} most={most} />
                ) : (
                  <span className={look.soft}>{t('suppliers.alone')}</span>
                )}
              </span>
              <span className={css.supplierFigure}>
                {one.cost && <b className={look.block}>{t('suppliers.percent', { pct: points(one.cost.pct) })}</b>}
                {one.edible && t('suppliers.per-edible', { amount: one.edible.amount, per: one.edible.per })}
              </span>
              <span>{wrongOf(one)}</span>
            </Link>
          </li>
        ))}
      </ul>
      {data && data.suppliers.length > 0 && <p className={look.soft}>{t('suppliers.how-read')}</p>}
    </section>
  );
}

/** What was wrong with the deliveries, shortest first. */
export function wrongOf(one: SupplierYear): string {
  return [
    one.short && one.short.many > 0
      ? t('suppliers.short', { many: one.short.many, lines: one.short.lines, mass: one.short.mass })
      : '',
    one.grades && one.grades.missed > 0
      ? t('suppliers.grades', { missed: one.grades.missed, fish: one.grades.fish })
      : '',
    one.rejected > 0 ? t('suppliers.rejected', { count: one.rejected }) : '',
    one.defects > 0 ? t('suppliers.defects', { count: one.defects }) : '',
    one.life === null ? '' : t('suppliers.life', { days: one.life }),
    one.claims.sent > 0 ? t('suppliers.claims', { count: one.claims.sent, credited: one.claims.credited }) : '',
  ]
    .filter((said) => said !== '')
    .join(' ');
}
