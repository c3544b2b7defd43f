import { Button } from '@mantine/core';
import { api } from '../api/client';
import { typeAsScanner } from '../ui/useScanner';

/** Only in the demo kitchen: labels to hold under a scanner, which types what they say. */
export function DemoLabels() {
  const { data } = api.useQuery('get', '/scanner/labels', {}, { staleTime: Number.POSITIVE_INFINITY });
  return (
    <div className="demo-pan labels">
      <p className="soft">Demo: hold a label under the scanner</p>
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
