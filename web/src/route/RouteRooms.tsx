import { t } from '../lang';
import { Rooms } from '../ui/Rooms';

export function RouteRooms() {
  return (
    <Rooms
      label={t('routeRooms.route')}
      rooms={[
        { to: '/route', name: t('routeRooms.to-route') },
        { to: '/route/bins', name: t('routeRooms.bins') },
        { to: '/route/batches', name: t('routeRooms.batches') },
        { to: '/route/house', name: t('routeRooms.house-rules') },
      ]}
    />
  );
}
