/** Storage as a browser has it, shared by every outbox made on it: a device that survives reloads. */
export class KeptStorage implements Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'> {
  readonly items = new Map<string, string>();
  full = false;
  get length() {
    return this.items.size;
  }
  key = (i: number) => [...this.items.keys()][i] ?? null;
  getItem = (key: string) => this.items.get(key) ?? null;
  removeItem = (key: string) => void this.items.delete(key);
  setItem = (key: string, value: string) => {
    if (this.full) throw new Error('quota');
    this.items.set(key, value);
  };
}
