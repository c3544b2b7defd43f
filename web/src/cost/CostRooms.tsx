import { Rooms } from '../ui/Rooms';

export function CostRooms() {
  return (
    <Rooms
      label="Cost"
      rooms={[
        { to: '/cost', name: 'To cost' },
        { to: '/cost/plates', name: 'Plates' },
        { to: '/cost/ready-cut', name: 'Whole fish or fillets' },
        { to: '/cost/prices', name: 'Price lists' },
        { to: '/cost/house', name: 'Costing rules' },
      ]}
    />
  );
}
