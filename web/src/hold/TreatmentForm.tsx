import { Button, Checkbox, NumberInput, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { asProblem, faultAt, type HouseTreatment } from '../api/client';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './TreatmentForm.module.css';
import { AIMS } from './treatmentWords';

type Kind = HouseTreatment['kind'];
type Aim = HouseTreatment['aims'][number];

const KINDS: { value: Kind; label: string }[] = [
  { value: 'timed-brine', label: t('treatments.timed-brine') },
  { value: 'even-brine', label: t('treatments.even-brine') },
  { value: 'dry-salt', label: t('treatments.dry-salt') },
  { value: 'cure', label: t('treatments.cure') },
  { value: 'acid-dip', label: t('treatments.acid-dip') },
  { value: 'marinade', label: t('treatments.marinade') },
  { value: 'dry', label: t('treatments.dry') },
  { value: 'smoke', label: t('treatments.smoke') },
];

const FIGURES: Record<string, { label: string; kinds: Kind[] }> = {
  strength_pct: { label: t('treatments.strength'), kinds: ['timed-brine'] },
  brine_ratio: { label: t('treatments.brine-by-fish'), kinds: ['timed-brine', 'even-brine'] },
  target_pct: { label: t('treatments.target'), kinds: ['timed-brine', 'even-brine'] },
  salt_pct: { label: t('treatments.salt-of-fish'), kinds: ['dry-salt', 'cure'] },
  sugar_pct: { label: t('treatments.sugar-of-fish'), kinds: ['dry-salt', 'cure'] },
  minutes_from: { label: t('treatments.minutes-from'), kinds: [] },
  minutes: { label: t('treatments.minutes'), kinds: [] },
  minutes_to: { label: t('treatments.minutes-to'), kinds: [] },
  turn_every: { label: t('treatments.turn-every'), kinds: ['even-brine', 'cure', 'marinade'] },
  change_pct: { label: t('treatments.change'), kinds: [] },
  change_sd: { label: t('treatments.change-sd'), kinds: [] },
};

/** The head chef writes down how the house treats fish. */
export function TreatmentForm(props: { treatment?: HouseTreatment; onDone: () => void; onCancel: () => void }) {
  const { treatment } = props;
  const [id] = useState(treatment?.id ?? ulid());
  const [name, setName] = useState(treatment?.name ?? '');
  const [kind, setKind] = useState<Kind>(treatment?.kind ?? 'timed-brine');
  const [aims, setAims] = useState<Aim[]>(treatment?.aims ?? ['season']);
  const [figures, setFigures] = useState<Record<string, number | ''>>(() =>
    Object.fromEntries(
      Object.keys(FIGURES).map((key) => {
        const known: unknown = treatment?.[key as keyof HouseTreatment];
        return [key, typeof known === 'number' ? known : key === 'change_sd' ? 2 : key === 'change_pct' ? 0 : ''];
      }),
    ),
  );
  const [rinse, setRinse] = useState(treatment?.rinse ?? true);
  const [dry, setDry] = useState(treatment?.dry ?? true);
  const store = usePut('treatments', '/hold/treatments/{treatment}', { onSuccess: props.onDone });
  const shown = Object.entries(FIGURES).filter(([, one]) => one.kinds.length === 0 || one.kinds.includes(kind));
  const said = Object.fromEntries(shown.map(([key]) => [key, figures[key]]).filter(([, value]) => value !== ''));
  return (
    <form
      className={css.treatmentForm}
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate({
          params: { path: { treatment: id } },
          body: {
            ...(said as {
              minutes_from: number;
              minutes: number;
              minutes_to: number;
              change_pct: number;
              change_sd: number;
            }),
            name,
            kind,
            aims,
            rinse,
            dry,
            ...(treatment ? { version: treatment.version, uses: treatment.uses, caution: treatment.caution } : {}),
            ...(treatment?.service ? { service: treatment.service } : {}),
          },
        });
      }}
    >
      <TextInput
        label={t('treatments.name')}
        value={name}
        error={faultAt(store.error, '/name')}
        onChange={(event) => setName(event.target.value)}
      />
      <Chips legend={t('treatments.kind')} name="kind" value={kind} options={KINDS} onChange={setKind} />
      <fieldset className={css.treatmentAims}>
        <legend>{t('treatments.what-for')}</legend>
        {(Object.keys(AIMS) as Aim[]).map((aim) => (
          <Checkbox
            key={aim}
            label={AIMS[aim]}
            checked={aims.includes(aim)}
            onChange={() => setAims((all) => (all.includes(aim) ? all.filter((one) => one !== aim) : [...all, aim]))}
          />
        ))}
      </fieldset>
      <div className={cx(look.fields, look.four)}>
        {shown.map(([key, one]) => (
          <NumberInput
            key={key}
            label={one.label}
            value={figures[key]}
            decimalScale={2}
            error={faultAt(store.error, `/${key}`)}
            onChange={(value) => setFigures((all) => ({ ...all, [key]: value === '' ? '' : Number(value) }))}
          />
        ))}
        <Checkbox
          label={t('treatments.rinse-after')}
          checked={rinse}
          onChange={(event) => setRinse(event.currentTarget.checked)}
        />
        <Checkbox
          label={t('treatments.dry-after')}
          checked={dry}
          onChange={(event) => setDry(event.currentTarget.checked)}
        />
      </div>
      {store.error && (
        <p className={look.fault} role="alert">
          {asProblem(store.error).detail}
        </p>
      )}
      <div className={css.treatmentButtons}>
        <Button type="submit" disabled={name.trim() === '' || aims.length === 0 || store.isPending}>
          {t('treatments.save')}
        </Button>
        <Button variant="default" onClick={props.onCancel}>
          {t('treatments.cancel')}
        </Button>
      </div>
    </form>
  );
}
