import { Button, NativeSelect, Table, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, asProblem, faultAt, type Pattern, type PortionBench } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { usePut } from '../ui/usePut';
import { lowerFirst } from '../ui/words';
import css from './PatternScreen.module.css';
import { SpreadDrawing } from './SpreadDrawing';

/** Fillets weighed together, all cut by one pattern: what it promises, what to weigh, and what came out. */
export function PatternScreen() {
  const { fish = '', piece = '' } = useParams();
  const { data, error } = api.useQuery('get', '/portion/fish/{fish}', { params: { path: { fish } } });
  if (error) {
    return <Missing stage="portion" error={error} />;
  }
  return data ? (
    <Planned key={piece} bench={data} piece={piece} />
  ) : (
    <p className={cx(look.sheet, look.soft)}>{t('pattern.loading')}</p>
  );
}

function Planned({ bench, piece }: { bench: PortionBench; piece: string }) {
  const fish = bench.fish.id;
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [form, setForm] = useState({
    dish: bench.dish ?? bench.dishes[0]?.id ?? '',
    fillets: '',
    weighed: '',
    perPan: '',
    perTrolley: '',
    perOven: '',
  });
  const [per, setPer] = useState<number | null>(null);
  const set = (more: Partial<typeof form>) => {
    setPer(null);
    setForm((now) => ({ ...now, ...more }));
  };
  const whole = (name: string, typed: string) => (Number(typed) > 0 ? { [name]: Number(typed) } : {});
  const body = {
    dish: form.dish,
    weighed: form.weighed
      .split(/[,;]/)
      .map((one) => one.trim())
      .filter((one) => one !== ''),
    per_fillet: per,
    ...whole('fillets', form.fillets),
    ...whole('per_pan', form.perPan),
    ...whole('per_trolley', form.perTrolley),
    ...whole('per_oven', form.perOven),
  };
  const params = { path: { fish, piece } };
  const { data, error } = api.useQuery(
    'post',
    '/portion/fish/{fish}/fillets/{piece}/pattern',
    { params, body: useSettled(body) },
    { ...PREVIEW, enabled: form.dish !== '' },
  );
  const lay = usePut(`pattern/${piece}`, '/portion/fish/{fish}/fillets/{piece}/pattern', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(`/portion/${fish}`, { state: { from: piece } });
    },
  });
  const fault = lay.error ?? error;
  const badWeight = body.weighed.map((_, i) => `/weighed/${i}`).find((at) => faultAt(fault, at)) ?? '/weighed';
  const field = (name: keyof typeof form, label: string, hint: string, at: string) => (
    <TextInput
      label={label}
      placeholder={hint}
      value={form[name]}
      error={faultAt(fault, at)}
      onChange={(event) => set({ [name]: event.currentTarget.value })}
    />
  );
  const chosen = data?.patterns.find((one) => one.chosen);
  return (
    <section className={cx(look.sheet, look.wide)}>
      <header className={look.headline}>
        <div>
          <h1>{t('pattern.title', { name: lowerFirst(data?.name ?? '') })}</h1>
          <p className={look.soft}>
            {data &&
              t('pattern.fillets-of', {
                count: data.fillets,
                mean: data.mean,
                spread: data.spread,
                how: data.measured ? t('pattern.as-weighed') : t('pattern.the-usual-spread'),
              })}{' '}
            <Link to={`/portion/${fish}`}>{t('pattern.back')}</Link>
          </p>
        </div>
        {chosen && (
          <p className={look.yield}>
            <b>{chosen.promised}</b>
            <span className={look.soft}>{t('pattern.portions-promised')}</span>
          </p>
        )}
      </header>
      <div className={css.patternColumns}>
        <div>
          <NativeSelect
            label={t('pattern.dish')}
            value={form.dish}
            data={bench.dishes.map((one) => ({ value: one.id, label: one.name }))}
            error={faultAt(fault, '/dish')}
            onChange={(event) => set({ dish: event.currentTarget.value })}
          />
          {field('fillets', t('pattern.fillets'), String(data?.fillets ?? ''), '/fillets')}
          {field('weighed', t('pattern.some-weighed-alone'), t('pattern.205-g-198-g'), badWeight)}
          <h2>{t('pattern.for-a-banquet')}</h2>
          <div className={look.pair}>
            {field('perPan', t('pattern.pieces-a-pan'), '20', '/per_pan')}
            {field('perOven', t('pattern.pans-an-oven'), '6', '/per_oven')}
            {field('perTrolley', t('pattern.pans-a-trolley'), '15', '/per_trolley')}
          </div>
        </div>
        <div>
          {data?.drawn && <SpreadDrawing drawn={data.drawn} />}
          {data && data.patterns.length > 0 && (
            <Table className={look.tight}>
              <Table.Thead>
                <Table.Tr>
                  <Table.Th scope="col">{t('pattern.to-a-fillet')}</Table.Th>
                  <Table.Th scope="col">{t('pattern.each')}</Table.Th>
                  <Table.Th scope="col">{t('pattern.in-the-band')}</Table.Th>
                  <Table.Th scope="col">{t('pattern.expected')}</Table.Th>
                  <Table.Th scope="col">{t('pattern.nine-in-ten')}</Table.Th>
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {data.patterns.map((one) => (
                  <Table.Tr key={one.per_fillet} className={cx(one.chosen && css.patternChosen)}>
                    <Table.Th scope="row">
                      <Button
                        variant={one.chosen ? 'filled' : 'default'}
                        aria-pressed={one.chosen}
                        onClick={() => setPer(one.per_fillet)}
                      >
                        {one.per_fillet}
                      </Button>
                    </Table.Th>
                    <Table.Td>{one.each}</Table.Td>
                    <Table.Td>{one.within_pct} %</Table.Td>
                    <Table.Td>{one.expected}</Table.Td>
                    <Table.Td>{one.promised}</Table.Td>
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          )}
          {data?.patterns.length === 0 && <p>{t('pattern.none-heavy-enough')}</p>}
          {data && <Sentences pattern={data} />}
          <p className={look.fault} role="alert">
            {fault && !asProblem(fault).errors ? asProblem(fault).detail : ''}
          </p>
          <Button
            disabled={!chosen || lay.isPending}
            onClick={() =>
              lay.mutate({
                params,
                body: { ...body, per_fillet: chosen?.per_fillet ?? null, version: data?.laid?.version ?? null },
              })
            }
          >
            {data?.laid ? t('pattern.cut-them-so-from-here') : t('pattern.cut-them-all-so')}
          </Button>
        </div>
      </div>
    </section>
  );
}

/** Where the knife goes, what is weighed of it, on how many pans, and what came out so far. */
function Sentences({ pattern }: { pattern: Pattern }) {
  const { marks, sampling, pans, came } = pattern;
  return (
    <>
      {marks.length > 0 && (
        <p>{t('pattern.cut-at', { marks: marks.slice(0, -1).join(', '), end: marks.at(-1) ?? '' })}</p>
      )}
      {sampling && (
        <p>
          {sampling.every === 1
            ? t('pattern.weigh-them-all')
            : t('pattern.weigh-every', {
                every: sampling.every,
                samples: sampling.samples,
                noticed: sampling.noticed_pct,
                alarm: sampling.alarm_pct,
              })}
        </p>
      )}
      {pans && (
        <p>
          {t('pattern.pans', { count: pans.pans, last: pans.on_the_last })}
          {pans.trolleys > 0 ? ` ${t('pattern.trolleys', { count: pans.trolleys })}` : ''}
          {pans.loads > 0 ? ` ${t('pattern.loads', { count: pans.loads })}` : ''}
        </p>
      )}
      {came.cut > 0 && (
        <p className={cx(look.remark, !came.stop && look.quietRemark)}>
          {came.stop
            ? t('pattern.stop', { under: came.under, sampled: came.sampled })
            : t('pattern.came', {
                count: came.cut,
                promised: pattern.laid?.promised ?? 0,
                mean: came.mean ?? '',
                under: came.under,
                sampled: came.sampled,
              })}
        </p>
      )}
    </>
  );
}
