import type { ReactNode } from 'react';
import { Pressable } from 'react-native';
import { METAL } from '../theme/palette';

interface TargetProps {
  label: string;
  /** Centre and least size, px. */
  at: { x: number; y: number; width: number; height: number };
  chosen: boolean;
  onPress: () => void;
  children?: ReactNode;
}

const LEAST = 48;

/** A place on a drawing that can be touched: at least a gloved finger in size, whatever the scale. */
export function Target({ label, at, chosen, onPress, children }: TargetProps) {
  const width = Math.max(LEAST, at.width);
  const height = Math.max(LEAST, at.height);
  return (
    <Pressable
      role="button"
      aria-label={label}
      aria-pressed={chosen}
      onPress={onPress}
      style={({ pressed }) => ({
        position: 'absolute',
        left: at.x - width / 2,
        top: at.y - height / 2,
        width,
        height,
        borderRadius: 6,
        alignItems: 'center',
        justifyContent: 'center',
        backgroundColor: pressed ? METAL.band : 'transparent',
      })}
    >
      {children}
    </Pressable>
  );
}
