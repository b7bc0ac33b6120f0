import { useEffect, useState } from 'react';
import { AppText } from '../theme/AppText';
import { PageDialog } from './PageDialog';
import { KEYS } from '../keyboard/keys';

/** The list of keys; `?` shows it anywhere, except where words are typed. */
export function KeysDialog() {
  const [shown, setShown] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== '?') return;
      event.preventDefault();
      setShown(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  if (!shown) return null;
  return (
    <PageDialog title="Keys" leave="Close" onLeave={() => setShown(false)}>
      {KEYS.map(({ key, does }) => (
        <AppText key={key}>
          {key}: {does}
        </AppText>
      ))}
    </PageDialog>
  );
}
