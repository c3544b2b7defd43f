import { Button, Table } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { Link } from 'react-router';
import { api, asProblem, type Shapes } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { lowerFirst } from '../ui/words';
import { PortionRooms } from './PortionRooms';
import css from './ShapesScreen.module.css';

/** What the house learned of how its fillets run, from pieces cut at known places. */
export function ShapesScreen() {
  const { me } = useKitchen();
  const queries = useQueryClient();
  const { data, error } = api.useQuery('get', '/portion/shapes');
  const reset = api.useMutation('put', '/portion/shapes/{species}/{shape}/reset', {
    onSuccess: () => queries.invalidateQueries(),
  });
  return (
    <section className={cx(look.sheet, look.wide)}>
      <PortionRooms />
      <div>
        <h1>{t('shapes.shapes')}</h1>
        <p className={look.soft}>
          {t('shapes.every-piece-cut-at-a-mark')} {data?.starts_as} {t('shapes.fillets-after-that-the-house-knows')}
        </p>
      </div>
      <p className={look.fault} role="alert">
        {(error ?? reset.error) ? asProblem(error ?? reset.error).detail : ''}
      </p>
      {data?.shapes.length === 0 && (
        <div className={look.empty}>
          <h2>{t('shapes.nothing-learned-yet')}</h2>
          <p>{t('shapes.plan-the-cuts-of-a-fillet')}</p>
          <Link to="/portion">{t('shapes.fish-to-be-portioned')}</Link>
        </div>
      )}
      {data?.shapes.map((shape) => (
        <article
          className={css.shape}
          key={`${shape.species}${shape.shape}`}
          aria-label={`${shape.fish}, ${lowerFirst(shape.name)}`}
        >
          <div>
            <h2>
              {shape.fish}, {lowerFirst(shape.name)}
            </h2>
            <p className={look.soft}>
              {shape.fillets === 0
                ? t('shapes.reset-the-starting-shape-is-used', { reset_at: shape.reset_at })
                : t('shapes.from-pieces-of', {
                    count: shape.fillets,
                    pieces: shape.pieces,
                    fillets: shape.fillets,
                    since: shape.reset_at ? ` ${t('shapes.since', { reset_at: shape.reset_at })}` : '',
                  })}
            </p>
          </div>
          <Curves shape={shape} />
          <Table className={look.tight}>
            <Table.Caption className={look.visuallyHidden}>{t('shapes.how-far-pieces-are-from-what')}</Table.Caption>
            <Table.Tbody>
              <Table.Tr>
                <Table.Th scope="row">{t('shapes.starting-shape-off-by')}</Table.Th>
                <Table.Td>{shape.before ?? '–'}</Table.Td>
              </Table.Tr>
              <Table.Tr>
                <Table.Th scope="row">{t('shapes.the-houses-off-by')}</Table.Th>
                <Table.Td>
                  <b>{shape.after ?? '–'}</b>
                </Table.Td>
              </Table.Tr>
            </Table.Tbody>
          </Table>
          {me.sees_prices && shape.fillets > 0 && (
            <Button
              variant="default"
              onClick={() => reset.mutate({ params: { path: { species: shape.species, shape: shape.shape } } })}
            >
              {t('shapes.reset-learned-shape')}
            </Button>
          )}
        </article>
      ))}
    </section>
  );
}

function Curves({ shape }: { shape: Shapes['shapes'][number] }) {
  const most = Math.max(...[...shape.starting, ...shape.house].map(([, mass = 0]) => mass));
  const path = (curve: number[][]) =>
    `M${curve.map(([x = 0, mass = 0]) => `${300 * x} ${96 - (86 * mass) / most}`).join('L')}`;
  return (
    <figure className={css.curves}>
      <svg viewBox="0 0 300 100" aria-hidden="true">
        <path d="M0 96H300" stroke="var(--line-strong)" />
        <path d={path(shape.starting)} fill="none" stroke="var(--ink-soft)" strokeWidth="1.5" strokeDasharray="5 4" />
        <path d={path(shape.house)} fill="none" stroke="var(--portion)" strokeWidth="3" />
      </svg>
      <figcaption className={look.soft}>{t('shapes.weight-along-the-fillet-head-end')}</figcaption>
    </figure>
  );
}
