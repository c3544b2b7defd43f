import { Rooms } from '../ui/Rooms';

export function CostRooms() {
  return (
    <Rooms
      label="Cost"
      rooms={[
        { to: '/cost', name: 'To be costed' },
        { to: '/cost/plates', name: 'Plates' },
        { to: '/cost/ready-cut', name: 'Whole or ready cut' },
        { to: '/cost/prices', name: 'Price lists' },
        { to: '/cost/house', name: 'How we count' },
      ]}
    />
  );
}
