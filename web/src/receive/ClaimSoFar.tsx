import { Button } from '@mantine/core';
import { Link } from 'react-router';
import type { Door } from '../api/client';

/** What is not as invoiced so far, and the way to the claim. */
export function ClaimSoFar({ door }: { door: Door }) {
  const count = door.claim?.items.length ?? 0;
  return (
    <p className="remark quiet-remark">
      <span>
        <b>{door.claim?.total ? `${door.claim.total} to claim` : `${count} to settle`}</b>: {count}{' '}
        {count === 1 ? 'thing is' : 'things are'} not as invoiced{door.delivery.open ? ' so far' : ''}.
      </span>
      <Button component={Link} variant="default" to={`/receive/deliveries/${door.delivery.id}/claim`}>
        Open claim
      </Button>
    </p>
  );
}
