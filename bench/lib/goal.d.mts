interface Goal {
  least?: number;
  most?: number;
  unit?: string;
}

export function goal(what: string, value: number, limits: Goal): boolean;

export function goalTable(
  rows: readonly ({ bench: string; what: string; value: number; met: boolean } & Goal)[],
): string;
