import { Link } from 'react-router';
import { api, asProblem, type Bins } from '../api/client';
import { t } from '../lang';
import { RouteRooms } from './RouteRooms';

type Bin = Bins['bins'][number];

/** Every bin as a trough, filled tub by tub, the one that ends first in front; and what the morning asks for. */
export function BinsScreen() {
  const { data, error } = api.useQuery('get', '/route/bins', {}, { staleTime: 0 });
  const most = Math.max(1, ...(data?.bins ?? []).map((bin) => Math.max(bin.mass.mg, bin.marks?.mg ?? 0)));
  const calm = data && data.morning.length === 0 && data.ended.length === 0;
  return (
    <section className="sheet wide">
      <RouteRooms />
      {error && (
        <p className="fault" role="alert">
          {asProblem(error).detail}
        </p>
      )}
      <header className="headline">
        <div>
          <h1>{t('bins.bins')}</h1>
          <p className="soft">{t('bins.what-was-routed-tub-by-tub')}</p>
        </div>
      </header>
      {calm && <p className="said">{t('bins.nothing-ends-today')}</p>}
      {data && !calm && (
        <ul className="morning" aria-label={t('bins.this-morning')}>
          {data.morning.map((line) => (
            <li key={`${line.bin}${line.past}`} className={line.past ? 'past' : ''}>
              <Link to={`/route/bins/${line.bin}`}>
                <i className={`swatch fam-${line.family}`} />
                <b>
                  {line.name}, {line.mass.text}
                </b>
                <span>{line.past ? t('bins.past-its-date') : t('bins.ends-today')}</span>
                <span className="advice">{line.advice}</span>
              </Link>
            </li>
          ))}
          {data.ended.map((one) => (
            <li key={one.batch} className={one.past ? 'past' : ''}>
              <Link to={`/route/batches/${one.batch}`}>
                <i className="swatch" />
                <b>{t('bins.batch', { number: one.number, one: one.name })}</b>
                <span>{one.past ? t('bins.past-its-date') : t('bins.ends-today')}</span>
                <span className="advice">{one.advice}</span>
              </Link>
            </li>
          ))}
        </ul>
      )}
      <ul className="troughs" aria-label={t('bins.bins')}>
        {data?.bins.map((bin) => (
          <li key={bin.bin}>
            <Link to={`/route/bins/${bin.bin}`} className="trough-row">
              <span>
                <b>{bin.name}</b>
                <span className="soft">
                  {bin.mass.mg === 0
                    ? t('bins.empty')
                    : bin.ends === null
                      ? t('bins.nothing-that-may-be-eaten')
                      : t('bins.first-ends', { ends: bin.ends })}
                </span>
              </span>
              <Trough bin={bin} most={most} />
              <span className="trough-told">
                <b>{bin.mass.mg === 0 ? '–' : bin.mass.text}</b>
                <span className="soft">{bin.worth ?? ''}</span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
      <p className="soft trough-key">
        <i className="tub-key past" /> {t('bins.past-its-date')} <i className="tub-key today" /> {t('bins.ends-today')}{' '}
        <i className="tub-key frozen" /> {t('bins.frozen')} <i className="tub-key enough" />{' '}
        {t('bins.enough-for-a-batch')}
      </p>
    </section>
  );
}

/** A bar as long as the bin is heavy, on one scale for all of them, cut where one tub ends and the next begins. */
function Trough({ bin, most }: { bin: Bin; most: number }) {
  const share = (mg: number) => `${(100 * mg) / most}%`;
  return (
    <span className="trough-space">
      <span className="trough" aria-hidden="true" style={{ width: share(Math.max(bin.mass.mg, 1)) }}>
        {bin.tubs.map((tub) => (
          <i
            key={tub.id}
            style={{ flexGrow: tub.mg }}
            className={`tub fam-${bin.family}${tub.days <= 0 ? ' past' : tub.days === 1 ? ' today' : ''}${tub.frozen ? ' frozen' : ''}`}
          />
        ))}
      </span>
      {bin.marks && <i className="enough-mark" aria-hidden="true" style={{ left: share(bin.marks.mg) }} />}
      {bin.enough && <span className="soft trough-said">{bin.enough}</span>}
    </span>
  );
}
