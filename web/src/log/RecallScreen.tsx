import { Button, Table, TextInput } from '@mantine/core';
import { keepPreviousData } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, asProblem, type Recall } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { useScanner } from '../ui/useScanner';
import { LogRooms } from './LogRooms';
import css from './RecallScreen.module.css';

/** Everything that came of a lot, where it is now; one step back, one step forward. */
export function RecallScreen() {
  const [search, setSearch] = useSearchParams();
  const q = search.get('q') ?? '';
  const [typed, setTyped] = useState(q);
  const { data, error } = api.useQuery(
    'get',
    '/log/recall',
    { params: { query: { q } } },
    { placeholderData: keepPreviousData },
  );
  const seek = (lot: string) => {
    setTyped(lot);
    setSearch(lot.trim() ? { q: lot.trim() } : {});
  };
  useScanner(seek);

  return (
    <section className={cx(look.sheet, look.wide, css.recall)}>
      <LogRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('recall.recall-a-lot')}</h1>
          <p className={look.soft}>{t('recall.type-a-lot-a-deliverys-number')}</p>
        </div>
        <form
          className={look.typed}
          onSubmit={(event) => {
            event.preventDefault();
            seek(typed);
          }}
        >
          <TextInput
            className={css.seek}
            type="search"
            aria-label={t('recall.lot-delivery-or-fish')}
            placeholder="H-2311"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
          <Button type="submit" variant="default">
            {t('recall.find')}
          </Button>
        </form>
      </div>
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {data && data.fish.length + data.back.length === 0 && (
        <div className={look.empty}>
          <h2>{data.sought ? t('recall.nothing-found-for', { sought: data.sought }) : t('recall.which-lot')}</h2>
          <p>
            {data.lately.length > 0
              ? t('recall.the-latest-lots-of-this-kitchen')
              : t('recall.lots-appear-here-once-a-delivery')}
          </p>
          <p className={css.lineActions}>
            {data.lately.map((lot) => (
              <Button variant="default" key={lot.lot} onClick={() => seek(lot.lot)}>
                {lot.lot} <span className={look.soft}>{lot.what}</span>
              </Button>
            ))}
          </p>
        </div>
      )}
      {data && data.fish.length + data.back.length > 0 && <Found recall={data} q={q} />}
    </section>
  );
}

function Found({ recall, q }: { recall: Recall; q: string }) {
  const query = `?q=${encodeURIComponent(q)}`;
  return (
    <>
      <div className={look.columns}>
        <div>
          <h2>{t('recall.came-from')}</h2>
          {recall.back.length === 0 && <p className={look.soft}>{t('recall.these-fish-came-without-a-delivery')}</p>}
          {recall.back.map((line) => (
            <p key={`${line.delivery}${line.lot}${line.species}`}>
              <b>{line.supplier}</b>, <Link to={`/receive/deliveries/${line.delivery}`}>{line.number}</Link>, {line.day}
              <br />
              {line.species} <i>{line.scientific}</i>
              {line.lot ? t('recall.lot', { lot: line.lot }) : ''}
              <br />
              <span className={look.soft}>
                {t('recall.received-by', {
                  from: line.from,
                  stop: line.from ? '. ' : '',
                  received_by: line.received_by,
                })}
              </span>
            </p>
          ))}
        </div>
        {recall.fish.length === 0 ? (
          <p className={look.soft}>{t('recall.nothing-of-it-has-been-weighed')}</p>
        ) : (
          <div>
            <h2>{t('recall.to-hand-over')}</h2>
            <p className={look.soft}>{t('recall.one-step-back-and-one-step')}</p>
            <p className={css.lineActions}>
              {(
                [
                  ['csv', 'Table (CSV)'],
                  ['json', 'JSON'],
                  ['epcis', t('recall.epcis-2-0-events')],
                ] as const
              ).map(([format, name]) => (
                <Button
                  component={'a'}
                  variant="default"
                  key={format}
                  href={`/api/log/trace/${format}${query}`}
                  download
                >
                  {name}
                </Button>
              ))}
            </p>
          </div>
        )}
      </div>
      {recall.fish.length > 0 && <WhereNow recall={recall} />}
    </>
  );
}

function WhereNow({ recall }: { recall: Recall }) {
  return (
    <>
      <div>
        <h2>
          {t('recall.where-it-is-now-of-fish', {
            in: recall.in.text,
            reduce: recall.fish.reduce((sum, one) => sum + one.fish.count, 0),
          })}
        </h2>
        <div className={cx('keel', css.places)}>
          <div
            className={css.bar}
            role="img"
            aria-label={recall.places.map((place) => `${place.name} ${place.mass.text}`).join(', ')}
          >
            {recall.places.map((place) => (
              <span
                key={place.name}
                className={cx('seg', place.family ? `fam-${place.family}` : css.open)}
                style={{ position: 'relative', width: `${(100 * place.mass.mg) / Math.max(1, recall.in.mg)}%` }}
              />
            ))}
          </div>
        </div>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>{t('recall.place')}</Table.Th>
              <Table.Th className={css.n}>{t('recall.pieces')}</Table.Th>
              <Table.Th className={css.n}>{t('recall.weight')}</Table.Th>
              <Table.Th className={css.n}>{t('recall.share')}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {recall.places.map((place) => (
              <Table.Tr key={place.name}>
                <Table.Td>
                  <i className={cx(look.swatch, place.family ? `fam-${place.family}` : css.open)} /> {place.name}
                </Table.Td>
                <Table.Td className={css.n}>{place.pieces}</Table.Td>
                <Table.Td className={css.n}>{place.mass.text}</Table.Td>
                <Table.Td className={css.n}>{place.share}</Table.Td>
              </Table.Tr>
            ))}
            <Table.Tr>
              <Table.Td>{t('recall.water-and-blood-lost-or-not')}</Table.Td>
              <Table.Td />
              <Table.Td className={css.n}>{recall.unaccounted.text}</Table.Td>
              <Table.Td />
            </Table.Tr>
            <Table.Tr className={look.sum}>
              <Table.Td>{t('recall.weighed-in')}</Table.Td>
              <Table.Td />
              <Table.Td className={css.n}>{recall.in.text}</Table.Td>
              <Table.Td />
            </Table.Tr>
          </Table.Tbody>
        </Table>
      </div>
      <div>
        <h2>{t('recall.each-fish')}</h2>
        <ul className={css.recalled}>
          {recall.fish.map(({ fish, where }) => (
            <li key={fish.id}>
              <Link to={`/log/${fish.id}`}>{t('recall.no', { title: fish.title, number: fish.number })}</Link>
              <b className={css.n}>{fish.whole.text}</b>
              <span className={look.soft}>{where.map((place) => `${place.name} ${place.mass}`).join(' · ')}</span>
            </li>
          ))}
        </ul>
      </div>
    </>
  );
}
