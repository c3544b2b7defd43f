import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { Rooms } from '../ui/Rooms';

/** The screens about the house itself; those of the head chef beside everybody's own. */
export function HouseRooms() {
  const { me } = useKitchen();
  return (
    <Rooms
      label={t('houseRooms.house')}
      rooms={[
        ...(me.role === 'head chef'
          ? [
              { to: '/settings', name: t('houseRooms.settings') },
              { to: '/people', name: t('houseRooms.people') },
              { to: '/audit', name: t('houseRooms.audit') },
            ]
          : []),
        { to: '/me', name: t('houseRooms.you') },
      ]}
    />
  );
}
