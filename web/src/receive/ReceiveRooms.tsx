import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { Rooms } from '../ui/Rooms';

export function ReceiveRooms() {
  const { me } = useKitchen();
  return (
    <Rooms
      label={t('receiveRooms.receive')}
      rooms={[
        { to: '/receive', name: t('receiveRooms.cold-room') },
        { to: '/receive/deliveries', name: t('receiveRooms.deliveries') },
        { to: '/receive/fish', name: t('receiveRooms.quick-receive') },
        ...(me.sees_prices ? [{ to: '/receive/invoice', name: t('receiveRooms.import-invoice') }] : []),
        { to: '/receive/sourcing', name: t('receiveRooms.not-bought') },
        { to: '/fish', name: t('receiveRooms.species') },
      ]}
    />
  );
}
