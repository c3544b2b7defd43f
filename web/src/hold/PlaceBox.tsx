import { Button, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { asProblem, type ColdPlace, type ColdPlaces, faultAt } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import { DayCurve } from './DayCurve';
import { LoggerFileIn } from './LoggerFileIn';
import css from './PlaceBox.module.css';
import { Shelf } from './Shelf';

const HOW = {
  logger: t('places.by-logger'),
  file: t('places.by-file'),
  typed: t('places.by-hand'),
  probe: t('places.by-probe'),
};

/** What a place says of itself in a sentence. */
function state(place: ColdPlace): string {
  if (place.silent) {
    return t('places.logger-silent', { at: place.at ?? '' });
  }
  if (place.shows === null) {
    return t('places.never-read');
  }
  const read = t('places.read-at', { at: place.at, how: place.how ? HOW[place.how] : '' });
  const next = place.overdue ? t('places.was-due', { due: place.due }) : t('places.due', { due: place.due });
  return [
    read,
    place.due === null ? '' : next,
    place.battery === null ? '' : t('places.battery', { battery: place.battery }),
  ]
    .filter(Boolean)
    .join(' ');
}

function outOfRange(one: ColdPlace['out'][number]): string {
  const to = one.to === null ? t('places.until-now') : t('places.until', { to: one.to });
  return one.how === 'too-warm'
    ? t('places.was-too-warm', { from: one.from, to, worst: one.worst })
    : t('places.was-too-cold', { from: one.from, to, worst: one.worst });
}

export function PlaceBox(props: {
  place: ColdPlace;
  onChanged: (places: ColdPlaces) => void;
  onLook: () => void;
  onEdit?: () => void;
}) {
  const { place } = props;
  const open = place.out.filter((one) => one.done === null);
  return (
    <li
      className={cx(
        css.placeBox,
        (place.range !== 'within' || open.length > 0) && place.range !== null && css.placeOut,
      )}
    >
      <header>
        <div>
          <h2>{place.name}</h2>
          <p className={look.soft}>
            {place.lowest !== null && place.highest !== null
              ? t('places.from-to', { lowest: place.lowest, highest: place.highest })
              : place.highest !== null
                ? t('places.at-most', { highest: place.highest })
                : t('places.no-limit')}
          </p>
        </div>
        <p className={css.placeShows} data-testid={`shows-${place.name}`}>
          {place.shows ?? '–'}
        </p>
      </header>
      <DayCurve place={place} />
      <Shelf place={place.name} />
      <p className={cx(css.placeState, (place.overdue || place.silent) && css.placeLate)}>{state(place)}</p>
      {place.refused > 0 && <p className={css.placeState}>{t('places.refused', { count: place.refused })}</p>}
      {place.out.slice(-2).map((one) => (
        <p key={`${one.from}${one.how}`} className={one.done === null ? css.placeLate : css.placeState}>
          {outOfRange(one)} {one.done && t('places.done', { what: one.done.what, by: one.done.by, at: one.done.at })}
        </p>
      ))}
      {open.length > 0 && <Act place={place} onChanged={props.onChanged} />}
      <ReadByHand place={place} onChanged={props.onChanged} onEdit={props.onEdit} onLook={props.onLook} />
    </li>
  );
}

function Act({ place, onChanged }: { place: ColdPlace; onChanged: (places: ColdPlaces) => void }) {
  const [what, setWhat] = useState('');
  const act = usePut(`places/${place.id}`, '/hold/places/{place}/acts/{act}', { onSuccess: onChanged });
  return (
    <form
      className={look.typed}
      onSubmit={(event) => {
        event.preventDefault();
        act.mutate({ params: { path: { place: place.id, act: ulid() } }, body: { what } });
      }}
    >
      <TextInput
        className={css.placeGrows}
        aria-label={t('places.what-was-done-in', { name: place.name })}
        placeholder={t('places.what-did-you-do')}
        value={what}
        error={faultAt(act.error, '/what')}
        onChange={(event) => setWhat(event.target.value)}
      />
      <Button type="submit" disabled={what.trim() === '' || act.isPending}>
        {t('places.write-down')}
      </Button>
    </form>
  );
}

function ReadByHand(props: {
  place: ColdPlace;
  onChanged: (places: ColdPlaces) => void;
  onLook: () => void;
  onEdit?: () => void;
}) {
  const { place } = props;
  const [typed, setTyped] = useState('');
  // What a logger reads is read by hand only when somebody wants to, or when it is silent.
  const [byHand, setByHand] = useState(false);
  const read = usePut(`places/${place.id}`, '/hold/places/{place}/readings/{reading}', {
    onSuccess: (places) => {
      setTyped('');
      setByHand(false);
      props.onChanged(places);
    },
  });
  const asks = byHand || place.silent || place.channel === '';
  return (
    <>
      {asks && (
        <form
          className={look.typed}
          onSubmit={(event) => {
            event.preventDefault();
            read.mutate({ params: { path: { place: place.id, reading: ulid() } }, body: { temperature: { typed } } });
          }}
        >
          <TextInput
            className={css.placeGrows}
            aria-label={t('places.temperature-of', { name: place.name })}
            placeholder={t('places.thermometer-says')}
            value={typed}
            autoComplete="off"
            onChange={(event) => setTyped(event.target.value)}
          />
          <Button type="submit" disabled={typed.trim() === '' || read.isPending}>
            {t('places.record')}
          </Button>
        </form>
      )}
      {read.error && (
        <p className={look.fault} role="alert">
          {asProblem(read.error).detail}
        </p>
      )}
      <div className={css.placeButtons}>
        {!asks && (
          <Button
            variant="default"
            aria-label={t('places.read-by-hand-at', { name: place.name })}
            onClick={() => setByHand(true)}
          >
            {t('places.read-by-hand')}
          </Button>
        )}
        <LoggerFileIn place={place.id} name={place.name} onTaken={props.onLook} />
        {props.onEdit && (
          <Button variant="default" onClick={props.onEdit} aria-label={t('places.edit-place', { name: place.name })}>
            {t('places.edit')}
          </Button>
        )}
      </div>
    </>
  );
}
