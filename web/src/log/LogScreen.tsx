import { Button, SegmentedControl, Select, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { keepPreviousData } from '@tanstack/react-query';
import cx from 'clsx';
import { useEffect, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, asProblem, type LogRow } from '../api/client';
import { t } from '../lang';
import { Keel } from '../ui/Keel';
import { look } from '../ui/look';
import { Pages } from '../ui/Pages';
import { LogFilters } from './LogFilters';
import { LogRooms } from './LogRooms';
import css from './LogScreen.module.css';
import { LogViews } from './LogViews';
import { points } from './points';
import { SideBySide } from './SideBySide';
import { asAsked, sought } from './sought';

const SORTS = [
  { value: 'newest', label: t('log.newest') },
  { value: 'above', label: t('log.most-above') },
  { value: 'below', label: t('log.most-below') },
] as const;

type Sort = (typeof SORTS)[number]['value'];

/** The fish that are sought, in words or by choice, one keel a row: which gave and which did not. */
export function LogScreen() {
  const [search, setSearch] = useSearchParams();
  const [typed, setTyped] = useState(search.get('q') ?? '');
  const [q] = useDebouncedValue(typed.trim(), 200);
  const page = Number(search.get('page') ?? '1');
  const sort = (SORTS.find((one) => one.value === search.get('sort'))?.value ?? 'newest') as Sort;
  const by = search.get('by') ?? '';
  const [choosing, setChoosing] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const asked = sought(search, q);
  const { data, error } = api.useQuery(
    'get',
    '/log',
    { params: { query: { ...asked, sort, page } } },
    { placeholderData: keepPreviousData, retry: false },
  );
  const { data: choices } = api.useQuery('get', '/log/choices', {}, { staleTime: 60_000 });
  const seeking = search.has('seek');
  useEffect(() => {
    if (seeking) {
      field.current?.focus();
    }
  }, [seeking]);
  const put = (key: string, value: string) =>
    setSearch((now) => {
      const next = new URLSearchParams(now);
      next.delete('page');
      next.delete('seek');
      value === '' ? next.delete(key) : next.set(key, value);
      return next;
    });
  const nothing = Object.keys(asked).length === 0;

  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div className={look.headline}>
        <h1>{t('log.every-fish')}</h1>
        <TextInput
          ref={field}
          className={css.logAsk}
          type="search"
          aria-label={t('log.search-the-log')}
          placeholder={t('log.as-it-is-said')}
          value={typed}
          onChange={(event) => {
            setTyped(event.target.value);
            put('q', event.target.value.trim());
          }}
        />
      </div>
      <div className={css.logTools}>
        <SegmentedControl
          aria-label={t('log.order-of-rows')}
          data={[...SORTS]}
          value={sort}
          onChange={(value) => put('sort', value === 'newest' ? '' : value)}
        />
        <Button variant="default" aria-expanded={choosing} onClick={() => setChoosing(!choosing)}>
          {t('log.filter')}
        </Button>
        <Select
          className={css.logBeside}
          aria-label={t('log.side-by-side')}
          placeholder={t('log.side-by-side')}
          clearable
          data={[
            { value: 'species', label: t('log.by-species') },
            { value: 'cutter', label: t('log.by-cutter') },
            { value: 'supplier', label: t('log.by-supplier') },
            { value: 'method', label: t('log.by-method') },
            { value: 'size', label: t('log.by-size') },
            { value: 'month', label: t('log.by-month') },
            { value: 'state', label: t('log.by-state') },
            { value: 'fat', label: t('log.by-fat') },
          ]}
          value={by || null}
          onChange={(value) => put('by', value ?? '')}
        />
      </div>
      {choosing && choices && <LogFilters choices={choices} asked={search} onChoose={put} />}
      {choices && <LogViews views={choices.views} asked={{ ...asked, ...(sort === 'newest' ? {} : { sort }) }} />}
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {data && data.asked.length > 0 && (
        <p aria-live="polite">
          {t('log.fish-that-are', { count: data.total, said: data.asked.map((one) => one.name).join(' · ') })}{' '}
          {data.rest && t('log.not-understood', { rest: data.rest })}
        </p>
      )}
      {data && data.skipped.length > 0 && (
        <p className={look.remark} role="status">
          {t('log.skipped', { count: data.skipped.length })}{' '}
          {data.skipped.map((one) => (
            <Link key={one.fish} to={`/log/${one.fish}`}>
              {t('log.skipped-fish', { species: one.species, number: one.number })}
            </Link>
          ))}
        </p>
      )}
      {data?.total === 0 && (
        <div className={look.empty}>
          <h2>{nothing ? t('log.no-fish-yet') : t('log.none-found')}</h2>
          <p>{nothing ? t('log.every-fish-received-is-listed-here') : t('log.ask-for-less')}</p>
          {nothing ? (
            <Link to="/receive">{t('log.receive-a-fish')}</Link>
          ) : (
            <Button
              variant="default"
              onClick={() => {
                setTyped('');
                setSearch({});
              }}
            >
              {t('log.show-every-fish')}
            </Button>
          )}
        </div>
      )}
      {!data && !error && <p className={look.soft}>{t('routes.loading')}</p>}
      {by !== '' && data && data.total > 0 && <SideBySide by={by} asked={asked} />}
      <div className={look.rows}>
        {data?.fish.map((row) => (
          <Row key={row.fish.id} row={row} />
        ))}
      </div>
      {data && (
        <Pages
          of={t('pages.fish')}
          to="/log"
          also={asAsked(search)}
          page={page}
          pages={data.pages}
          total={data.total}
        />
      )}
      {data && data.total > 0 && (
        <p className={look.lineActions}>
          {(['csv', 'json'] as const).map((format) => (
            <Button
              key={format}
              component="a"
              variant="default"
              href={`/api/log/table.${format}?${new URLSearchParams(asked)}`}
              download
            >
              {t('log.these-as', { count: data.total, format: format.toUpperCase() })}
            </Button>
          ))}
        </p>
      )}
    </section>
  );
}

function Row({ row: { fish, keel, edible_yield: edible, portions, off, suspect } }: { row: LogRow }) {
  return (
    <Link className={cx(look.listRow, look.fishRow)} to={`/log/${fish.id}`}>
      <span>
        <span className={look.name}>{t('log.no', { title: fish.title, number: fish.number })}</span>
        <span className={look.soft}>{fish.received.slice(0, -7)}</span>
      </span>
      <Keel keel={keel} small />
      <span className={css.logGave}>
        <b>{edible ?? '–'}</b>
        <br />
        <span className={look.soft}>
          {suspect
            ? t('log.suspect')
            : off !== null
              ? t('log.against-expected', { off: points(off) })
              : portions > 0
                ? t('log.portions', { portions })
                : fish.stage === 'log'
                  ? ''
                  : t('log.in-progress')}
        </span>
      </span>
    </Link>
  );
}
