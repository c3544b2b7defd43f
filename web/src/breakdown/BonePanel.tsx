import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, type Bones } from '../api/client';
import { useKitchen } from '../kitchen/Door';
import { useKeys } from '../ui/useKeys';

/** Pin bones of each fillet: counted by tapping, gone over twice, on record with who and when. */
export function BonePanel({ fish, bones, later = false }: { fish: string; bones: Bones[]; later?: boolean }) {
  const [piece, setPiece] = useState<string | null>(null);
  const side = bones.find((b) => b.piece === piece) ?? bones.find((b) => !b.done) ?? bones[0];
  if (!side) {
    return <p className="soft bones-none">Pin bones are counted once a fillet has been weighed.</p>;
  }
  return (
    <div className="bones">
      <div className="bones-sides">
        {bones.map((one) => (
          <button
            type="button"
            key={one.piece}
            className="choice"
            aria-pressed={one.piece === side.piece}
            onClick={() => setPiece(one.piece)}
          >
            <span className="key" aria-hidden="true" />
            <span className="name">{one.name}</span>
            <span className="mass">
              {!one.done ? `${one.found} found` : one.said.startsWith('Waived') ? 'waived' : 'boned and checked'}
            </span>
          </button>
        ))}
      </div>
      <Count key={`${side.piece}${side.found}${side.done}`} fish={fish} side={side} later={later} />
    </div>
  );
}

function Count({ fish, side, later }: { fish: string; side: Bones; later: boolean }) {
  const { me } = useKitchen();
  const queries = useQueryClient();
  const [found, setFound] = useState(later ? 0 : side.found);
  const [why, setWhy] = useState('');
  const store = api.useMutation('put', '/breakdown/fish/{fish}/bones/{check}', {
    onSuccess: (bench) => {
      queries.setQueryData(
        api.queryOptions('get', '/breakdown/fish/{fish}', { params: { path: { fish } } }).queryKey,
        bench,
      );
      queries.invalidateQueries({ queryKey: ['get', '/portion/fish/{fish}'] });
    },
  });
  const write = (more: { second_pass?: boolean; waived?: string; later?: boolean }) =>
    store.mutate({ params: { path: { fish, check: ulid() } }, body: { piece: side.piece, found, ...more } });
  useKeys({ b: () => setFound((n) => n + 1) });

  return (
    <div className="bones-count">
      <svg
        viewBox="0 0 420 92"
        role="img"
        aria-label={`Pin bones run along the first ${Math.round(100 * side.runs)} % of ${side.name}`}
      >
        <path d="M6 46C60 8 220 4 414 40v12C220 88 60 84 6 46Z" fill="#f5ece5" stroke="var(--ink)" strokeWidth="2" />
        <path d={`M22 40H${22 + 380 * side.runs}`} stroke="var(--action)" strokeWidth="14" opacity="0.25" />
        {Array.from(
          { length: Math.min(60, side.expected) },
          (_, i) => 26 + ((380 * side.runs - 8) * i) / Math.max(1, Math.min(60, side.expected) - 1),
        ).map((x, i) => (
          <path
            key={x}
            d={`M${x} 48l5-15`}
            stroke={i < found ? 'var(--line-strong)' : 'var(--ink)'}
            strokeWidth={i < found ? 1 : 2.4}
            strokeDasharray={i < found ? '2 3' : undefined}
          />
        ))}
      </svg>
      <p className="bones-said">{side.said}</p>
      <div className="bones-row">
        <button
          type="button"
          className="bones-tap"
          onClick={() => setFound(found + 1)}
          aria-label={`One more bone, ${found} so far`}
        >
          {found}
          <small>tap for each bone</small>
        </button>
        <button type="button" className="quiet" onClick={() => setFound(Math.max(0, found - 1))} disabled={found === 0}>
          One less
        </button>
        {later ? (
          <button
            type="button"
            className="next"
            disabled={found === 0 || store.isPending}
            onClick={() => write({ later: true })}
          >
            Found while portioning
          </button>
        ) : (
          <>
            <button type="button" className="quiet" disabled={store.isPending} onClick={() => write({})}>
              {side.in_strips ? 'Strips out once' : 'First pass done'}
            </button>
            <button
              type="button"
              className="next"
              disabled={store.isPending}
              onClick={() => write({ second_pass: true })}
            >
              Gone over twice
            </button>
          </>
        )}
      </div>
      {side.in_strips && (
        <p className="soft">Many-boned: cut each row out as a strip, and stroke both edges of every cut.</p>
      )}
      {me.role === 'head chef' && !side.done && !later && (
        <form
          className="typed"
          onSubmit={(event) => {
            event.preventDefault();
            write({ waived: why.trim() });
          }}
        >
          <input
            aria-label="Why it is waived"
            placeholder="waive it, because …"
            value={why}
            onChange={(event) => setWhy(event.target.value)}
          />
          <button type="submit" className="quiet" disabled={why.trim().length < 3 || store.isPending}>
            Waive
          </button>
        </form>
      )}
      <p className="fault" role="alert">
        {store.error ? asProblem(store.error).detail : ''}
      </p>
    </div>
  );
}
