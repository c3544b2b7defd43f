import { figure } from '../lang';
/** Points of yield with their sign: "+1.2", "−0.4", "±0". */
export function points(value: number, digits = 1): string {
  const text = figure(Math.abs(value), digits);
  if (!/[1-9]/.test(text)) {
    return '±0';
  }
  return `${value > 0 ? '+' : '−'}${text}`;
}
