import { useEffect, useState } from 'react';
import { Dialog, Portal } from 'react-native-paper';
import { Words } from '../theme/Words';
import { KEYS } from './keys';
import { Press } from './Press';

/** The list of keys; `?` shows it anywhere, except where words are typed. */
export function KeysDialog() {
  const [shown, setShown] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape') setShown(false);
      if (event.key !== '?') return;
      event.preventDefault();
      setShown(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  if (!shown) return null;
  return (
    <Portal>
      <Dialog visible onDismiss={() => setShown(false)} style={{ maxWidth: 460, width: '92%', alignSelf: 'center' }}>
        <Dialog.Content style={{ gap: 10 }}>
          <Words kind="sentence">Keys</Words>
          {KEYS.map(({ key, does }) => (
            <Words key={key}>
              {key}: {does}
            </Words>
          ))}
          <Press onPress={() => setShown(false)} style={{ alignItems: 'center' }}>
            <Words>Close</Words>
          </Press>
        </Dialog.Content>
      </Dialog>
    </Portal>
  );
}
