import { spoken } from './lang';

// A module may say something as it is read, so that the words come first.
void spoken().then(() => import('./page'));
