import { Button } from '@mantine/core';
import cx from 'clsx';
import { api } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { typeAsScanner } from '../ui/useScanner';
import css from './DemoLabels.module.css';

/** Only in the demo kitchen: labels to hold under a scanner, which types what they say. */
export function DemoLabels() {
  const { data } = api.useQuery('get', '/scanner/labels', {}, { staleTime: Number.POSITIVE_INFINITY });
  return (
    <div className={cx(look.demoPan, css.labels)}>
      <p className={look.soft}>{t('demoLabels.demo-hold-a-label-under-the')}</p>
      <div className={css.row}>
        {data?.labels.map((label) => (
          <Button key={label.name} variant="default" onClick={() => typeAsScanner(label.text)}>
            {label.name}
          </Button>
        ))}
      </div>
    </div>
  );
}
