import { Link } from 'react-router';
import type { PortionBench } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';

/** What to know of the dish while it is cut: a lot that does not suit it, several pieces to its plate. */
export function DishNotes({ dish }: { dish: PortionBench['dishes'][number] }) {
  return (
    <>
      {dish.unsuited && (
        <p className={look.caution}>{t('portion.unsuited', { lot: dish.unsuited, dish: dish.name })}</p>
      )}
      {dish.per_plate > 1 && (
        <p className={look.soft}>
          {t('portion.so-many-to-a-plate', { count: dish.per_plate })}{' '}
          <Link to="/portion/servings">{t('portion.put-them-together')}</Link>
        </p>
      )}
    </>
  );
}
