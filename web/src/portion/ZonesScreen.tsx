import { Table } from '@mantine/core';
import cx from 'clsx';
import { Link, useParams } from 'react-router';
import { api, type Zones } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { ZoneDrawing } from './ZoneDrawing';
import css from './ZonesScreen.module.css';

type TakenOff = Zones['ways'][number]['belly'];

const WHEN: Record<TakenOff, string> = {
  before: t('zones.off-first'),
  after: t('zones.off-each-portion'),
  on: t('zones.left-on'),
};

const BELLY = Object.keys(WHEN) as TakenOff[];

/** Off the last portion is off all the same: two columns say it. */
const TAIL: TakenOff[] = ['before', 'on'];

/** A side by its zones: what each is worth, and what belly, tail and a squared end cost in portions and evenness. */
export function ZonesScreen() {
  const { fish = '', piece = '' } = useParams();
  const { data, error } = api.useQuery('get', '/portion/fish/{fish}/fillets/{piece}/zones', {
    params: { path: { fish, piece } },
  });
  if (error) {
    return <Missing stage="portion" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('zones.loading')}</p>;
  }
  return (
    <section className={cx(look.sheet, look.wide)}>
      <header className={look.headline}>
        <div>
          <h1>{t('zones.title', { name: data.name })}</h1>
          <p className={look.soft}>
            <Link to={`/portion/${fish}/plan/${piece}`}>{t('zones.back')}</Link>
          </p>
        </div>
      </header>
      <ZoneDrawing zones={data} />
      <div className={css.zonesColumns}>
        <Table className={look.tight}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">{t('zones.zone')}</Table.Th>
              <Table.Th scope="col">{t('zones.weighs')}</Table.Th>
              {data.zones[0]?.worth && <Table.Th scope="col">{t('zones.a-kilo-is-worth')}</Table.Th>}
              <Table.Th scope="col">{t('zones.dishes')}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {data.zones.map((zone) => (
              <Table.Tr key={zone.zone}>
                <Table.Th scope="row" className={css.zonesName}>
                  {zone.name}
                </Table.Th>
                <Table.Td>{zone.mass.text}</Table.Td>
                {zone.worth && <Table.Td>{zone.worth}</Table.Td>}
                <Table.Td>{zone.dishes.join('; ') || t('zones.no-dish')}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
        {data.ways.length > 0 && <WaysTable zones={data} plan={`/portion/${fish}/plan/${piece}`} />}
      </div>
      {data.squared && (
        <p>
          {t('zones.squared-gives', {
            squared: data.squared.portions,
            worth: data.squared.worth ? `, ${data.squared.worth}` : '',
            following: data.squared.following,
            following_worth: data.squared.following_worth ? `, ${data.squared.following_worth}` : '',
          })}
        </p>
      )}
    </section>
  );
}

/** Belly down, tail across: portions, how uneven the worst is, money; a tap plans the cuts so. */
function WaysTable({ zones, plan }: { zones: Zones; plan: string }) {
  return (
    <div>
      <h2>{t('zones.belly-and-tail')}</h2>
      <Table className={cx(look.tight, css.waysTable)}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{t('zones.belly')}</Table.Th>
            <Table.Th scope="col">{t('zones.tail-off')}</Table.Th>
            <Table.Th scope="col">{t('zones.tail-left-on')}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {BELLY.map((belly) => (
            <Table.Tr key={belly}>
              <Table.Th scope="row">{WHEN[belly]}</Table.Th>
              {TAIL.map((tail) => {
                const way = zones.ways.find((one) => one.belly === belly && one.tail === tail);
                return (
                  <Table.Td key={tail} className={cx(way?.best && css.waysBest)}>
                    {way && (
                      <Link to={`${plan}?belly=${belly}&tail=${tail}`}>
                        {t('zones.so-many', { count: way.portions })}
                        {way.worth ? `, ${way.worth}` : ''}
                        <br />
                        <span className={look.soft}>
                          {way.unevenness === null ? '' : t('zones.uneven', { times: way.unevenness })}
                        </span>
                      </Link>
                    )}
                  </Table.Td>
                );
              })}
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <p className={look.soft}>{t('zones.what-uneven-means')}</p>
    </div>
  );
}
