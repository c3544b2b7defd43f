import cx from 'clsx';
import { Link, useNavigate } from 'react-router';
import { api, type FreezingRuns } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { FreezingForm } from './FreezingForm';
import css from './FreezingScreen.module.css';
import { HoldRooms } from './HoldRooms';

/** What freezes now and what was frozen; beside it, what could go in. */
export function FreezingScreen() {
  const navigate = useNavigate();
  const { data, error } = api.useQuery('get', '/hold/freezing', {}, { refetchInterval: 30_000, staleTime: 0 });
  if (error) {
    return <Missing stage="hold" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('freezing.loading')}</p>;
  }
  const going = data.runs.filter((run) => run.ended === null);
  const ended = data.runs.filter((run) => run.ended !== null);
  return (
    <section className={cx(look.sheet, look.wide)}>
      <HoldRooms />
      <div>
        <h1>{t('freezing.freezing')}</h1>
        <p className={look.soft}>{t('freezing.intro')}</p>
      </div>
      <div className={css.freezingColumns}>
        <div>
          <h2>{t('freezing.in-progress')}</h2>
          {going.length === 0 ? <p className={look.soft}>{t('freezing.none-now')}</p> : <Runs runs={going} />}
          {ended.length > 0 && (
            <>
              <h2>{t('freezing.records')}</h2>
              <Runs runs={ended} />
            </>
          )}
        </div>
        <FreezingForm runs={data} onBegun={(id) => navigate(`/hold/freezing/${id}`)} />
      </div>
    </section>
  );
}

function Runs({ runs }: { runs: FreezingRuns['runs'] }) {
  return (
    <ul className={css.freezingRuns}>
      {runs.map((run) => (
        <li key={run.id}>
          <Link to={`/hold/freezing/${run.id}`}>
            <b className={css.freezingNumber}>{run.number}</b>
            <span>
              <b>{run.place}</b>
              <span className={cx(look.soft, look.block)}>
                {t('freezing.since-by', { since: run.since, by: run.by })}
              </span>
            </span>
            <span className={css.freezingVerdict}>
              <b>{t('freezing.things', { count: run.things })}</b>
              <span className={cx(look.soft, look.block)}>
                {run.purpose === 'keep'
                  ? t('freezing.to-keep')
                  : run.open === 0
                    ? t('freezing.no-rule-met')
                    : t('freezing.meet-a-rule', { open: run.open, things: run.things })}
              </span>
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
