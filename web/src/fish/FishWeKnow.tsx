import { TextInput } from '@mantine/core';
import { keepPreviousData } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api } from '../api/client';
import { t } from '../lang';
import { ReceiveRooms } from '../receive/ReceiveRooms';

const FORMS = { round: 'round', flat: 'flat', tail: 'tail' };

/** The catalogue: every fish the house knows, found by any of its names. */
export function FishWeKnow() {
  const [q, setQ] = useState('');
  const { data } = api.useQuery('get', '/fish', { params: { query: { q } } }, { placeholderData: keepPreviousData });
  return (
    <section className="sheet wide">
      <ReceiveRooms />
      <div className="headline">
        <div>
          <h1>{t('fishWeKnow.species')}</h1>
          <p className="soft">
            {t('fishWeKnow.species-your-own-figures-replace-the', { species: data?.species.length ?? 0 })}
          </p>
        </div>
        <TextInput
          className="seek"
          type="search"
          aria-label={t('fishWeKnow.search-species')}
          placeholder={t('fishWeKnow.any-name-or-the-fao-code')}
          value={q}
          onChange={(event) => setQ(event.target.value)}
        />
      </div>
      {data?.species.length === 0 && (
        <div className="empty">
          <h2>{t('fishWeKnow.no-species-matches', { q })}</h2>
          <p>{t('fishWeKnow.a-new-species-is-added-by')}</p>
        </div>
      )}
      <div className="rows">
        {data?.species.map((fish) => (
          <Link className="species-row" key={fish.id} to={`/fish/${fish.id}`}>
            <span>
              <b>{fish.name}</b>
              <span className="soft">{fish.other_names.join(', ')}</span>
            </span>
            <i>{fish.scientific}</i>
            <span>{fish.code}</span>
            <span>
              {FORMS[fish.form]}, {fish.fat}
            </span>
            <span className="soft">{fish.hazards.join(', ')}</span>
            <span className="soft">{fish.ours ? t('fishWeKnow.ours') : ''}</span>
          </Link>
        ))}
      </div>
    </section>
  );
}
