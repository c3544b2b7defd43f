import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem } from '../api/client';
import { usePut } from '../ui/outbox';
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
    <section className="sheet wide">
      <PortionRooms />
      <div>
        <h1>Trays and labels</h1>
        <p className="soft">Portions of one dish go onto a tray together: it gets a number, a date and its labels.</p>
      </div>
      <p className="fault" role="alert">
        {(error ?? make.error) ? asProblem(error ?? make.error).detail : ''}
      </p>
      {data && data.ready.length > 0 && <h2>Not on a tray yet</h2>}
      <ul className="rows">
        {data?.ready.map((ready) => (
          <li className="ready-row" key={ready.dish}>
            <span>
              <b>{ready.name}</b>
              <br />
              <span className="soft">
                {[...new Set(ready.pieces.map((piece) => piece.fish))].join(', ')}
                {ready.under > 0 ? `. ${ready.under} too light for it, left out` : ''}
              </span>
            </span>
            <span>{ready.pieces.length} portions</span>
            <Button
              disabled={ready.pieces.length === 0 || make.isPending}
              onClick={() =>
                make.mutate({
                  params: { path: { batch: ulid() } },
                  body: { dish: ready.dish, pieces: ready.pieces.map((piece) => piece.piece) },
                })
              }
            >
              Put {ready.pieces.length} on a tray
            </Button>
          </li>
        ))}
      </ul>
      {data && data.trays.length > 0 && <h2>Portion trays</h2>}
      <div className="rows">
        {data?.trays.map((tray) => (
          <Link className="ready-row" key={tray.id} to={`/portion/trays/${tray.id}`}>
            <span>
              <b>
                Tray {tray.number}, {tray.dish}
              </b>
              <br />
              <span className="soft">
                {tray.made}, {tray.by}
              </span>
            </span>
            <span>
              {tray.count} portions, {tray.net}
            </span>
            <b>use by {tray.use_by}</b>
          </Link>
        ))}
      </div>
      {data && data.ready.length === 0 && data.trays.length === 0 && (
        <div className="empty">
          <h2>No portions to put on a tray</h2>
          <p>What is cut and weighed for a dish comes here, until it is on a labelled tray.</p>
          <Link to="/portion">Fish to be portioned</Link>
        </div>
      )}
    </section>
  );
}
