import { TextInput } from '@mantine/core';
import { Link } from 'react-router';
import type { PortionBench } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';

type Props = {
  fish: string;
  source: PortionBench['sources'][number];
  part: string;
  many: string;
  onMany: (many: string) => void;
};

/** Fillets that were weighed together: one pattern for all, and several portions on the scale at once. */
export function Together({ fish, source, part, many, onMany }: Props) {
  return (
    <div className={look.trayHead}>
      {part === 'portion' && (
        <TextInput
          w={150}
          aria-label={t('together.portions-on-the-scale')}
          placeholder={t('together.1-on-the-scale')}
          inputMode="numeric"
          value={many}
          onChange={(event) => onMany(event.currentTarget.value)}
        />
      )}
      <p className={look.soft}>
        {source.every !== null && source.every > 1 ? `${t('together.weigh-every', { every: source.every })} ` : ''}
        <Link to={`/portion/${fish}/pattern/${source.piece}`}>{t('together.one-pattern-for-all')}</Link>
      </p>
    </div>
  );
}
