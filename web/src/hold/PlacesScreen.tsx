import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { api, type ColdPlaces } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { HoldRooms } from './HoldRooms';
import { PlaceBox } from './PlaceBox';
import { PlaceForm } from './PlaceForm';
import css from './PlacesScreen.module.css';

export const placesKey = api.queryOptions('get', '/hold/places', {}).queryKey;

/** A section through the cold: each place with its temperature on its edge, its day, and what is to be done there. */
export function PlacesScreen() {
  const queries = useQueryClient();
  const { data, error } = api.useQuery('get', '/hold/places', {}, { refetchInterval: 30_000 });
  const [editing, setEditing] = useState<string | null>(null);
  if (error) {
    return <Missing stage="hold" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('places.loading')}</p>;
  }
  const settled = (places: ColdPlaces) => {
    queries.setQueryData(placesKey, places);
    setEditing(null);
  };
  return (
    <section className={cx(look.sheet, look.wide)}>
      <HoldRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('places.cold-places')}</h1>
          <p className={look.soft}>
            {t('places.intro')} <a href="/api/hold/temperatures.csv">{t('places.all-readings-csv')}</a>
          </p>
        </div>
        {data.can_set_up && editing === null && (
          <Button variant="default" onClick={() => setEditing('new')}>
            {t('places.add-a-place')}
          </Button>
        )}
      </div>
      {editing !== null && (
        <PlaceForm
          key={editing}
          place={data.places.find((one) => one.id === editing)}
          onDone={settled}
          onCancel={() => setEditing(null)}
        />
      )}
      {data.places.length === 0 && editing === null && (
        <div className={look.empty}>
          <h2>{t('places.none')}</h2>
          <p>{t('places.none-yet')}</p>
        </div>
      )}
      <ul className={css.placesSection}>
        {data.places.map((place) => (
          <PlaceBox
            key={place.id}
            place={place}
            onChanged={settled}
            onLook={() => queries.invalidateQueries({ queryKey: placesKey })}
            onEdit={data.can_set_up ? () => setEditing(place.id) : undefined}
          />
        ))}
      </ul>
    </section>
  );
}
