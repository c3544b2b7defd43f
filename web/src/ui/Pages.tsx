import { Link } from 'react-router';

/** Newer and older pages of a list; nothing where there is only one. */
export function Pages(props: { of: string; to: string; page: number; pages: number; total: number }) {
  const { page, pages, total, to, of } = props;
  if (pages < 2) {
    return null;
  }
  return (
    <nav className="pages" aria-label={`Pages of ${of}`}>
      <Link to={`${to}?page=${page - 1}`} aria-disabled={page <= 1} className="quiet">
        Newer
      </Link>
      <span>
        {page} of {pages}, {total} {of}
      </span>
      <Link to={`${to}?page=${page + 1}`} aria-disabled={page >= pages} className="quiet">
        Older
      </Link>
    </nav>
  );
}
