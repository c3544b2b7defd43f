import { Button } from '@mantine/core';
import cx from 'clsx';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { t } from '../lang';
import { look } from './look';
import css from './NextStage.module.css';

/** After a change of screen the button that ends it does nothing for a moment: the second of two taps was meant for the first. */
const DEAD_MS = 1_200;

export type NextProps = {
  label: string;
  onClick: () => void;
  disabled?: boolean | undefined;
  busy?: boolean | undefined;
  /** What is still open: asked about before it goes on. */
  open?: { code: string; say: string }[] | undefined;
  /** The way back. */
  back?: { label: string; to: string } | undefined;
};

/** The button that finishes a stage, with its question and the way back to the stage before. */
export function NextStage({ label, onClick, disabled, busy, open = [], back }: NextProps) {
  const navigate = useNavigate();
  const [dead, setDead] = useState(true);
  const [asking, setAsking] = useState(false);
  useEffect(() => {
    const wake = setTimeout(() => setDead(false), DEAD_MS);
    return () => clearTimeout(wake);
  }, []);
  const finish = () => {
    if (open.length > 0 && !asking) {
      setAsking(true);
    } else {
      onClick();
    }
  };
  if (asking && open.length > 0) {
    return (
      <div className={css.stillOpen} role="alertdialog" aria-label={t('nextStage.still-open')}>
        <ul>
          {open.map((one) => (
            <li key={one.code + one.say}>{one.say}</li>
          ))}
        </ul>
        <div className={look.row}>
          <Button variant="default" disabled={busy} onClick={onClick}>
            {t('nextStage.finish-all-the-same')}
          </Button>
          <Button
            size="lg"
            fullWidth
            color="gill.6"
            className={cx(css.take, css.small)}
            onClick={() => setAsking(false)}
          >
            {t('nextStage.stay-here')}
          </Button>
        </div>
      </div>
    );
  }
  return (
    <div className={css.nextRow}>
      {back && (
        <Button variant="default" disabled={dead} onClick={() => navigate(back.to)}>
          {back.label}
        </Button>
      )}
      <Button disabled={dead || disabled || busy} onClick={finish}>
        {busy ? t('nextStage.saving') : label}
      </Button>
    </div>
  );
}
