import { Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type Kept } from '../api/client';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './KeptTrays.module.css';

type Dish = Kept['dishes'][number];

const STATE: Record<Dish['trays'][number]['state'], string> = {
  chilled: t('kept.chilled'),
  frozen: t('kept.frozen'),
  thawed: t('kept.thawed'),
};

/** The trays of a dish, and every way they leave but the guest's. */
export function KeptTrays({ dish, onChanged }: { dish: Dish; onChanged: (kept: Kept) => void }) {
  const { data } = api.useQuery('get', '/hold/places', {});
  const [how, setHow] = useState<'staff' | 'discarded' | 'moved'>('moved');
  const [count, setCount] = useState(1);
  const [lot, setLot] = useState('');
  const [to, setTo] = useState(dish.moves_to[0]?.dish ?? '');
  const [reason, setReason] = useState('');
  const out = usePut('kept', '/hold/kept/dishes/{dish}/out/{act}', { onSuccess: onChanged });
  const move = usePut('kept', '/hold/kept/trays/{lot}/place/{act}', { onSuccess: onChanged });
  return (
    <div className={css.lots}>
      <div>
        <h2>{t('kept.trays-of', { name: dish.name })}</h2>
        <ul>
          {dish.trays.map((one) => (
            <li key={one.lot} className={cx(one.past && css.lotPast)}>
              <span>
                {one.tray_id ? (
                  <Link to={`/portion/trays/${one.tray_id}`}>{t('kept.tray', { tray: one.tray })}</Link>
                ) : (
                  ''
                )}{' '}
                <b>{t('kept.left-of', { left: one.left, of: one.of })}</b>{' '}
                <span className={look.soft}>
                  {STATE[one.state]},{' '}
                  {one.past ? t('kept.past-its-date', { until: one.until }) : t('kept.use-by', { until: one.until })}
                </span>{' '}
                {one.held && <b className={look.ended}>{t('kept.held', { why: one.held })}</b>}
              </span>
              <NativeSelect
                aria-label={t('kept.place-of-tray', { tray: one.tray })}
                value={data?.places.find((place) => place.name === one.place)?.id ?? ''}
                data={[
                  { value: '', label: t('kept.no-place') },
                  ...(data?.places.map((place) => ({ value: place.id, label: place.name })) ?? []),
                ]}
                onChange={(event) =>
                  event.currentTarget.value &&
                  move.mutate({
                    params: { path: { lot: one.lot, act: ulid() } },
                    body: { place: event.currentTarget.value },
                  })
                }
              />
            </li>
          ))}
        </ul>
      </div>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          out.mutate({
            params: { path: { dish: dish.dish, act: ulid() } },
            body: {
              how,
              count,
              ...(lot === '' ? {} : { lot }),
              ...(how === 'moved' ? { to } : {}),
              ...(reason.trim() === '' ? {} : { reason }),
            },
          });
        }}
      >
        <Chips
          legend={t('kept.leaves')}
          name="leaves"
          value={how}
          inline
          options={[
            { value: 'moved', label: t('kept.to-another-dish') },
            { value: 'staff', label: t('kept.staff-meal') },
            { value: 'discarded', label: t('kept.discard') },
          ]}
          onChange={setHow}
        />
        <div className={css.lotFields}>
          <NumberInput
            label={t('kept.how-many')}
            value={count}
            min={1}
            max={dish.kept}
            error={faultAt(out.error, '/count')}
            onChange={(value) => setCount(Number(value))}
          />
          <NativeSelect
            label={t('kept.of-which-tray')}
            value={lot}
            data={[
              { value: '', label: t('kept.what-ends-first') },
              ...dish.trays.map((one) => ({ value: one.lot, label: t('kept.tray', { tray: one.tray }) })),
            ]}
            error={faultAt(out.error, '/lot')}
            onChange={(event) => setLot(event.currentTarget.value)}
          />
          {how === 'moved' ? (
            <NativeSelect
              label={t('kept.to-which-dish')}
              value={to}
              data={dish.moves_to.map((one) => ({ value: one.dish, label: one.name }))}
              error={faultAt(out.error, '/to')}
              onChange={(event) => setTo(event.currentTarget.value)}
            />
          ) : (
            <TextInput
              label={how === 'discarded' ? t('kept.reason-required') : t('kept.reason')}
              value={reason}
              error={faultAt(out.error, '/reason')}
              onChange={(event) => setReason(event.target.value)}
            />
          )}
        </div>
        <Button type="submit" disabled={out.isPending || (how === 'moved' && to === '')}>
          {how === 'moved' ? t('kept.move') : how === 'staff' ? t('kept.give-to-staff') : t('kept.discard')}
        </Button>
        {(out.error ?? move.error) && (
          <p className={look.fault} role="alert">
            {asProblem(out.error ?? move.error).detail}
          </p>
        )}
      </form>
    </div>
  );
}
