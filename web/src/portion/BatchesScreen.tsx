import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { Link, useNavigate } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './BatchesScreen.module.css';
import { PortionRooms } from './PortionRooms';

/** Portions that lie on no tray yet, and the trays of these days. */
export function BatchesScreen() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { data, error } = api.useQuery('get', '/portion/batches', {}, { staleTime: 0 });
  const make = usePut('trays', '/portion/batches/{batch}', {
    onSuccess: (batch) => {
      queries.invalidateQueries();
      navigate(`/portion/trays/${batch.id}`);
    },
  });
  return (
    <section className={cx(look.sheet, look.wide)}>
      <PortionRooms />
      <div>
        <h1>{t('batches.trays-and-labels')}</h1>
        <p className={look.soft}>{t('batches.portions-of-one-dish-go-onto')}</p>
      </div>
      <p className={look.fault} role="alert">
        {(error ?? make.error) ? asProblem(error ?? make.error).detail : ''}
      </p>
      {data && data.ready.length > 0 && <h2>{t('batches.not-on-a-tray-yet')}</h2>}
      <ul className={look.rows}>
        {data?.ready.map((ready) => (
          <li className={cx(look.listRow, css.readyRow)} key={ready.dish}>
            <span>
              <b>{ready.name}</b>
              <br />
              <span className={look.soft}>
                {[...new Set(ready.pieces.map((piece) => piece.fish))].join(', ')}
                {ready.loose > 0 && (
                  <>
                    {t('batches.loose', { count: ready.loose })}{' '}
                    <Link to="/portion/servings">{t('batches.put-together')}</Link>
                  </>
                )}
                {ready.under > 0 ? t('batches.too-light-for-it-left-out', { under: ready.under }) : ''}
              </span>
            </span>
            <span>{t('batches.portions', { pieces: ready.portions })}</span>
            <Button
              disabled={ready.pieces.length === 0 || make.isPending}
              onClick={() =>
                make.mutate({
                  params: { path: { batch: ulid() } },
                  body: { dish: ready.dish, pieces: ready.pieces.map((piece) => piece.piece) },
                })
              }
            >
              {t('batches.put-on-a-tray', { pieces: ready.portions })}
            </Button>
          </li>
        ))}
      </ul>
      {data && data.trays.length > 0 && <h2>{t('batches.portion-trays')}</h2>}
      <div className={look.rows}>
        {data?.trays.map((tray) => (
          <Link className={cx(look.listRow, css.readyRow)} key={tray.id} to={`/portion/trays/${tray.id}`}>
            <span>
              <b>{t('batches.tray', { number: tray.number, dish: tray.dish })}</b>
              <br />
              <span className={look.soft}>
                {tray.made}, {tray.by}
              </span>
            </span>
            <span>{t('batches.portions-2', { n: tray.count, net: tray.net })}</span>
            <b>{t('batches.use-by', { use_by: tray.use_by })}</b>
          </Link>
        ))}
      </div>
      {data && data.ready.length === 0 && data.trays.length === 0 && (
        <div className={look.empty}>
          <h2>{t('batches.no-portions-to-put-on-a')}</h2>
          <p>{t('batches.what-is-cut-and-weighed-for')}</p>
          <Link to="/portion">{t('batches.fish-to-be-portioned')}</Link>
        </div>
      )}
    </section>
  );
}
