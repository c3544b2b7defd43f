import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { t } from '../lang';
import css from './Pages.module.css';

/** Newer and older pages of a list; nothing where there is only one. */
export function Pages(props: { of: string; to: string; also?: string; page: number; pages: number; total: number }) {
  const { page, pages, total, to, of, also = '' } = props;
  const rest = also === '' ? '' : `&${also}`;
  if (pages < 2) {
    return null;
  }
  return (
    <nav className={css.pages} aria-label={t('pages.pages-of', { of })}>
      <Button component={Link} variant="default" to={`${to}?page=${page - 1}${rest}`} aria-disabled={page <= 1}>
        {t('pages.newer')}
      </Button>
      <span>{t('pages.of', { page, pages, total, of })}</span>
      <Button component={Link} variant="default" to={`${to}?page=${page + 1}${rest}`} aria-disabled={page >= pages}>
        {t('pages.older')}
      </Button>
    </nav>
  );
}
