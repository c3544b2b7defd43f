import { Button, NativeSelect, Table, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, asProblem, faultAt, type Species } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { amount, inMark, t } from '../lang';
import { stateIn } from '../receive/states';
import { coded, codedEach } from '../ui/codes';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { Several } from '../ui/Several';
import css from './SpeciesScreen.module.css';

type Field = Species['about'][number]['field'];

const NAMES: Record<Field, string> = {
  other_names: t('species.other-names'),
  fat: t('species.fat'),
  scales: t('species.scales'),
  usual_state: t('species.usually-bought'),
  pin_row: t('species.pin-bones-run'),
  pin_count: t('species.pin-bones-a-side'),
  pin_sd: '±',
  pin_reach_pct: t('species.pin-bones-reach'),
  hazards: t('species.hazards'),
  raw_note: t('species.raw-service'),
  keep: t('species.worth-keeping'),
  size_grades_g: t('species.size-grades-g'),
  size_names: t('species.size-names'),
};

const CHOICES: Partial<Record<Field, string[]>> = {
  fat: ['lean', 'medium', 'oily'],
  scales: ['none', 'small', 'large', 'bony'],
  usual_state: ['round', 'gutted', 'gutted and scaled', 'headless', 'side', 'bone-in side', 'tail'],
  pin_row: ['none', 'short', 'long', 'many'],
};

const SEVERAL: Partial<Record<Field, string[]>> = {
  hazards: ['parasites', 'histamine', 'ciguatera', 'purging', 'freshwater', 'toxin'],
  keep: ['cheeks', 'collar', 'belly', 'roe', 'frill', 'liver', 'skin'],
};

/** A value of a field as it is read; what the house typed stays. */
const said = (field: Field, value: string) =>
  field === 'usual_state'
    ? stateIn(value)
    : field === 'hazards' || field === 'keep'
      ? codedEach(value)
      : field in CHOICES
        ? coded(value)
        : value;

/** One fish of the catalogue: the house's values beside the shipped ones, and the yields it starts from. */
export function SpeciesScreen() {
  const { species: id = '' } = useParams();
  const { data, error } = api.useQuery('get', '/fish/{species}', { params: { path: { species: id } } });
  if (error) {
    return <Missing stage="receive" error={error} />;
  }
  return data ? (
    <Known key={`${id}${data.version}`} species={data} />
  ) : (
    <p className={cx(look.sheet, look.soft)}>{t('species.loading')}</p>
  );
}

function Known({ species }: { species: Species }) {
  const { me } = useKitchen();
  const queries = useQueryClient();
  const mine = me.role === 'head chef';
  const [about, setAbout] = useState<Partial<Record<Field, string | null>>>({});
  const [yields, setYields] = useState<Record<string, string>>({});
  const params = { path: { species: species.id } };
  const store = api.useMutation('put', '/fish/{species}', {
    onSuccess: (data) => queries.setQueryData(api.queryOptions('get', '/fish/{species}', { params }).queryKey, data),
  });
  const save = () =>
    store.mutate({
      params,
      body: {
        version: species.version,
        // The names of the fields are the contract's own.
        about: about as { fat?: 'lean' },
        yields: Object.entries(yields).map(([which, text]) => {
          const [state = '', rung = ''] = which.split('|');
          return { state, rung, mean_pct: text.trim() === '' ? null : amount(text) };
        }),
      },
    });
  const changed = Object.keys(about).length + Object.keys(yields).length > 0;

  return (
    <section className={cx(look.sheet, look.wide, css.species)}>
      <div className={look.headline}>
        <div>
          <h1>{species.name}</h1>
          <p className={look.soft}>
            <i>{species.scientific}</i>
            {species.code ? `, FAO ${species.code}` : ''}, {coded(species.form)}
            {species.bled ? t('species.bled-on-the-boat') : ''}. <Link to="/fish">{t('species.all-species')}</Link>
          </p>
        </div>
        {mine && (
          <Button disabled={!changed} loading={store.isPending} onClick={save}>
            {t('species.edit-our-figures')}
          </Button>
        )}
      </div>
      {species.cautions.length > 0 && <p className={look.caution}>{species.cautions.join(' ')}</p>}
      <p className={look.fault} role="alert">
        {store.error ? asProblem(store.error).detail : ''}
      </p>
      <div className={look.columns}>
        <Table className={css.aboutSpecies}>
          <Table.Caption>{t('species.about-it')}</Table.Caption>
          <Table.Tbody>
            {species.about.map((one) => {
              const typed = one.field in about ? (about[one.field] ?? one.shipped ?? '') : one.value;
              const set = (value: string | null) => setAbout({ ...about, [one.field]: value });
              const choices = CHOICES[one.field];
              const fault = faultAt(store.error, `/about/${one.field}`);
              return (
                <Table.Tr key={one.field}>
                  <Table.Th scope="row">{NAMES[one.field]}</Table.Th>
                  <Table.Td>
                    {!mine ? (
                      said(one.field, one.value)
                    ) : SEVERAL[one.field] ? (
                      <Several
                        legend={NAMES[one.field]}
                        quiet
                        chosen={typed.split(' ').filter(Boolean)}
                        options={(SEVERAL[one.field] ?? []).map((value) => ({ value, label: coded(value) }))}
                        onChange={(chosen) => set(chosen.join(' '))}
                      />
                    ) : choices ? (
                      <NativeSelect
                        aria-label={NAMES[one.field]}
                        data={choices.map((value) => ({ value, label: said(one.field, value) }))}
                        value={typed}
                        error={fault}
                        onChange={(event) => set(event.currentTarget.value)}
                      />
                    ) : (
                      <TextInput
                        aria-label={NAMES[one.field]}
                        value={typed}
                        error={fault}
                        onChange={(event) => set(event.currentTarget.value)}
                      />
                    )}
                    {one.ours && one.shipped !== null && (
                      <p className={look.soft}>
                        {t('species.default', { shipped: said(one.field, one.shipped || 'none') })}{' '}
                        {mine && (
                          <Button variant="transparent" size="compact-md" onClick={() => set(null)}>
                            {t('species.use-default')}
                          </Button>
                        )}
                      </p>
                    )}
                  </Table.Td>
                </Table.Tr>
              );
            })}
          </Table.Tbody>
        </Table>
        <div>
          <h2>{t('species.starting-yields')}</h2>
          <p className={look.soft}>{t('species.of-as-purchased-1-sd')}</p>
          {species.yields.map((ladder) => (
            <Table key={ladder.state} className={css.startYields}>
              <Table.Caption>{stateIn(ladder.state)}</Table.Caption>
              <Table.Tbody>
                {ladder.rungs.map((rung) => {
                  const which = `${ladder.state}|${rung.rung}`;
                  return (
                    <Table.Tr key={rung.rung}>
                      <Table.Th scope="row">{coded(rung.rung)}</Table.Th>
                      <Table.Td className={css.gauge}>
                        <i style={{ width: `${rung.mean_pct}%` }} />
                      </Table.Td>
                      <Table.Td className={look.n}>
                        {mine ? (
                          <TextInput
                            aria-label={`${stateIn(ladder.state)}, ${coded(rung.rung)}, %`}
                            inputMode="decimal"
                            value={yields[which] ?? inMark(rung.mean_pct)}
                            onChange={(event) => setYields({ ...yields, [which]: event.currentTarget.value })}
                          />
                        ) : (
                          inMark(rung.mean_pct)
                        )}
                      </Table.Td>
                      <Table.Td className={look.n}>± {inMark(rung.sd_pct)} %</Table.Td>
                      <Table.Td className={look.soft}>
                        {coded(rung.source)}
                        {rung.source === 'house' && rung.shipped_mean_pct !== null
                          ? t('species.default-2', { shipped_mean_pct: rung.shipped_mean_pct })
                          : ''}
                      </Table.Td>
                    </Table.Tr>
                  );
                })}
              </Table.Tbody>
            </Table>
          ))}
          <p className={look.soft}>{t('species.source', { source: species.source })}</p>
        </div>
      </div>
    </section>
  );
}
