import { useRef } from 'react';
import { Button } from 'react-native-paper';
import { MainAction } from './MainAction';

interface FilePickProps {
  label: string;
  /** What the file is, for people who cannot see the button. */
  what: string;
  accept: string;
  /** It is the one thing to press next. */
  main?: boolean;
  onPick: (file: File) => void;
}

/** A button that asks for a file of the device. */
export function FilePick({ label, what, accept, main = false, onPick }: FilePickProps) {
  const input = useRef<HTMLInputElement>(null);
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
          if (file) onPick(file);
          target.value = '';
        }}
      />
      {main ? (
        <MainAction label={label} onPress={() => input.current?.click()} />
      ) : (
        <Button mode="outlined" onPress={() => input.current?.click()} style={{ alignSelf: 'flex-start' }}>
          {label}
        </Button>
      )}
    </>
  );
}
