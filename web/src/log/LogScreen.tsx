import { TextInput } from '@mantine/core';
import { keepPreviousData } from '@tanstack/react-query';
import cx from 'clsx';
import { useEffect, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api } from '../api/client';
import { t } from '../lang';
import { Keel } from '../ui/Keel';
import { look } from '../ui/look';
import { Pages } from '../ui/Pages';
import { LogRooms } from './LogRooms';
import css from './LogScreen.module.css';

/** Every fish, newest first, one keel a row: at a glance which gave and which did not. */
export function LogScreen() {
  const [search, setSearch] = useSearchParams();
  const [q, setQ] = useState('');
  const page = Number(search.get('page') ?? '1');
  const field = useRef<HTMLInputElement>(null);
  const { data } = api.useQuery(
    'get',
    '/log',
    { params: { query: { q, page } } },
    { placeholderData: keepPreviousData },
  );
  const seeking = search.has('seek');
  useEffect(() => {
    if (seeking) {
      field.current?.focus();
    }
  }, [seeking]);

  return (
    <section className={cx(look.sheet, css.log)}>
      <LogRooms />
      <div className={look.headline}>
        <h1>{t('log.every-fish')}</h1>
        <TextInput
          ref={field}
          className={css.seek}
          type="search"
          aria-label={t('log.search-the-log')}
          placeholder={t('log.species-supplier-or-number')}
          value={q}
          onChange={(event) => {
            setQ(event.target.value);
            setSearch({});
          }}
        />
      </div>
      {data?.total === 0 && (
        <div className={look.empty}>
          <h2>{q ? t('log.no-fish-is-called', { q }) : t('log.no-fish-yet')}</h2>
          <p>{q ? t('log.try-part-of-a-name-a') : t('log.every-fish-received-is-listed-here')}</p>
          {!q && <Link to="/receive">{t('log.receive-a-fish')}</Link>}
        </div>
      )}
      <div className={look.rows}>
        {data?.fish.map(({ fish, keel, edible_yield: edible, portions }) => (
          <Link className={cx(look.listRow, look.fishRow)} key={fish.id} to={`/log/${fish.id}`}>
            <span>
              <span className={look.name}>{t('log.no', { title: fish.title, number: fish.number })}</span>
              <span className={look.soft}>{fish.received.slice(0, -7)}</span>
            </span>
            <Keel keel={keel} small />
            <span style={{ textAlign: 'right' }}>
              <b>{edible ?? '–'}</b>
              <br />
              <span className={look.soft}>
                {portions > 0 ? t('log.portions', { portions }) : fish.stage === 'log' ? '' : t('log.in-progress')}
              </span>
            </span>
          </Link>
        ))}
      </div>
      {data && <Pages of="fish" to="/log" page={page} pages={data.pages} total={data.total} />}
    </section>
  );
}
