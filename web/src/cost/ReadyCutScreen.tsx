import { NativeSelect, Table, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { api, asProblem, faultAt } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { useKitchen } from '../kitchen/kitchen';
import { figure, t } from '../lang';
import { look } from '../ui/look';
import { CostRooms } from './CostRooms';
import css from './ReadyCutScreen.module.css';

/** Whole fish cut here against fillets that come ready cut. */
export function ReadyCutScreen() {
  const { currency_sign: sign } = useKitchen();
  const { data, error } = api.useQuery('get', '/cost/ready-cut');
  const [species, setSpecies] = useState<string | null>(null);
  const [ready, setReady] = useState('');
  const [readyYield, setReadyYield] = useState<string | null>(null);
  const [whole, setWhole] = useState<string | null>(null);
  const [yields, setYields] = useState<string | null>(null);
  const fish = data?.fish.find((one) => one.species === species) ?? data?.fish[0];
  const asked = ready.trim() !== '' && fish !== undefined;
  const answer = api.useQuery(
    'post',
    '/cost/ready-cut',
    {
      body: useSettled({
        species: fish?.species ?? '',
        ready_price: ready,
        ...(Number(readyYield) > 0 ? { ready_yield_pct: Number(readyYield) } : {}),
        ...(whole?.trim() ? { price_per_kg: whole } : {}),
        ...(Number(yields) > 0 ? { yield_pct: Number(yields) } : {}),
      }),
    },
    { enabled: asked, ...PREVIEW },
  );
  const cut = asked && !answer.error ? answer.data : undefined;
  const most = cut ? Math.max(cut.whole_minor, cut.ready_minor, 1) : 1;
  const fault = (pointer: string) => faultAt(answer.error, pointer);

  return (
    <section className={cx(look.sheet, look.wide)}>
      <CostRooms />
      <div>
        <h1>{t('readyCut.whole-fish-or-fillets')}</h1>
        <p className={look.soft}>{t('readyCut.cost-per-kg-served-by-the', { weeks: data?.weeks ?? 4 })}</p>
      </div>
      {error && <p className={look.fault}>{asProblem(error).detail}</p>}
      {!data && !error && <p className={look.soft}>{t('readyCut.calculating')}</p>}
      {data?.fish.length === 0 && (
        <div className={look.empty}>
          <h2>{t('readyCut.no-figures-of-our-own-yet')}</h2>
          <p>{t('readyCut.cut-and-cost-a-fish-its')}</p>
        </div>
      )}
      {fish && (
        <div className={css.readyColumns}>
          <form className={css.readyForm} onSubmit={(event) => event.preventDefault()}>
            <NativeSelect
              label={t('readyCut.fish')}
              value={fish.species}
              data={data?.fish.map((one) => ({ value: one.species, label: one.name })) ?? []}
              onChange={(event) => {
                setSpecies(event.currentTarget.value);
                setWhole(null);
                setYields(null);
              }}
            />
            <TextInput
              label={t('readyCut.whole-fish-per-kg')}
              leftSection={sign}
              value={whole ?? figure(fish.price_per_kg, 2)}
              onChange={(event) => setWhole(event.currentTarget.value)}
              error={fault('/price_per_kg')}
            />
            <TextInput
              label={t('readyCut.portion-yield')}
              value={yields ?? String(fish.yield_pct)}
              onChange={(event) => setYields(event.currentTarget.value)}
              error={fault('/yield_pct')}
            />
            <TextInput
              label={t('readyCut.bought-fillets-per-kg')}
              placeholder={figure(26.4, 2)}
              leftSection={sign}
              value={ready}
              onChange={(event) => setReady(event.currentTarget.value)}
              error={fault('/ready_price')}
            />
            <TextInput
              label={t('readyCut.portion-yield-of-fillets')}
              value={readyYield ?? String(data?.ready_yield_pct ?? 95)}
              description={t('readyCut.allows-for-trim-and-ends-our')}
              onChange={(event) => setReadyYield(event.currentTarget.value)}
              error={fault('/ready_yield_pct')}
            />
            <p className={look.soft}>{t('readyCut.from-fish-lately', { n: fish.count })}</p>
          </form>
          <div className={css.readyAnswer} aria-live="polite">
            {!cut && (
              <p className={look.soft}>
                {t('readyCut.cut-here-comes-to-per-kg', { fish: fish.name, edible_per_kg: fish.edible_per_kg })}
              </p>
            )}
            {cut && (
              <>
                <p className={css.readySaid}>{cut.said}</p>
                <dl className={css.readyBars}>
                  <div>
                    <dt>{t('readyCut.cut-here')}</dt>
                    <dd>
                      <i className={look.famPortion} style={{ width: `${(100 * cut.whole_minor) / most}%` }} />
                      <b>{cut.whole}</b>
                    </dd>
                  </div>
                  <div>
                    <dt>{t('readyCut.bought-fillets')}</dt>
                    <dd>
                      <i className={look.famStock} style={{ width: `${(100 * cut.ready_minor) / most}%` }} />
                      <b>{cut.ready}</b>
                    </dd>
                  </div>
                </dl>
                <div className={look.figures}>
                  <div>
                    <b>{cut.even_ready}</b>
                    {t('readyCut.fillets-pay-below')}
                  </div>
                  <div>
                    <b>{cut.even_whole ?? 'never'}</b>
                    {t('readyCut.whole-pays-below')}
                  </div>
                  <div>
                    <b>{cut.point}</b>
                    {t('readyCut.a-point-of-yield-is-worth')}
                  </div>
                </div>
                <Table className={cx(look.tight, css.readyWalk)}>
                  <Table.Caption>{t('readyCut.a-kilo-of-whole-fish')}</Table.Caption>
                  <Table.Tbody>
                    {cut.walk.map((line, i) => (
                      <Table.Tr key={line.what} className={cx(i === cut.walk.length - 1 && look.sum)}>
                        <Table.Td>{line.what}</Table.Td>
                        <Table.Td className={look.n}>{line.amount}</Table.Td>
                      </Table.Tr>
                    ))}
                  </Table.Tbody>
                </Table>
              </>
            )}
          </div>
        </div>
      )}
    </section>
  );
}
