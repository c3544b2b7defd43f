import { t } from '../lang';

/**
 * Codes of the catalogue and of the yield steps in the page's language, where they stand in a list or a table as they are.
 *
 * A word that is none of these is one the house wrote, and stays.
 */
const WORDS: Record<string, string> = {
  'as bought': t('codes.as-bought'),
  gutted: t('codes.gutted'),
  headless: t('codes.headless'),
  fillets: t('codes.fillets'),
  trimmed: t('codes.trimmed'),
  skinned: t('codes.skinned'),
  portions: t('codes.portions'),
  low: t('codes.low'),
  'as expected': t('codes.as-expected'),
  high: t('codes.high'),
  round: t('codes.round'),
  flat: t('codes.flat'),
  tail: t('codes.tail'),
  lean: t('codes.lean'),
  medium: t('codes.medium'),
  oily: t('codes.oily'),
  none: t('codes.none'),
  small: t('codes.small'),
  large: t('codes.large'),
  bony: t('codes.bony'),
  short: t('codes.short'),
  long: t('codes.long'),
  many: t('codes.many'),
  parasites: t('codes.parasites'),
  histamine: t('codes.histamine'),
  ciguatera: t('codes.ciguatera'),
  purging: t('codes.purging'),
  freshwater: t('codes.freshwater'),
  toxin: t('codes.toxin'),
  cheeks: t('codes.cheeks'),
  collar: t('codes.collar'),
  belly: t('codes.belly'),
  roe: t('codes.roe'),
  frill: t('codes.frill'),
  liver: t('codes.liver'),
  skin: t('codes.skin'),
  house: t('codes.house'),
};

export const coded = (code: string): string => WORDS[code] ?? code;

/** Several with something between them: "parasites histamine". */
export const codedEach = (codes: string): string => codes.split(' ').map(coded).join(', ');
