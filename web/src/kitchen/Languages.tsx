import { Button } from '@mantine/core';
import { language, languages, speak, t } from '../lang';
import css from './Languages.module.css';

/** What this tablet is read in before somebody is signed in, each language by its own name. */
export function Languages() {
  return (
    <fieldset className={css.languages} aria-label={t('signIn.read-in')}>
      {languages().map((one) => (
        <Button
          key={one.value}
          variant="subtle"
          lang={one.value}
          aria-pressed={one.value === language}
          onClick={() => one.value !== language && speak(one.value)}
        >
          {one.label}
        </Button>
      ))}
    </fieldset>
  );
}
