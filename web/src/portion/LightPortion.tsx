import { Button } from '@mantine/core';
import cx from 'clsx';
import type { PortionBench } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';

type Props = {
  light: PortionBench['portions'][number];
  busy: boolean;
  onGive: (dish: string) => void;
  onGrade: () => void;
};

/** A portion too light for its dish, and the dish that takes it; or all of them graded by weight at once. */
export function LightPortion({ light, busy, onGive, onGrade }: Props) {
  const { rather } = light;
  return (
    rather && (
      <p className={cx(look.remark, look.quietRemark)}>
        <span>
          <b>{light.name}</b> {t('portion.is-too-light-for')} {light.dish}
          {t('portion.takes-it', { rather: rather.name, how: rather.how })}
        </span>
        <Button variant="default" onClick={() => onGive(rather.dish)}>
          {t('portion.give-it-to', { rather: rather.name })}
        </Button>
        <Button variant="default" disabled={busy} onClick={onGrade}>
          {t('portion.grade-all')}
        </Button>
      </p>
    )
  );
}
