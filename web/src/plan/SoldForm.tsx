import { Button, Group, NumberInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { asProblem, type Service, type Services } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';

/** Who came to a service, and what they took. */
export function SoldForm(props: { service: Service; onDone: (services: Services) => void; onCancel: () => void }) {
  const { service } = props;
  const [act] = useState(ulid);
  const [covers, setCovers] = useState<number | ''>(service.sold_covers ?? '');
  const [sold, setSold] = useState<Record<string, number | ''>>(() =>
    Object.fromEntries(service.dishes.map((dish) => [dish.dish, dish.sold ?? ''])),
  );
  const store = usePut('services', '/plan/services/{service}/sold', { onSuccess: props.onDone });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate({
          params: { path: { service: service.id } },
          body: {
            act,
            covers: covers || 0,
            version: service.version,
            dishes: Object.entries(sold).flatMap(([dish, count]) => (count === '' ? [] : [{ dish, sold: count }])),
          },
        });
      }}
    >
      <div className={cx(look.fields, look.four)}>
        <NumberInput
          label={t('services.who-came')}
          min={0}
          value={covers}
          onChange={(typed) => setCovers(typed === '' ? '' : Number(typed))}
        />
        {service.dishes.map((dish) => (
          <NumberInput
            key={dish.dish}
            label={dish.name}
            min={0}
            value={sold[dish.dish] ?? ''}
            onChange={(typed) => setSold({ ...sold, [dish.dish]: typed === '' ? '' : Number(typed) })}
          />
        ))}
      </div>
      {store.error && (
        <p className={look.fault} role="alert">
          {asProblem(store.error).detail}
        </p>
      )}
      <Group gap={8} mt="md">
        <Button type="submit" disabled={covers === '' || store.isPending}>
          {t('services.save-sold')}
        </Button>
        <Button variant="default" onClick={props.onCancel}>
          {t('services.cancel')}
        </Button>
      </Group>
    </form>
  );
}
