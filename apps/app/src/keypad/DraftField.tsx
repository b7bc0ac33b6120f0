import { FieldBox } from './FieldBox';

interface DraftFieldProps {
  label: string;
  value: string;
  onChange: (text: string) => void;
  onSubmit: () => void;
}

/** A text that is taken over together with others, not by itself. */
export const DraftField = (props: DraftFieldProps) => <FieldBox {...props} />;
