import { Rooms } from '../ui/Rooms';

export function LogRooms() {
  return (
    <Rooms
      label="Log"
      rooms={[
        { to: '/log', name: 'Every fish' },
        { to: '/log/recall', name: 'Recall a lot' },
      ]}
    />
  );
}
