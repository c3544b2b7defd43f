import { t } from '../lang';
import { Rooms } from '../ui/Rooms';

export function LogRooms() {
  return (
    <Rooms
      label={t('logRooms.log')}
      rooms={[
        { to: '/log', name: t('logRooms.every-fish') },
        { to: '/log/walk', name: t('logRooms.grams') },
        { to: '/log/effects', name: t('logRooms.effects') },
        { to: '/log/recall', name: t('logRooms.recall-a-lot') },
      ]}
    />
  );
}
