import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { api, asProblem } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { probeKey, useProbe } from '../ui/useProbe';

/** A core temperature that was taken: as it is sent, and as it is read. */
export type Taken = { sent: { probe: number } | { typed: string }; text: string };

/** The probe: its live figure, one button to take it, a field to type what another thermometer says. */
export function ProbePanel(props: {
  warmest: string;
  rule: string;
  taken: Taken | null;
  onTake: (taken: Taken | null) => void;
  demo: boolean;
}) {
  const queries = useQueryClient();
  const [typed, setTyped] = useState('');
  const [fish, setFish] = useState('');
  const stick = api.useMutation('post', '/probe/fish', { onSuccess: (data) => queries.setQueryData(probeKey, data) });
  const shown = useProbe();

  return (
    <div className={look.probe}>
      <div className={look.live}>
        <div className={look.state}>
          <span>
            {shown
              ? shown.steady
                ? t('probePanel.core-steady')
                : t('probePanel.core-creeping')
              : t('probePanel.no-probe')}
          </span>
          <span>{t('probePanel.at-most', { warmest: props.warmest })}</span>
        </div>
        <div className={cx(look.figure, look.long)} data-testid="core">
          {shown?.text.replace(' °C', '') ?? '–'}
          <small>{t('probePanel.c')}</small>
        </div>
      </div>
      <div className={look.row}>
        <Button
          variant="default"
          disabled={!shown?.steady}
          onClick={() => shown && props.onTake({ sent: { probe: shown.tenths }, text: shown.text })}
        >
          {props.taken ? `Taken: ${props.taken.text}` : t('probePanel.record-core-temperature')}
        </Button>
        <form
          className={look.typed}
          onSubmit={(event) => {
            event.preventDefault();
            props.onTake(typed.trim() ? { sent: { typed }, text: typed } : null);
          }}
        >
          <TextInput
            aria-label={t('probePanel.core-temperature-typed')}
            placeholder={t('probePanel.or-type-3-4')}
            value={typed}
            autoComplete="off"
            onChange={(event) => setTyped(event.target.value)}
          />
        </form>
      </div>
      <p className={look.soft}>{t('probePanel.check-your-local-code-and-your', { rule: props.rule })}</p>
      {props.demo && (
        <form
          className={look.demoPan}
          onSubmit={(event) => {
            event.preventDefault();
            stick.mutate({ body: fish.trim() ? { core: fish } : {} });
          }}
        >
          <div className={look.row}>
            <TextInput
              aria-label={t('probePanel.stick-the-probe-into')}
              placeholder={t('probePanel.demo-a-fish-of-1-8')}
              value={fish}
              autoComplete="off"
              onChange={(event) => setFish(event.target.value)}
            />
            <Button type="submit" variant="default">
              {t('probePanel.stick-in')}
            </Button>
          </div>
          {stick.error && <p className={look.fault}>{asProblem(stick.error).detail}</p>}
        </form>
      )}
    </div>
  );
}
