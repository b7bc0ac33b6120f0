import { useEffect, useState, type ComponentType } from 'react';
import { loadPart } from '../api/offline';
import { LoadingPage } from './LoadingPage';
import { AppText } from '../theme/AppText';
import { TroubleNotice } from './States';

/** A component whose script is fetched when it is first shown, or before by `fetch`. */
export type Later<P> = ComponentType<P> & { fetch: () => Promise<void> };

/**
 * A part of the app with a script of its own. Once that is there the part is drawn at once, without a frame of what stands
 * in for it meanwhile.
 *
 * @param load imports its module, whose default it is
 * @param Meanwhile what stands in its place until then: its own shape, or nothing
 */
export function lazyComponent<P extends object>(
  load: () => Promise<{ default: ComponentType<P> }>,
  Meanwhile: ComponentType = Nothing,
): Later<P> {
  let Loaded: ComponentType<P> | undefined;
  let fetching: Promise<void> | undefined;
  const fetch = (): Promise<void> => {
    if (Loaded) return Promise.resolve();
    if (fetching) return fetching;
    const asked = load();
    // Where its script ran already, as the first page has it, it is drawn with what is around it.
    Loaded = atOnce(asked)?.default;
    fetching = loadPart(() => asked).then(
      (module) => {
        Loaded = module.default;
      },
      () => {
        // Tried again when it is next shown.
        fetching = undefined;
        throw new Error('a part of the app is missing');
      },
    );
    return fetching;
  };
  function Part(props: P) {
    const [state, setState] = useState<'asked' | 'there' | 'missing'>('asked');
    const asked = Loaded || state === 'missing' ? undefined : fetch();
    const Found = Loaded;
    useEffect(() => {
      if (!asked || Found) return undefined;
      let gone = false;
      const tell = (next: 'there' | 'missing') => () => gone || setState(next);
      void asked.then(tell('there'), tell('missing'));
      return () => {
        gone = true;
      };
    }, [asked, Found]);
    if (Found) return <Found {...props} />;
    if (state !== 'missing') return <Meanwhile />;
    return Meanwhile === Nothing ? <MissingPart /> : <MissingPage />;
  }
  return Object.assign(Part, { fetch });
}

/**
 * Fetches parts while the page that will show them is still asking for something else, so that none of them comes in
 * late and pushes down what a thumb is just pressing.
 *
 * @param parts a constant of the page's module
 */
export function useFetchAhead(parts: readonly { fetch: () => Promise<void> }[]): void {
  useEffect(() => {
    // What is missing says so where it is shown.
    for (const part of parts) part.fetch().catch(() => undefined);
  }, [parts]);
}

/** A module whose script ran before it was imported: the packer's own import says so beside its promise. */
function atOnce<M>(asked: Promise<M> & { _result?: M | Promise<M> }): M | undefined {
  const { _result } = asked;
  return _result instanceof Promise ? undefined : _result;
}

/** A whole page with a script of its own. */
export const lazyPage = (load: () => Promise<{ default: ComponentType }>): Later<object> =>
  lazyComponent(load, LoadingPage);

function Nothing() {
  return null;
}

/** A panel or a chart that could not be had: the page around it goes on. */
function MissingPart() {
  return (
    <AppText kind="note" tone="warn" live>
      This part could not be loaded. What you logged is kept. Start the server, then load the page again.
    </AppText>
  );
}

/** A page that could not be had, after it began again once. */
function MissingPage() {
  return (
    <TroubleNotice
      title="A part of the app is missing."
      detail="The server is away, or has another version. What you logged is kept on this device. Start the server, then try again."
      retry={() => window.location.reload()}
    />
  );
}
