import type { LearnerDetail } from '../api/client';
import { t } from '../lang';
import type { Skill } from './drill';

export const SKILLS: Record<Skill, string> = {
  order: t('practise.order'),
  bones: t('practise.bones'),
  weight: t('practise.weight'),
  cuts: t('practise.cuts'),
  fresh: t('practise.fresh'),
  sheets: t('practise.sheets'),
  bins: t('practise.bins'),
  raw: t('practise.raw'),
};

export const PROGRESS: Record<LearnerDetail['skills'][number]['progress'], string> = {
  new: t('practise.new'),
  practised: t('practise.practised'),
  steady: t('practise.steady'),
  passed: t('practise.passed'),
};

export const GATES: Record<LearnerDetail['gates'][number]['gate'], string> = {
  bones: t('practise.gate-bones'),
  eye: t('practise.gate-eye'),
  'many-boned': t('practise.gate-many-boned'),
};
