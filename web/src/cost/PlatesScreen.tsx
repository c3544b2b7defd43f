import { Link } from 'react-router';
import { api, asProblem, type Plate } from '../api/client';
import { CostRooms } from './CostRooms';
import { longest, PlateBar } from './PlateBar';

/** Every dish as a plate, the dearest first. */
export function PlatesScreen() {
  const { data, error } = api.useQuery('get', '/cost/plates', {}, { staleTime: 0 });
  const most = longest(data?.plates ?? []);
  return (
    <section className="sheet wide">
      <CostRooms />
      <div>
        <h1>Plates</h1>
        <p className="soft">
          Plate cost over the last {data?.weeks ?? 4} weeks, highest first. {data?.said}
        </p>
      </div>
      {error && (
        <p className="fault" role="alert">
          {asProblem(error).detail}
        </p>
      )}
      {!data && !error && <p className="soft">Calculating…</p>}
      {data?.plates.length === 0 && (
        <div className="empty">
          <h2>No plate has a cost yet</h2>
          <p>A fish with a price, cut to portions and routed, gives its dish a cost.</p>
          <Link to="/cost">To cost</Link>
        </div>
      )}
      <ul className="plates" aria-label="Plates">
        {data?.plates.map((plate) => (
          <li key={plate.dish}>
            <Link to={`/cost/plates/${plate.dish}`} className="plate-row">
              <span>
                <b>{plate.name}</b>
                <span className="soft">
                  {plate.count} portions, {plate.mean_mass} on average
                </span>
              </span>
              <PlateBar plate={plate} most={most} />
              <b className="plate-cost">{plate.cost}</b>
              <span className={plate.band === 'above' ? 'pct ended' : 'pct'}>
                <b>{plate.cost_pct ?? '–'}</b>
                <span className="soft">{banded(plate)}</span>
              </span>
              <span className="ask">
                <b>{plate.price ?? 'no price'}</b>
                <span className="soft">
                  {plate.suggested && plate.suggested !== plate.price ? `${plate.suggested} suggested` : ''}
                </span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
      <p className="soft plate-key">
        <i className="swatch fam-portion" /> portion <i className="swatch fam-usable" /> sides{' '}
        <i className="swatch fam-discard" /> sundries <u /> price without tax <s /> target food cost
      </p>
      {data && data.without.length > 0 && (
        <p className="soft">No portions lately: {data.without.map((one) => one.name).join('; ')}.</p>
      )}
    </section>
  );
}

function banded(plate: Plate): string {
  if (plate.target_cost_pct === null) {
    return 'no target';
  }
  return plate.band === 'above'
    ? `above ${plate.target_cost_pct} %`
    : plate.band === 'below'
      ? `well under ${plate.target_cost_pct} %`
      : `about ${plate.target_cost_pct} %`;
}
