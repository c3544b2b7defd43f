import type { Remark } from '../api/client';

/** What the weights say: what, why, and what to do, with the one tap that mends it. */
export function Remarks({ remarks, onRetake }: { remarks: Remark[]; onRetake?: (piece: string) => void }) {
  return (
    <div role="status">
      {remarks.map((remark) => (
        <p className="remark" key={remark.what}>
          <span>
            <b>{remark.what}</b> {remark.todo}
          </span>
          {remark.piece && onRetake && (
            <button type="button" className="quiet" onClick={() => remark.piece && onRetake(remark.piece)}>
              Weigh again
            </button>
          )}
        </p>
      ))}
    </div>
  );
}
