import { useRef } from 'react';
import { Button } from 'react-native-paper';

interface FilePickProps {
  label: string;
  /** What the file is, for people who cannot see the button. */
  what: string;
  accept: string;
  onPick: (file: File) => void;
}

/** A button that asks for a file of the device. */
export function FilePick({ label, what, accept, onPick }: FilePickProps) {
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
      <Button mode="outlined" onPress={() => input.current?.click()} style={{ alignSelf: 'flex-start' }}>
        {label}
      </Button>
    </>
  );
}
