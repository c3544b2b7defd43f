import { Button } from '@mantine/core';
import cx from 'clsx';
import { Link } from 'react-router';
import type { Door } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';

/** What is not as invoiced so far, and the way to the claim. */
export function ClaimSoFar({ door }: { door: Door }) {
  const count = door.claim?.items.length ?? 0;
  return (
    <p className={cx(look.remark, look.quietRemark)}>
      <span>
        <b>
          {door.claim?.total
            ? t('claimSoFar.to-claim', { total: door.claim.total })
            : t('claimSoFar.to-settle', { n: count })}
        </b>
        {t('claimSoFar.not-as-invoiced', {
          count: count,
          n: count,
          so_far: door.delivery.open ? ` ${t('claimSoFar.so-far')}` : '',
        })}
      </span>
      <Button component={Link} variant="default" to={`/receive/deliveries/${door.delivery.id}/claim`}>
        {t('claimSoFar.open-claim')}
      </Button>
    </p>
  );
}
