import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { Link, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, type Batch, type Label } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { usePut } from '../ui/usePut';
import css from './BatchScreen.module.css';

/** One tray of portions: what lies on it, how it cooks, and its labels. */
export function BatchScreen() {
  const { batch = '' } = useParams();
  const { data, error } = api.useQuery('get', '/portion/batches/{batch}', { params: { path: { batch } } });
  if (error) {
    return <Missing stage="portion" error={error} />;
  }
  return data ? <Tray batch={data} /> : <p className={cx(look.sheet, look.soft)}>{t('batch.loading')}</p>;
}

function Tray({ batch }: { batch: Batch }) {
  const queries = useQueryClient();
  const key = api.queryOptions('get', '/portion/batches/{batch}', { params: { path: { batch: batch.id } } }).queryKey;
  const print = usePut(`trays/${batch.id}`, '/portion/batches/{batch}/labels/{job}', {
    onSuccess: (data) => queries.setQueryData(key, data),
  });
  const send = (what: 'tray' | 'each') =>
    print.mutate({ params: { path: { batch: batch.id, job: ulid() } }, body: { for: what } });

  return (
    <section className={cx(look.sheet, look.wide, 'tray-page')}>
      <header className={look.headline}>
        <div>
          <h1>
            {t('batch.tray', { number: batch.number })} <span style={{ fontWeight: 450 }}>{batch.dish}</span>
          </h1>
          <p className={look.soft}>
            {t('batch.made-by-lot', { made: batch.made, by: batch.by, join: batch.lots.join(', ') })}{' '}
            <Link to="/portion/trays">{t('batch.all-trays')}</Link>
          </p>
        </div>
        <p className={look.yield}>
          <b>{batch.use_by}</b>
          <span className={look.soft}>{t('batch.use-by')}</span>
        </p>
      </header>
      <div className={look.figures}>
        <div>
          <b>{batch.count}</b>
          {t('batch.portions')}
        </div>
        <div>
          <b>{batch.net}</b>
          {t('batch.in-all')}
        </div>
        <div>
          <b>{batch.mean}</b>
          {t('batch.mean')}
        </div>
        <div>
          <b>{batch.range}</b>
          {t('batch.lightest-to-heaviest')}
        </div>
        <div>
          <b>{batch.cooking?.index ?? '–'}</b>
          {t('batch.evenness')}
        </div>
      </div>
      <p className={look.soft}>{batch.why_then}</p>
      <div className={css.trayColumns}>
        <div>
          <h2>{t('batch.what-goes-into-the-pan-together')}</h2>
          {batch.cooking ? (
            <ul className={css.together}>
              {batch.cooking.groups.map((group) => (
                <li key={group.pieces.join()}>
                  <i style={{ width: `${group.time}%` }} aria-hidden="true" />
                  <b>{group.thickness}</b>
                  <span>
                    {group.pieces.join(', ')}
                    <br />
                    <span className={look.soft}>
                      {group.time === 100
                        ? t('batch.the-longest')
                        : t('batch.of-the-time-of-the-thickest', { time: group.time })}
                    </span>
                  </span>
                </li>
              ))}
            </ul>
          ) : (
            <p className={look.soft}>{t('batch.pieces-cut-by-a-plan-are')}</p>
          )}
          {batch.cooking?.warned.map((one) => (
            <p className={look.caution} key={one.name}>
              <b>{one.name}.</b> {one.advice}
            </p>
          ))}
          {batch.cooking && batch.cooking.known < batch.count && (
            <p className={look.soft}>
              {t('batch.of-more-nobody-knows-how-thick', { n: batch.count - batch.cooking.known })}
            </p>
          )}
          <h2>{t('batch.bones')}</h2>
          {batch.bones.map((said) => (
            <p className={look.soft} key={said}>
              {said}
            </p>
          ))}
        </div>
        <div>
          <h2>{t('batch.labels')}</h2>
          <LabelCard label={batch.tray_label} />
          <div className={look.lineActions}>
            <Button onClick={() => send('tray')} disabled={print.isPending}>
              {print.isPending ? t('batch.printing') : t('batch.print-the-tray-label')}
            </Button>
            <Button variant="default" onClick={() => send('each')} disabled={print.isPending}>
              {t('batch.one-for-each-of', { n: batch.count })}
            </Button>
          </div>
          <p className={look.fault} role="alert">
            {print.error ? asProblem(print.error).detail : ''}
          </p>
          <ul className={css.printed} aria-label={t('batch.printed')}>
            {batch.printed.map((job) => (
              <li key={job.id}>
                <a href={`/api/printer/${job.id}`} target="_blank" rel="noreferrer">
                  {t('batch.labels-2', { count: job.labels, labels: job.labels })}
                </a>{' '}
                <span className={look.soft}>
                  {job.at}, {job.by}
                </span>
              </li>
            ))}
          </ul>
        </div>
      </div>
    </section>
  );
}

/** The label as it leaves the printer. */
function LabelCard({ label }: { label: Label }) {
  return (
    <figure className={css.labelCard}>
      <div>
        <b className={css.dish}>{label.dish}</b>
        <span>{label.what}</span>
        <b>
          {label.net}
          {label.count === null ? '' : t('batch.portions-2', { n: label.count })}
        </b>
        <b>
          {label.frozen
            ? t('batch.best-before', { use_by: label.use_by })
            : t('batch.use-by-2', { use_by: label.use_by })}
        </b>
        <span>{t('batch.lot', { lots: label.lots })}</span>
        <span>
          {label.made}, {label.kitchen}
        </span>
        <b className={css.small}>{label.contains}</b>
      </div>
      <img className={css.square} src={label.square} alt={t('batch.square-code', { link: label.link })} />
      <p>{label.bones}</p>
      <img className={css.bars} src={label.bars} alt={t('batch.bar-code', { read: label.read })} />
      <figcaption>{label.read}</figcaption>
    </figure>
  );
}
