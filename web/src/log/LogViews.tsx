import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, type LogChoices } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './LogViews.module.css';

type View = LogChoices['views'][number];

/** Searches under a name: opened with one tap, saved from what is sought now. */
export function LogViews({ views, asked }: { views: View[]; asked: Record<string, string> }) {
  const queries = useQueryClient();
  const [naming, setNaming] = useState(false);
  const [name, setName] = useState('');
  const again = () => queries.invalidateQueries({ queryKey: api.queryOptions('get', '/log/choices', {}).queryKey });
  const keep = usePut('log views', '/log/views/{view}', {
    onSuccess: () => {
      setNaming(false);
      setName('');
      again();
    },
  });
  const remove = usePut('log views', '/log/views/{view}/retired', { onSuccess: again });
  const query = new URLSearchParams(asked).toString();
  const here = views.find((view) => view.query === query);
  return (
    <div className={css.logViews}>
      {views.map((view) => (
        <Link
          key={view.id}
          className={css.logView}
          to={`/log?${view.query}`}
          reloadDocument={view.query.includes('q=')}
          aria-current={view === here ? 'page' : undefined}
        >
          {view.name}
        </Link>
      ))}
      {query !== '' && !here && !naming && (
        <Button variant="subtle" onClick={() => setNaming(true)}>
          {t('log.save-this-view')}
        </Button>
      )}
      {here && (
        <Button
          variant="subtle"
          onClick={() => remove.mutate({ params: { path: { view: here.id } }, body: { version: here.version } })}
        >
          {t('log.remove-this-view')}
        </Button>
      )}
      {naming && (
        <form
          className={look.typed}
          onSubmit={(event) => {
            event.preventDefault();
            keep.mutate({ params: { path: { view: ulid() } }, body: { name: name.trim(), query } });
          }}
        >
          <TextInput
            aria-label={t('log.name-of-view')}
            placeholder={t('log.name-of-view')}
            data-autofocus
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <Button type="submit" disabled={name.trim() === '' || keep.isPending}>
            {t('log.save')}
          </Button>
        </form>
      )}
      {(keep.error ?? remove.error) && (
        <p className={look.fault} role="alert">
          {asProblem(keep.error ?? remove.error).detail}
        </p>
      )}
    </div>
  );
}
