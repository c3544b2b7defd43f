import cx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, asProblem, type DriftChart } from '../api/client';
import { figure, t } from '../lang';
import { look } from '../ui/look';
import css from './DriftScreen.module.css';
import { LogRooms } from './LogRooms';

const KINDS = {
  cutter: t('drift.cutter'),
  species: t('drift.species'),
  supplier: t('drift.supplier'),
  scale: t('drift.scale'),
};

/** Has something changed? One chart each; those that say so stand first, with since when and what was new then. */
export function DriftScreen() {
  const { data, error } = api.useQuery('get', '/log/drift', {}, { retry: false, staleTime: 0 });
  const [open, setOpen] = useState<string | null>(null);
  const told = data?.charts.filter((one) => one.points.length > 0) ?? [];
  const quiet = data?.charts.filter((one) => one.points.length === 0) ?? [];
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div>
        <h1>{t('drift.drift')}</h1>
        <p className={look.soft}>{data ? t('drift.intro') : t('log.calculating')}</p>
      </div>
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {data && told.length === 0 && (
        <div className={look.empty}>
          <h2>{t('drift.too-few')}</h2>
          <p>{t('drift.too-few-why', { count: data.fewest })}</p>
        </div>
      )}
      <ul className={css.drifts}>
        {told.map((one) => {
          const key = `${one.of} ${one.level}`;
          return (
            <li key={key} className={cx(css.drift, one.signal && css.drifting)}>
              <h2>
                {one.name || KINDS.scale} <span className={look.soft}>{one.name ? KINDS[one.of] : ''}</span>
              </h2>
              <DriftLine chart={one} />
              {one.signal ? (
                <p>
                  <b>{signalOf(one)}</b> {changedOf(one)}
                </p>
              ) : (
                <p className={look.soft}>{t('drift.no-change', { count: one.points.length, before: one.before })}</p>
              )}
              <button type="button" className={css.driftTable} onClick={() => setOpen(open === key ? null : key)}>
                {open === key ? t('drift.hide') : t('drift.each-fish')}
              </button>
              {open === key && <FishTable chart={one} />}
            </li>
          );
        })}
      </ul>
      {quiet.length > 0 && (
        <p className={look.soft}>
          {t('drift.not-yet', { names: quiet.map((one) => one.name || KINDS.scale).join(', ') })}
        </p>
      )}
    </section>
  );
}

function signalOf({ of, signal }: DriftChart): string {
  if (!signal) {
    return '';
  }
  if (of === 'scale') {
    return signal.up
      ? t('drift.scale-up', { since: signal.since, count: signal.fish })
      : t('drift.scale-down', { since: signal.since, count: signal.fish });
  }
  return signal.up
    ? t('drift.up', { since: signal.since, count: signal.fish })
    : t('drift.down', { since: signal.since, count: signal.fish });
}

function changedOf({ signal }: DriftChart): string {
  if (!signal || signal.changed.length === 0) {
    return t('drift.nothing-new');
  }
  return t('drift.about-then', { things: signal.changed.map(thing).join('; ') });
}

function thing({ what, name, day }: NonNullable<DriftChart['signal']>['changed'][number]): string {
  switch (what) {
    case 'supplier':
      return t('drift.new-supplier', { name, day });
    case 'method':
      return t('drift.new-method', { name, day });
    case 'cutter':
      return t('drift.new-cutter', { name, day });
    case 'sharpened':
      return t('drift.sharpened', { name, day });
    case 'knife':
      return t('drift.knife', { name, day });
    case 'scale-checked':
      return t('drift.checked', { day });
  }
}

/** The running mean between its limits, every fish a dot beneath it. */
function DriftLine({ chart }: { chart: DriftChart }) {
  const { points } = chart;
  const most = Math.max(1.3, ...points.map((one) => Math.abs(one.mean)));
  const x = (i: number) => (points.length < 2 ? 50 : (100 * i) / (points.length - 1));
  const y = (value: number) => 20 - (18 * Math.max(-most, Math.min(most, value))) / most;
  const line = (of: (one: (typeof points)[number]) => number) =>
    points.map((one, i) => `${i === 0 ? 'M' : 'L'}${x(i)} ${y(of(one))}`).join('');
  return (
    <svg className={css.driftLine} viewBox="0 0 100 40" preserveAspectRatio="none" aria-hidden="true">
      <path className={css.driftZero} d="M0 20H100" />
      <path className={css.driftLimit} d={line((one) => one.limit)} />
      <path className={css.driftLimit} d={line((one) => -one.limit)} />
      {points.map((one, i) => (
        <path key={one.fish} className={css.driftFish} d={`M${x(i)} ${y(one.z / 2.5)}v.01`} />
      ))}
      <path className={css.driftMean} d={line((one) => one.mean)} />
    </svg>
  );
}

function FishTable({ chart }: { chart: DriftChart }) {
  return (
    <ol className={css.driftFishes}>
      {[...chart.points].reverse().map((one) => (
        <li key={one.fish}>
          <Link to={`/log/${one.fish}`}>{t('drift.fish-no', { number: one.number, day: one.day })}</Link>{' '}
          {t('drift.spreads', { z: figure(one.z, 1).replace('-', '−') })}
        </li>
      ))}
    </ol>
  );
}
