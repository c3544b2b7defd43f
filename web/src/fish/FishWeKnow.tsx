import { TextInput } from '@mantine/core';
import { keepPreviousData } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api } from '../api/client';
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
          <h1>Species</h1>
          <p className="soft">{data?.species.length ?? 0} species. Your own figures replace the defaults.</p>
        </div>
        <TextInput
          className="seek"
          type="search"
          aria-label="Search species"
          placeholder="Any name, or the FAO code"
          value={q}
          onChange={(event) => setQ(event.target.value)}
        />
      </div>
      {data?.species.length === 0 && (
        <div className="empty">
          <h2>No species matches “{q}”</h2>
          <p>A new species is added by receiving it under its name.</p>
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
            <span className="soft">{fish.ours ? 'ours' : ''}</span>
          </Link>
        ))}
      </div>
    </section>
  );
}
