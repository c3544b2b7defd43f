import { TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, asProblem, faultAt } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { SliceDrawing } from './SliceDrawing';
import css from './SlicesScreen.module.css';

type Way = 'straight' | 'drawn' | 'thin';

/** Where each way begins: thickness and angle, to be changed. */
const WAYS: Record<Way, { thickness: string; angle: string }> = {
  straight: { thickness: '8 mm', angle: '90' },
  drawn: { thickness: '5 mm', angle: '45' },
  thin: { thickness: '2 mm', angle: '30' },
};

/** A loin in slices against the grain: its greatest block, how many slices of it, for how many covers. */
export function SlicesScreen() {
  const { fish = '', piece = '' } = useParams();
  const [way, setWay] = useState<Way>('drawn');
  const [form, setForm] = useState({ ...WAYS.drawn, per: '6', covers: '', width: '', from: '', to: '' });
  const set = (more: Partial<typeof form>) => setForm((now) => ({ ...now, ...more }));
  const typed = (name: 'width' | 'from' | 'to') => (form[name].trim() ? { [name]: form[name] } : {});
  const body = {
    thickness: form.thickness || '0',
    ...(Number(form.angle) > 0 ? { angle_deg: Number(form.angle) } : {}),
    ...(Number(form.per) > 0 ? { per_cover: Number(form.per) } : {}),
    ...(Number(form.covers) > 0 ? { covers: Number(form.covers) } : {}),
    ...typed('width'),
    ...typed('from'),
    ...typed('to'),
  };
  const { data, error } = api.useQuery(
    'post',
    '/portion/fish/{fish}/fillets/{piece}/slices',
    { params: { path: { fish, piece } }, body: useSettled(body) },
    PREVIEW,
  );
  const field = (name: keyof typeof form, label: string, hint: string, at: string) => (
    <TextInput
      label={label}
      placeholder={hint}
      value={form[name]}
      error={faultAt(error, at)}
      onChange={(event) => set({ [name]: event.currentTarget.value })}
    />
  );
  return (
    <section className={look.sheet}>
      <header className={look.headline}>
        <div>
          <h1>{t('slices.title', { name: data?.name ?? '' })}</h1>
          <p className={look.soft}>
            <Link to={`/portion/${fish}/plan/${piece}`}>{t('slices.back')}</Link>
          </p>
        </div>
        {data && (
          <p className={look.yield}>
            <b>{data.covers}</b>
            <span className={look.soft}>{t('slices.covers-given')}</span>
          </p>
        )}
      </header>
      <div className={look.columns}>
        <div className={css.slicesColumn}>
          <h2>{t('slices.the-slice')}</h2>
          <Chips
            legend={t('slices.the-slice')}
            name="way"
            quiet
            value={way}
            options={[
              { value: 'straight' as const, label: t('slices.straight') },
              { value: 'drawn' as const, label: t('slices.drawn') },
              { value: 'thin' as const, label: t('slices.thin') },
            ]}
            onChange={(chosen) => {
              setWay(chosen);
              set(WAYS[chosen]);
            }}
          />
          <div className={look.pair}>
            {field('thickness', t('slices.thickness'), t('slices.5-mm'), '/thickness')}
            {field('angle', t('slices.angle'), '45', '/angle_deg')}
            {field('per', t('slices.per-cover'), '6', '/per_cover')}
            {field('covers', t('slices.covers'), '12', '/covers')}
          </div>
          <h2>{t('slices.the-loin')}</h2>
          <div className={look.pair}>
            {field('width', t('slices.width'), t('slices.7-cm'), '/width')}
            {field('from', t('slices.from'), t('slices.0-cm'), '/from')}
            {field('to', t('slices.to'), t('slices.30-cm'), '/to')}
          </div>
        </div>
        <div className={css.slicesColumn} aria-live="polite">
          {data && (
            <>
              <SliceDrawing slant={data.slant_share} slices={data.slices} />
              <p>
                {t('slices.block', {
                  length: data.block.length,
                  width: data.block.width,
                  height: data.block.height,
                  mass: data.block.mass,
                  from: data.block.from,
                })}
              </p>
              <p>
                <b>
                  {t('slices.gives', {
                    slices: data.slices,
                    each: data.each,
                    face: data.face_cm2,
                    offcut: data.offcut,
                  })}
                </b>
              </p>
              {data.short !== null && (
                <p className={cx(look.remark, data.short === 0 && look.quietRemark)}>
                  {data.short === 0 ? t('slices.enough') : t('slices.short', { count: data.short })}
                </p>
              )}
            </>
          )}
          <p className={look.fault} role="alert">
            {error && !asProblem(error).errors ? asProblem(error).detail : ''}
          </p>
        </div>
      </div>
    </section>
  );
}
