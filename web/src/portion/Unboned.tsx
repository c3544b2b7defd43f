import { Button } from '@mantine/core';
import cx from 'clsx';
import type { PortionBench } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';

type Props = { side: PortionBench['bones'][number]; onCount: () => void };

/** A side whose pin bones are still to be counted: before it is cut, or out of its portions. */
export function Unboned({ side, onCount }: Props) {
  return (
    <p className={cx(look.remark, look.quietRemark)}>
      <span>
        <b>{side.name}.</b> {side.may_wait ? t('portion.bones-come-out-of-the-portions') : side.said}
      </span>
      <Button variant="default" onClick={onCount}>
        {t('portion.count-the-bones')}
      </Button>
    </p>
  );
}
