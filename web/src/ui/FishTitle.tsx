import type { FishHead } from '../api/client';

/** The name of a fish on a bench, and the one figure that sums it up so far. */
export function FishTitle({ fish, figure, of }: { fish: FishHead; figure?: string | null; of?: string }) {
  return (
    <header className="headline">
      <div>
        <h1>
          {fish.title} <span style={{ fontWeight: 450 }}>no. {fish.number}</span>
        </h1>
        <p className="soft">
          {fish.whole.text}, {fish.state}, from {fish.supplier}, {fish.received}
        </p>
      </div>
      {figure && (
        <p className="yield">
          <b>{figure}</b>
          <span className="soft">{of}</span>
        </p>
      )}
    </header>
  );
}
