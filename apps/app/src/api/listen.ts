interface Heed {
  /** The event that is heard. */
  name?: string;
  /** Told when the server is heard again after it was not: what it said meanwhile was missed. */
  again?: () => void;
  /** Goes on while nobody sees the page: for what a machine tells once. */
  unseen?: boolean;
}

/**
 * Hears what the server tells at an address; gives back how to stop. Where a browser cannot, nothing is heard.
 *
 * A page that nobody sees lets go of its line: browsers keep six to one server for all tabs together, and a seventh page
 * would wait for ever. It listens again when it is seen.
 *
 * @param path asked anew each time, so that it may say from where on
 */
export function listen(
  path: () => string,
  heard: (event: MessageEvent<string>) => void,
  { name = 'changed', again, unseen = false }: Heed = {},
): () => void {
  if (typeof EventSource === 'undefined') return () => undefined;
  let source: EventSource | undefined;
  let missed = false;
  const close = () => {
    source?.close();
    source = undefined;
    missed = true;
  };
  const open = () => {
    source = new EventSource(`/api${path()}`);
    source.addEventListener(name, heard);
    source.addEventListener('error', () => {
      missed = true;
    });
    source.addEventListener('open', () => {
      if (missed) again?.();
      missed = false;
    });
  };
  const look = () => {
    if (document.hidden && !unseen) close();
    else if (!source) open();
  };
  look();
  document.addEventListener('visibilitychange', look);
  return () => {
    document.removeEventListener('visibilitychange', look);
    source?.close();
  };
}
