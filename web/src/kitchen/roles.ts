import type { People } from '../api/client';
import { t } from '../lang';

export type Role = People['people'][number]['role'];

/** What somebody is here, in words. */
export const ROLES: Record<Role, string> = {
  cutter: t('people.cutter'),
  trainee: t('people.trainee'),
  'head chef': t('people.head-chef'),
};
