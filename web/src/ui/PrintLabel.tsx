import { Button } from '@mantine/core';
import { useState } from 'react';
import { ulid } from 'ulid';
import { t } from '../lang';
import { usePut } from './usePut';

/** Sends the label of a thing to the printer, and says so. */
export function PrintLabel(props: { kind: 'pack' | 'treating' | 'batch' | 'tub'; id: string; name: string }) {
  const [done, setDone] = useState(false);
  const print = usePut('labels', '/hold/labels/{job}', { onSuccess: () => setDone(true) });
  return (
    <Button
      variant="default"
      flex="none"
      disabled={print.isPending}
      aria-label={t('printLabel.of', { name: props.name })}
      onClick={() => print.mutate({ params: { path: { job: ulid() } }, body: { kind: props.kind, id: props.id } })}
    >
      {done ? t('printLabel.printed') : t('printLabel.print')}
    </Button>
  );
}
