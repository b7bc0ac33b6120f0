import { hash } from 'node:crypto';

/** What a backup holds, as its file has it. */
interface Content {
  setups: unknown;
  record: unknown;
}

/** SHA-256 of what a backup holds, hexadecimal; the same however its file is laid out. */
export const backupSum = ({ setups, record }: Content): string => hash('sha256', JSON.stringify({ setups, record }));

/** Whether a backup's file is as it was made; `none` where it carries no checksum. */
export function backupProof(data: unknown): 'held' | 'broken' | 'none' {
  const { setups, record, count, sha256 } = (data ?? {}) as Partial<Content & { count: number; sha256: string }>;
  if (sha256 === undefined) return 'none';
  return sha256 === backupSum({ setups, record }) && Array.isArray(record) && record.length === count
    ? 'held'
    : 'broken';
}
