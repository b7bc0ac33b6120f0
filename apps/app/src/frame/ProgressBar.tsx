import { ProgressBar as PaperProgressBar } from 'react-native-paper';

interface ProgressBarProps {
  label: string;
  done: number;
  most: number;
}

/** How far something is that takes a while; `done` is counted, not a share. */
export const ProgressBar = ({ label, done, most }: ProgressBarProps) => (
  <PaperProgressBar
    progress={done / most}
    aria-label={label}
    aria-valuemin={0}
    aria-valuemax={most}
    aria-valuenow={done}
    style={{ height: 12 }}
  />
);
