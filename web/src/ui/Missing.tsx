import { Link } from 'react-router';
import { asProblem, type StageName } from '../api/client';
import { t } from '../lang';
import { look } from './look';

/** When what was asked for cannot be shown: the sentence, and the way back. */
export function Missing({ stage, error }: { stage: StageName | 'plan' | 'hold'; error: unknown }) {
  return (
    <section className={look.sheet}>
      <h1>{asProblem(error).title}</h1>
      <p>{asProblem(error).detail}</p>
      <Link to={`/${stage}`}>{t('missing.back-to-the-list')}</Link>
    </section>
  );
}
