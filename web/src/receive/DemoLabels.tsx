import { Button } from '@mantine/core';
import { api } from '../api/client';
import { t } from '../lang';
import { typeAsScanner } from '../ui/useScanner';

/** Only in the demo kitchen: labels to hold under a scanner, which types what they say. */
export function DemoLabels() {
  const { data } = api.useQuery('get', '/scanner/labels', {}, { staleTime: Number.POSITIVE_INFINITY });
  return (
    <div className="demo-pan labels">
      <p className="soft">{t('demoLabels.demo-hold-a-label-under-the')}</p>
      <div className="row">
        {data?.labels.map((label) => (
          <Button key={label.name} variant="default" onClick={() => typeAsScanner(label.text)}>
            {label.name}
          </Button>
        ))}
      </div>
    </div>
  );
}
