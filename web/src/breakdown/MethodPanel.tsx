import { Button, UnstyledButton } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { ulid } from 'ulid';
import type { Bench } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { Batch } from './Batch';
import css from './MethodPanel.module.css';
import { Questions } from './Questions';

/** How a fish is cut: the methods for its build, and the questions each leaves open, with what an answer costs. */
export function MethodPanel(props: {
  bench: Bench;
  busy: boolean;
  onChoose: (method: string | null, choices: Record<string, string>, asked?: string) => void;
}) {
  const { me } = useKitchen();
  const { bench, onChoose, busy } = props;
  const { method } = bench;
  const [choosing, setChoosing] = useState(false);
  const [open, setOpen] = useState<string | null>(null);
  const offered = choosing ? bench.methods : bench.methods.filter((one) => !method || one.method === method.method);
  const chosen = Object.fromEntries((method?.questions ?? []).map((q) => [q.question, q.chosen]));

  return (
    <div className={css.method} aria-busy={busy}>
      {bench.fish.count > 1 && <Batch bench={bench} />}
      <div className={cx(css.methods, method && !choosing && css.one)} hidden={method !== null && open !== null}>
        {offered.map((one) => (
          <UnstyledButton
            className={css.choice}
            key={one.method}
            aria-pressed={one.method === method?.method}
            onClick={() => {
              setChoosing(one.method === method?.method && !choosing);
              if (one.method !== method?.method) {
                onChoose(one.method, {});
              }
            }}
          >
            <span className={look.key} aria-hidden="true" />
            <span className={look.name}>
              {one.name}
              {one.ours ? ` ${t('methodPanel.ours')}` : ''}
            </span>
            <span className={look.mass}>
              {one.why}
              {method && !choosing && ` ${t('methodPanel.touch-for-another')}`}
            </span>
          </UnstyledButton>
        ))}
      </div>
      {method && !choosing && method.questions.length > 0 && (
        <Questions
          key={method.method}
          questions={method.questions}
          open={open}
          onOpen={setOpen}
          onAnswer={(question, option) => onChoose(method.method, { ...chosen, [question]: option }, question)}
        />
      )}
      {method && (choosing || open === null) && (
        <p className={look.lineActions}>
          <Button variant="default" onClick={() => onChoose(null, {})}>
            {t('methodPanel.no-steps-weigh-in-any-order')}
          </Button>
          {me.role === 'head chef' && (
            <Button
              component={Link}
              variant="default"
              to={
                bench.methods.find((one) => one.method === method.method)?.ours
                  ? `/breakdown/methods/${method.method}`
                  : `/breakdown/methods/${ulid()}?from=${method.method}`
              }
            >
              {bench.methods.find((one) => one.method === method.method)?.ours
                ? t('methodPanel.edit-our-method')
                : t('methodPanel.copy-and-edit')}
            </Button>
          )}
          <Button component={Link} variant="default" to="/breakdown/trays">
            {t('methodPanel.tare-trays')}
          </Button>
        </p>
      )}
    </div>
  );
}
