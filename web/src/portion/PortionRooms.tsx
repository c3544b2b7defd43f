import { Rooms } from '../ui/Rooms';

export function PortionRooms() {
  return (
    <Rooms
      label="Portion"
      rooms={[
        { to: '/portion', name: 'To portion' },
        { to: '/portion/tonight', name: 'Tonight' },
        { to: '/portion/trays', name: 'Trays and labels' },
        { to: '/portion/dishes', name: 'Dishes' },
        { to: '/portion/shapes', name: 'Shapes' },
      ]}
    />
  );
}
