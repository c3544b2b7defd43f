import type { Family, GramsWalk } from '../api/client';
import { t } from '../lang';

type Code = GramsWalk['steps'][number]['step'];

/** What each step of the walk is called, what it is, and by which texture it is drawn. */
export const STEPS: Record<Code, { name: string; what: string; family: Family }> = {
  process: { name: t('walk.process'), what: t('walk.process-what'), family: 'discard' },
  guts: { name: t('walk.guts'), what: t('walk.guts-what'), family: 'discard' },
  bones: { name: t('walk.bones'), what: t('walk.bones-what'), family: 'stock' },
  skin: { name: t('walk.skin'), what: t('walk.skin-what'), family: 'stock' },
  'frame-left': { name: t('walk.frame-left'), what: t('walk.frame-left-what'), family: 'usable' },
  otherwise: { name: t('walk.otherwise'), what: t('walk.otherwise-what'), family: 'usable' },
  tidy: { name: t('walk.tidy'), what: t('walk.tidy-what'), family: 'usable' },
  ends: { name: t('walk.ends'), what: t('walk.ends-what'), family: 'usable' },
  'to-portion': { name: t('walk.to-portion'), what: t('walk.to-portion-what'), family: 'portion' },
  'left-over': { name: t('walk.left-over'), what: t('walk.left-over-what'), family: 'usable' },
  over: { name: t('walk.over'), what: t('walk.over-what'), family: 'portion' },
  unserved: { name: t('walk.unserved'), what: t('walk.unserved-what'), family: 'usable' },
  discarded: { name: t('walk.discarded'), what: t('walk.discarded-what'), family: 'discard' },
  kept: { name: t('walk.kept'), what: t('walk.kept-what'), family: 'portion' },
  plates: { name: t('walk.plates'), what: t('walk.plates-what'), family: 'portion' },
};
