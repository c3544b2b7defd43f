import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { Rooms } from '../ui/Rooms';

export function PlanRooms() {
  const { me } = useKitchen();
  return (
    <Rooms
      label={t('planRooms.plan')}
      rooms={[
        { to: '/plan', name: t('planRooms.today') },
        { to: '/plan/services', name: t('planRooms.services') },
        { to: '/plan/prep', name: t('planRooms.prep') },
        { to: '/plan/trim', name: t('planRooms.trim') },
        // What fish costs is for who may see prices.
        ...(me.role === 'head chef' ? [{ to: '/plan/order', name: t('planRooms.order') }] : []),
      ]}
    />
  );
}
