import { useKitchen } from '../kitchen/kitchen';
import { Rooms } from '../ui/Rooms';

export function ReceiveRooms() {
  const { me } = useKitchen();
  return (
    <Rooms
      label="Receive"
      rooms={[
        { to: '/receive', name: 'Cold room' },
        { to: '/receive/deliveries', name: 'Deliveries' },
        { to: '/receive/fish', name: 'Quick receive' },
        ...(me.sees_prices ? [{ to: '/receive/invoice', name: 'Import invoice' }] : []),
        { to: '/fish', name: 'Species' },
      ]}
    />
  );
}
