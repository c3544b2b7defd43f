import { Link } from 'react-router';
import { api, asProblem } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { PortionRooms } from './PortionRooms';

/** Every dish portions are cut for. */
export function DishesScreen() {
  const { me } = useKitchen();
  const { data, error } = api.useQuery('get', '/portion/dishes');
  return (
    <section className="sheet wide">
      <PortionRooms />
      <header className="headline">
        <div>
          <h1>Dishes</h1>
          <p className="soft">What a portion weighs, which fish and which stretch of it suits.</p>
        </div>
        {me.sees_prices && (
          <Link className="go" to="/portion/dishes/new">
            New dish
          </Link>
        )}
      </header>
      {error && <p className="fault">{asProblem(error).detail}</p>}
      {data?.dishes.length === 0 && (
        <div className="empty">
          <h2>No dish yet</h2>
          <p>A dish has a weight, and how far from it a piece may be.</p>
        </div>
      )}
      <div className="rows">
        {data?.dishes.map((dish) => (
          <Link className="dish-row" key={dish.id} to={`/portion/dishes/${dish.id}`}>
            <span>
              <b>{dish.name}</b>
              <br />
              <span className="soft">{dish.fish ?? 'of any fish'}</span>
            </span>
            <span>
              <b>{dish.target}</b>
              <br />
              <span className="soft">
                −{dish.minus} / +{dish.plus}
              </span>
            </span>
            <span>
              {dish.stretch_said}
              <br />
              <span className="soft">
                {[
                  dish.skin_on ? 'skin on' : 'skinned',
                  dish.raw ? 'served raw' : 'cooked',
                  dish.slant_deg < 90 ? `cut at ${dish.slant_deg}°` : '',
                ]
                  .filter(Boolean)
                  .join(', ')}
              </span>
            </span>
            <span className="n">
              {dish.worth}
              <br />
              <span className="soft">{dish.worth ? 'net value' : ''}</span>
            </span>
          </Link>
        ))}
      </div>
    </section>
  );
}
