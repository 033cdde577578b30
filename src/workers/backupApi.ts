import { guardBackup } from '@/storage/backup/guard';

/** What the worker at the spare copy does: it stands by as long as it lives. */
export const backupApi = { guard: guardBackup };
export type BackupApi = typeof backupApi;
