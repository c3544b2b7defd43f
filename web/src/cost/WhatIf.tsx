import { Button, Slider, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { api, asProblem, type PlateInFull } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { useKitchen } from '../kitchen/kitchen';
import { figure, t } from '../lang';
import { look } from '../ui/look';
import { amount } from './amount';
import css from './WhatIf.module.css';

type Base = NonNullable<PlateInFull['base']>;
type Asked = {
  price_per_kg?: string;
  yield_pct?: number;
  portion?: string;
  credit_per_kg?: string;
  menu_price?: string;
  a_week?: number;
};

/** Sliders over a plate; every figure is asked from the kitchen computer. */
export function WhatIf({ dish, base, price }: { dish: string; base: Base; price: string | null }) {
  const { currency_sign: sign } = useKitchen();
  const [asked, setAsked] = useState<Asked>({});
  const sent = useSettled(asked);
  const { data, error, isFetching } = api.useQuery(
    'post',
    '/cost/plates/{dish}/what-if',
    { params: { path: { dish } }, body: { a_week: base.a_week, ...sent } },
    PREVIEW,
  );
  const step = 10 ** -base.decimals;
  const money = (value: number) => value.toFixed(base.decimals);
  const menu = Number(amount(price, sign)) || 0;
  const moved = Object.keys(asked).length > 0;

  return (
    <aside className={cx(look.pan, css.whatIf)} aria-label={t('whatIf.what-if')}>
      <p className={css.todo} data-testid="said">
        {error ? asProblem(error).detail : (data?.said ?? t('whatIf.move-a-figure-and-see-what'))}
      </p>
      <div className={cx(css.live, look.plateFigures, isFetching && css.asking)}>
        <div className={look.state}>
          <span>{t('whatIf.plate-cost')}</span>
          <span>{moved ? t('whatIf.now', { plate: data?.now.plate ?? '' }) : t('whatIf.as-it-is')}</span>
        </div>
        <div className={css.figure}>{data?.then.plate ?? '–'}</div>
        <div className={look.state}>
          <span>
            {t('whatIf.portion')} {data?.then.portion}, {data?.then.cost_pct ?? t('whatIf.no-price')}
          </span>
          <span>{t('whatIf.leaves', { contribution: data?.then.contribution ?? '–' })}</span>
        </div>
      </div>
      <Figure
        label={t('whatIf.fish-a-kilo', { sign })}
        value={Number(asked.price_per_kg ?? base.price_per_kg)}
        from={0}
        to={2 * Math.max(base.price_per_kg, step)}
        step={Math.max(step, base.price_per_kg > 1 ? 10 * step : step)}
        told={money}
        onMove={(value) => setAsked({ ...asked, price_per_kg: money(value) })}
      />
      <Figure
        label={t('whatIf.portion-yield')}
        value={asked.yield_pct ?? base.yield_pct}
        from={Math.max(1, base.yield_pct - 20)}
        to={Math.min(100, base.yield_pct + 20)}
        step={0.5}
        told={(value) => figure(value, 1)}
        onMove={(value) => setAsked({ ...asked, yield_pct: value })}
      />
      <Figure
        label={t('whatIf.portion-grams')}
        value={Number((asked.portion ?? `${base.portion_g}`).replace(' g', ''))}
        from={Math.max(10, Math.round(base.portion_g - 60))}
        to={Math.round(base.portion_g + 60)}
        step={1}
        told={(value) => value.toFixed(0)}
        onMove={(value) => setAsked({ ...asked, portion: `${value} g` })}
      />
      <Figure
        label={t('whatIf.trim-brings-a-kilo-of-fish', { sign })}
        value={Number(asked.credit_per_kg ?? base.credit_per_kg)}
        from={0}
        to={Math.max(2 * base.credit_per_kg, 100 * step)}
        step={Math.max(step, base.credit_per_kg > 1 ? 5 * step : step)}
        told={money}
        onMove={(value) => setAsked({ ...asked, credit_per_kg: money(value) })}
      />
      {menu > 0 && (
        <Figure
          label={t('whatIf.menu-price', { sign })}
          value={Number(asked.menu_price ?? menu)}
          from={0.5 * menu}
          to={1.5 * menu}
          step={50 * step}
          told={money}
          onMove={(value) => setAsked({ ...asked, menu_price: money(value) })}
        />
      )}
      <TextInput
        label={t('whatIf.sold-in-a-week')}
        inputMode="numeric"
        value={asked.a_week ?? base.a_week}
        onChange={(event) => {
          const value = Number(event.target.value);
          if (Number.isInteger(value) && value >= 0) {
            setAsked({ ...asked, a_week: value });
          }
        }}
      />
      <div className={css.push} />
      <Button variant="default" fullWidth disabled={!moved} onClick={() => setAsked({})}>
        {t('whatIf.reset')}
      </Button>
    </aside>
  );
}

function Figure(props: {
  label: string;
  value: number;
  from: number;
  to: number;
  step: number;
  told: (value: number) => string;
  onMove: (value: number) => void;
}) {
  return (
    <div className={css.slider}>
      <span>
        {props.label} <b>{props.told(props.value)}</b>
      </span>
      <Slider
        size="lg"
        label={null}
        thumbLabel={props.label}
        min={props.from}
        max={props.to}
        step={props.step}
        value={props.value}
        onChange={props.onMove}
      />
    </div>
  );
}
