import board from './board.module.css';
import pan from './pan.module.css';
import rows from './rows.module.css';
import sheet from './sheet.module.css';

/** What screens of several stages look like: benches, sheets, rows, fields. A screen's own looks lie beside it. */
export const look: Record<string, string | undefined> = { ...board, ...pan, ...rows, ...sheet };
