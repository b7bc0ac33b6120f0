import { useRef } from 'react';
import { Button } from 'react-native-paper';
import { MainAction } from '../controls/MainAction';
import { hasHandles, pickHandle, type Reread } from '../api/pickHandle';

interface FilePickProps {
  label: string;
  /** What the file is, for people who cannot see the button. */
  what: string;
  accept: string;
  /** It is the one thing to press next. */
  main?: boolean;
  /** It will be read again later, after it was written again: asked for by handle, where the browser has them. */
  rereads?: boolean;
  onPick: (file: File, reread: Reread | undefined) => void;
}

/** A button that asks for a file of the device. */
export function FilePicker({ label, what, accept, main = false, rereads = false, onPick }: FilePickProps) {
  const input = useRef<HTMLInputElement>(null);
  const ask = async () => {
    if (!rereads || !hasHandles()) return input.current?.click();
    const picked = await pickHandle().catch(() => input.current?.click());
    if (picked) onPick(picked.file, picked.reread);
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={what}
        style={{ display: 'none' }}
        onChange={({ target }) => {
          const file = target.files?.[0];
          if (file) onPick(file, undefined);
          target.value = '';
        }}
      />
      {main ? (
        <MainAction label={label} onPress={() => void ask()} />
      ) : (
        <Button mode="outlined" onPress={() => void ask()} style={{ alignSelf: 'flex-start' }}>
          {label}
        </Button>
      )}
    </>
  );
}
