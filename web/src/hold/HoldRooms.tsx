import { t } from '../lang';
import { Rooms } from '../ui/Rooms';

export function HoldRooms() {
  return (
    <Rooms
      label={t('holdRooms.hold')}
      rooms={[
        { to: '/hold', name: t('holdRooms.timeline') },
        { to: '/hold/kept', name: t('holdRooms.kept') },
        { to: '/hold/treatments', name: t('holdRooms.treatments') },
        { to: '/hold/freezing', name: t('holdRooms.freezing') },
        { to: '/hold/thaw', name: t('holdRooms.thaw') },
        { to: '/hold/places', name: t('holdRooms.cold-places') },
        { to: '/hold/checks', name: t('holdRooms.checks') },
      ]}
    />
  );
}
