import { useQuery } from '@tanstack/react-query';

/** Something the app is built from, by others. */
export interface Notice {
  name: string;
  version: string;
  licence: string;
  by?: string;
  /** Which of the texts is its licence's own; null where it gives none. */
  text: number | null;
}

interface Notices {
  packages: Notice[];
  texts: string[];
}

async function fetchNotices(): Promise<Notices> {
  const response = await fetch('/notices.json');
  if (!response.ok) throw new Error('The list is missing.');
  return (await response.json()) as Notices;
}

/** Who made what the app is built from; written when it is built. */
export const useNotices = () => useQuery({ queryKey: ['notices'], queryFn: fetchNotices, staleTime: Infinity });
