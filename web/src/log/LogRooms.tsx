import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { Rooms } from '../ui/Rooms';

export function LogRooms() {
  const { me } = useKitchen();
  return (
    <Rooms
      label={t('logRooms.log')}
      rooms={[
        { to: '/log', name: t('logRooms.every-fish') },
        ...(me.role === 'head chef' ? [{ to: '/log/week', name: t('logRooms.week') }] : []),
        { to: '/log/walk', name: t('logRooms.grams') },
        { to: '/log/effects', name: t('logRooms.effects') },
        { to: '/log/drift', name: t('logRooms.drift') },
        ...(me.role === 'head chef' ? [{ to: '/log/suppliers', name: t('logRooms.suppliers') }] : []),
        { to: '/log/cutters', name: t('logRooms.cutters') },
        { to: '/log/season', name: t('logRooms.season') },
        { to: '/log/recall', name: t('logRooms.recall-a-lot') },
        { to: '/log/origin', name: t('logRooms.origin') },
        ...(me.role === 'head chef'
          ? [
              { to: '/log/complaints', name: t('logRooms.complaints') },
              { to: '/log/house', name: t('logRooms.house') },
            ]
          : []),
      ]}
    />
  );
}
