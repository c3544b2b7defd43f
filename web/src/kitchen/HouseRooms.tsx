import { useKitchen } from '../kitchen/kitchen';
import { Rooms } from '../ui/Rooms';

/** The screens about the house itself; those of the head chef beside everybody's own. */
export function HouseRooms() {
  const { me } = useKitchen();
  return (
    <Rooms
      label="House"
      rooms={[
        ...(me.role === 'head chef'
          ? [
              { to: '/settings', name: 'Settings' },
              { to: '/people', name: 'People' },
            ]
          : []),
        { to: '/me', name: 'You' },
      ]}
    />
  );
}
