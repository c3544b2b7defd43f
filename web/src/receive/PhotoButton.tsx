import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { ulid } from 'ulid';
import { api, asProblem } from '../api/client';
import { t } from '../lang';
import { base64 } from '../ui/base64';
import { look } from '../ui/look';

/** Takes a picture of the fish, or chooses one; the kitchen computer draws it anew. */
export function PhotoButton(props: { line: string; count: number; onKept?: (photo: string) => void }) {
  const { line, count } = props;
  const queries = useQueryClient();
  const field = useRef<HTMLInputElement>(null);
  const store = api.useMutation('put', '/receive/lines/{line}/photos/{photo}', {
    onSuccess: (photo) => {
      props.onKept?.(photo.id);
      queries.invalidateQueries({ queryKey: ['get', '/receive/lines/{line}/inspection'] });
    },
  });
  return (
    <div>
      <input
        ref={field}
        className={look.visuallyHidden}
        type="file"
        aria-label={t('photoButton.photo-of-the-fish')}
        accept="image/jpeg,image/png,image/webp"
        capture="environment"
        tabIndex={-1}
        onChange={async (event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) {
            store.mutate({ params: { path: { line, photo: ulid() } }, body: { image: await base64(file) } });
          }
        }}
      />
      <Button variant="default" fullWidth disabled={store.isPending} onClick={() => field.current?.click()}>
        {store.isPending
          ? t('photoButton.saving-the-photo')
          : count > 0
            ? t('photoButton.another-photo-saved', { n: count })
            : t('photoButton.add-a-photo')}
      </Button>
      {store.error && (
        <p className={look.fault} role="alert">
          {asProblem(store.error).detail}
        </p>
      )}
    </div>
  );
}
