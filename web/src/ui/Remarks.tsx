import { Button } from '@mantine/core';
import type { Remark } from '../api/client';
import { t } from '../lang';
import { look } from './look';

/** What the weights say: what, why, and what to do, with the one tap that mends it. */
export function Remarks(props: {
  remarks: Remark[];
  /** What is to do, where it stands above the scale already. */
  said?: string | undefined;
  onRetake?: (piece: string) => void;
  onTray?: (piece: string, tray: string) => void;
}) {
  const { remarks, said, onRetake, onTray } = props;
  return (
    <div role="status">
      {remarks.map((remark) => (
        <p className={look.remark} key={remark.what}>
          <span>
            <b>{remark.what}</b> {remark.todo !== said && remark.todo}
          </span>
          {remark.piece && remark.tray && onTray && (
            <Button variant="default" onClick={() => remark.piece && remark.tray && onTray(remark.piece, remark.tray)}>
              {t('remarks.it-was-on-the', { tray: remark.tray })}
            </Button>
          )}
          {remark.piece && onRetake && (
            <Button variant="default" onClick={() => remark.piece && onRetake(remark.piece)}>
              {t('remarks.weigh-again')}
            </Button>
          )}
        </p>
      ))}
    </div>
  );
}
