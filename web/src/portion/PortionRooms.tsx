import { t } from '../lang';
import { Rooms } from '../ui/Rooms';

export function PortionRooms() {
  return (
    <Rooms
      label={t('portionRooms.portion')}
      rooms={[
        { to: '/portion', name: t('portionRooms.to-portion') },
        { to: '/portion/tonight', name: t('portionRooms.tonight') },
        { to: '/portion/servings', name: t('portionRooms.servings') },
        { to: '/portion/trays', name: t('portionRooms.trays-and-labels') },
        { to: '/portion/dishes', name: t('portionRooms.dishes') },
        { to: '/portion/shapes', name: t('portionRooms.shapes') },
      ]}
    />
  );
}
