import { Button, NativeSelect, Textarea, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type RouteHouse } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { amount, inMark, t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';

type Recipe = RouteHouse['recipes'][number];

/** One recipe, written down or changed. Ingredients and times are written a line each. */
export function RecipeScreen() {
  const { recipe = '' } = useParams();
  const { data } = api.useQuery('get', '/route/house');
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('recipe.loading')}</p>;
  }
  return <Writing key={recipe} house={data} recipe={data.recipes.find((one) => one.id === recipe)} />;
}

function Writing({ house, recipe }: { house: RouteHouse; recipe: Recipe | undefined }) {
  const { me, currency_sign: sign } = useKitchen();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [id] = useState(() => recipe?.id ?? ulid());
  const [form, setForm] = useState({
    name: recipe?.name ?? '',
    bin: recipe?.bin ?? 'stock',
    one_kind: recipe?.one_kind ?? false,
    litres: recipe?.litres ?? true,
    hot: recipe?.hot ?? true,
    yields: inMark(recipe?.yield_per_kg),
    sd: inMark(recipe?.yield_sd),
    minutes: String(recipe?.minutes ?? ''),
    value: (recipe?.value ?? '').replace(sign, '').trim(),
    days: String(recipe?.days_kept ?? ''),
    caution: recipe?.caution ?? '',
    ingredients: (recipe?.ingredients ?? [])
      .map((one) => [one.name, one.per_kg, one.poured ? 'ml' : 'g', one.allergens.join(' ')].join(' ').trim())
      .join('\n'),
    marks: (recipe?.marks ?? []).map((one) => `${one.minute} ${one.doing}${one.why ? ` / ${one.why}` : ''}`).join('\n'),
  });
  const [unclear, setUnclear] = useState<{ ingredients?: string; marks?: string }>({});
  const kept = {
    onSuccess: (data: RouteHouse) => {
      queries.setQueryData(api.queryOptions('get', '/route/house').queryKey, data);
      queries.invalidateQueries({ queryKey: api.queryOptions('get', '/route/batches').queryKey });
      navigate('/route/house');
    },
  };
  const store = api.useMutation('put', '/route/recipes/{recipe}', kept);
  const retire = api.useMutation('put', '/route/recipes/{recipe}/retired', kept);
  const set = (more: Partial<typeof form>) => setForm((f) => ({ ...f, ...more }));
  const text = (
    name: 'name' | 'yields' | 'sd' | 'minutes' | 'value' | 'days' | 'caution',
    label: string,
    at: string,
    hint = '',
  ) => (
    <TextInput
      label={label}
      placeholder={hint}
      value={form[name]}
      readOnly={!me.sees_prices}
      onChange={(event) => set({ [name]: event.currentTarget.value })}
      error={faultAt(store.error, at)}
    />
  );
  const keep = () => {
    const ingredients = lines(form.ingredients).map((line) =>
      /^(.+?)\s+(-?[\d.]+)\s*(ml|g)(?:\s+([a-z ]+))?$/.exec(line),
    );
    const marks = lines(form.marks).map((line) => /^(\d+)\s+(?:min\s+)?([^/]+?)(?:\s*\/\s*(.+))?$/.exec(line));
    const faults = {
      ...(ingredients.some((one) => one === null) ? { ingredients: t('recipe.a-line-each-like-water-1200') } : {}),
      ...(marks.some((one) => one === null) ? { marks: t('recipe.a-line-each-like-25-skim') } : {}),
    };
    setUnclear(faults);
    if (Object.keys(faults).length > 0) {
      return;
    }
    store.mutate({
      params: { path: { recipe: id } },
      body: {
        name: form.name,
        bin: form.bin as Exclude<Recipe['bin'], 'discard'>,
        one_kind: form.one_kind,
        litres: form.litres,
        hot: form.hot,
        ingredients: ingredients.map((one) => ({
          name: one?.[1] ?? '',
          per_kg: Number(one?.[2]),
          poured: one?.[3] === 'ml',
          allergens: (one?.[4] ?? '').split(' ').filter((code) => code !== '') as 'gluten'[],
        })),
        marks: marks.map((one) => ({
          minute: Number(one?.[1]),
          doing: one?.[2] ?? '',
          ...(one?.[3] ? { why: one[3] } : {}),
        })),
        yield_per_kg: amount(form.yields),
        yield_sd: amount(form.sd) || 0,
        minutes: Number(form.minutes) || 0,
        value: form.value || '0',
        days_kept: Number(form.days) || 1,
        ...(form.caution ? { caution: form.caution } : {}),
        ...(recipe ? { version: recipe.version } : {}),
      },
    });
  };
  const flag = (name: 'one_kind' | 'litres' | 'hot', legend: string, no: string, yes: string) => (
    <Chips
      legend={legend}
      name={name}
      inline
      value={form[name] ? 'yes' : 'no'}
      options={[
        { value: 'no', label: no },
        { value: 'yes', label: yes },
      ]}
      onChange={(said) => set({ [name]: said === 'yes' })}
    />
  );
  return (
    <section className={cx(look.sheet, look.wide)}>
      <header className={look.headline}>
        <div>
          <h1>{recipe?.name ?? t('recipe.new-recipe')}</h1>
          <p className={look.soft}>
            {t('recipe.amounts-are-for-a-kilo-of')} <Link to="/route/house">{t('recipe.house-rules')}</Link>
          </p>
        </div>
      </header>
      <form
        className={look.dishForm}
        onSubmit={(event) => {
          event.preventDefault();
          keep();
        }}
      >
        <fieldset>
          <legend>{t('recipe.what-it-is')}</legend>
          {text('name', t('recipe.recipe'), '/name', t('recipe.white-stock'))}
          <NativeSelect
            label={t('recipe.from-bin')}
            value={form.bin}
            data={house.bins.map((bin) => ({ value: bin.bin, label: bin.name }))}
            onChange={(event) => set({ bin: event.currentTarget.value as Recipe['bin'] })}
          />
          {flag('litres', t('recipe.measured-in'), t('recipe.kilos'), t('recipe.litres'))}
          {flag('one_kind', t('recipe.fish'), t('recipe.any'), t('recipe.one-kind-only'))}
          {flag('hot', t('recipe.cooled-after'), t('recipe.no'), t('recipe.yes'))}
        </fieldset>
        <fieldset>
          <legend>{t('recipe.what-goes-in-and-when')}</legend>
          <Textarea
            label={t('recipe.other-ingredients')}
            rows={6}
            value={form.ingredients}
            readOnly={!me.sees_prices}
            onChange={(event) => set({ ingredients: event.currentTarget.value })}
            error={unclear.ingredients ?? faultAt(store.error, '/ingredients')}
          />
          <Textarea
            label={t('recipe.times-minute-what-why')}
            rows={6}
            value={form.marks}
            readOnly={!me.sees_prices}
            onChange={(event) => set({ marks: event.currentTarget.value })}
            error={unclear.marks ?? faultAt(store.error, '/marks')}
          />
        </fieldset>
        <fieldset>
          <legend>{t('recipe.yield')}</legend>
          <div className={look.pair}>
            {text(
              'yields',
              form.litres ? t('recipe.litres-a-kilo-gives') : t('recipe.kilos-a-kilo-gives'),
              '/yield_per_kg',
              '1.05',
            )}
            {text('sd', '±', '/yield_sd', '0.08')}
            {text('minutes', t('recipe.minutes'), '/minutes', '40')}
            {text('days', t('recipe.keeps-days'), '/days_kept', '3')}
          </div>
          {me.sees_prices &&
            text(
              'value',
              t('recipe.value-per', { measure: form.litres ? t('recipe.litre') : t('recipe.kg'), sign }),
              '/value',
              '4.20',
            )}
          {text('caution', t('recipe.mind'), '/caution')}
          <p className={look.fault} role="alert">
            {[store.error, retire.error].map((fault) =>
              fault && !asProblem(fault).errors ? asProblem(fault).detail : '',
            )}
          </p>
          {me.sees_prices ? (
            <>
              <Button type="submit" disabled={store.isPending}>
                {t('recipe.save-recipe')}
              </Button>
              {recipe && (
                <Button
                  variant="default"
                  onClick={() => retire.mutate({ params: { path: { recipe: id } }, body: { version: recipe.version } })}
                >
                  {t('recipe.remove-from-the-list')}
                </Button>
              )}
            </>
          ) : (
            <p className={look.soft}>{t('recipe.the-head-chef-edits-recipes')}</p>
          )}
        </fieldset>
      </form>
    </section>
  );
}

const lines = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
