import { Rooms } from '../ui/Rooms';

export function RouteRooms() {
  return (
    <Rooms
      label="Route"
      rooms={[
        { to: '/route', name: 'To route' },
        { to: '/route/bins', name: 'Bins' },
        { to: '/route/batches', name: 'Batches' },
        { to: '/route/house', name: 'House rules' },
      ]}
    />
  );
}
