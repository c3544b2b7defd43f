import { TextInput } from '@mantine/core';
import { keepPreviousData } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { api } from '../api/client';
import { t } from '../lang';
import { ReceiveRooms } from '../receive/ReceiveRooms';
import { coded } from '../ui/codes';
import { look } from '../ui/look';
import css from './FishWeKnow.module.css';

/** The catalogue: every fish the house knows, found by any of its names. */
export function FishWeKnow() {
  const [q, setQ] = useState('');
  const { data } = api.useQuery('get', '/fish', { params: { query: { q } } }, { placeholderData: keepPreviousData });
  return (
    <section className={cx(look.sheet, look.wide)}>
      <ReceiveRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('fishWeKnow.species')}</h1>
          <p className={css.soft}>
            {t('fishWeKnow.species-your-own-figures-replace-the', { species: data?.species.length ?? 0 })}
          </p>
        </div>
        <TextInput
          className={look.seek}
          type="search"
          aria-label={t('fishWeKnow.search-species')}
          placeholder={t('fishWeKnow.any-name-or-the-fao-code')}
          value={q}
          onChange={(event) => setQ(event.target.value)}
        />
      </div>
      {data?.species.length === 0 && (
        <div className={look.empty}>
          <h2>{t('fishWeKnow.no-species-matches', { q })}</h2>
          <p>{t('fishWeKnow.a-new-species-is-added-by')}</p>
        </div>
      )}
      <div className={look.rows}>
        {data?.species.map((fish) => (
          <Link className={cx(look.listRow, css.speciesRow)} key={fish.id} to={`/fish/${fish.id}`}>
            <span>
              <b>{fish.name}</b>
              <span className={css.soft}>{fish.other_names.join(', ')}</span>
            </span>
            <i>{fish.scientific}</i>
            <span>{fish.code}</span>
            <span>
              {coded(fish.form)}, {coded(fish.fat)}
            </span>
            <span className={css.soft}>{fish.hazards.map(coded).join(', ')}</span>
            <span className={css.soft}>{fish.ours ? t('fishWeKnow.ours') : ''}</span>
          </Link>
        ))}
      </div>
    </section>
  );
}
