export { MAX_CSV_ROWS, decodeText, parseTable, writeTable } from './csv';
export type { TableResult } from './csv';
