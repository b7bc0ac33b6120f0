/** A stream as a browser has it: what opens and closes it is written down. */
export class TestSource extends EventTarget {
  static readonly all: TestSource[] = [];
  readyState = 0;
  constructor(readonly url: string) {
    super();
    TestSource.all.push(this);
  }
  close(): void {
    this.readyState = 2;
  }
  /** The server is heard. */
  opens(): void {
    this.readyState = 1;
    this.dispatchEvent(new Event('open'));
  }
  says(of: string, data: unknown): void {
    if (this.readyState !== 2) this.dispatchEvent(new MessageEvent('told', { data: JSON.stringify({ of, data }) }));
  }
}

/** Streams that were not closed. */
export const openSources = (): TestSource[] => TestSource.all.filter(({ readyState }) => readyState !== 2);

export const latestSource = (): TestSource => {
  const source = TestSource.all.at(-1);
  if (!source) throw new Error('no stream was opened');
  return source;
};
