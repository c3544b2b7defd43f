import { NativeSelect, TextInput } from '@mantine/core';
import { api, type Dish } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Several } from '../ui/Several';
import { BESIDE_FISH } from './allergens';

type Form = Pick<Dish, 'per_plate' | 'treatment' | 'size_of' | 'share_pct' | 'allergens'>;

type Props = {
  id: string;
  form: Form;
  onForm: (more: Partial<Form>) => void;
  fault: (pointer: string) => string | undefined;
};

/** How many pieces make the plate, of which dish this is another size, and what else stands on the plate. */
export function DishSizes({ id, form, onForm, fault }: Props) {
  const { data } = api.useQuery('get', '/portion/dishes', {});
  const treatments = api.useQuery('get', '/hold/treatments', {}).data?.treatments ?? [];
  const mains = (data?.dishes ?? []).filter((one) => one.id !== id && one.size_of === null);
  return (
    <>
      <div className={look.pair}>
        <NativeSelect
          label={t('dish.pieces-to-a-plate')}
          description={form.per_plate > 1 ? t('dish.the-weight-is-the-plates') : undefined}
          value={String(form.per_plate)}
          data={['1', '2', '3']}
          error={fault('/per_plate')}
          onChange={(event) => onForm({ per_plate: Number(event.currentTarget.value) })}
        />
        <NativeSelect
          label={t('dish.a-size-of')}
          value={form.size_of ?? ''}
          data={[
            { value: '', label: t('dish.no-other-dish') },
            ...mains.map((one) => ({ value: one.id, label: one.name })),
          ]}
          error={fault('/size_of')}
          onChange={(event) => onForm({ size_of: event.currentTarget.value || null })}
        />
      </div>
      {form.size_of && (
        <TextInput
          label={t('dish.share-of-its-orders')}
          inputMode="numeric"
          value={String(form.share_pct)}
          error={fault('/share_pct')}
          onChange={(event) => onForm({ share_pct: Number(event.currentTarget.value) || 0 })}
        />
      )}
      <NativeSelect
        label={t('dish.stands-before-service')}
        value={form.treatment ?? ''}
        data={[
          { value: '', label: t('dish.in-nothing') },
          ...treatments.map((one) => ({ value: one.id, label: one.name })),
        ]}
        error={fault('/treatment')}
        onChange={(event) => onForm({ treatment: event.currentTarget.value || null })}
      />
      <details open={form.allergens.length > 0}>
        <summary>{t('dish.allergens-beside-fish', { count: form.allergens.length })}</summary>
        <Several
          legend={t('dish.allergens')}
          chosen={form.allergens}
          options={Object.entries(BESIDE_FISH).map(([value, label]) => ({ value, label }))}
          onChange={(allergens) => onForm({ allergens })}
        />
      </details>
    </>
  );
}
