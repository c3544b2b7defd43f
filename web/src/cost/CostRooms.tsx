import { t } from '../lang';
import { Rooms } from '../ui/Rooms';

export function CostRooms() {
  return (
    <Rooms
      label={t('costRooms.cost')}
      rooms={[
        { to: '/cost', name: t('costRooms.to-cost') },
        { to: '/cost/plates', name: t('costRooms.plates') },
        { to: '/cost/ready-cut', name: t('costRooms.whole-fish-or-fillets') },
        { to: '/cost/prices', name: t('costRooms.price-lists') },
        { to: '/cost/house', name: t('costRooms.costing-rules') },
      ]}
    />
  );
}
