import { spoken } from './lang';

// A module may say something as it is read, so that the words come first; what cannot be fetched is said in English.
void spoken()
  .catch(() => undefined)
  .then(() => import('./page'));
