import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { typedAsName, type TypedAs } from '@zero-point/core/messages/datum/controlResult';
import { useContext, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { CardButton } from '../../../../controls/CardButton';
import { Choice } from '../../../../controls/Choice';
import { ToTop } from '../../../../layout/scrollToTop';
import { useOpenedFocus } from '../../../../keyboard/useOpenedFocus';
import { AppText } from '../../../../theme/AppText';
import type { FeatureView } from '../feature/featureView';
import type { MethodView } from './methodView';
import { MethodPicker } from './MethodPicker';

interface TouchesWithProps {
  method: MethodView | undefined;
  /** The app took it to begin with; nobody said so. */
  assumed: boolean;
  open: boolean;
  onPress: () => void;
}

/** Finder; pressed, something else can be chosen. */
export function TouchesWith({ method, assumed, open, onPress }: TouchesWithProps) {
  const words = open
    ? 'Keep this finder'
    : `with ${method?.words ?? 'none yet: choose a finder'}${assumed ? ' Change finder' : ''}`;
  return (
    <CardButton label={words} open={open} onPress={onPress}>
      <AppText kind="note" lines={2}>
        {words} {open ? '▴' : '▾'}
      </AppText>
    </CardButton>
  );
}

interface WhatTouchesProps {
  book: SetupState;
  view: FeatureView;
  /** What is typed, and what else may be. */
  as: TypedAs;
  onAs: (as: TypedAs) => void;
  onTaken: () => void;
  /** The way out of choosing. */
  children: ReactNode;
}

/** What may touch, and what is typed of it: the scale's figure, or a control's. */
export function FinderChoice({ book, view, as, onAs, onTaken, children }: WhatTouchesProps) {
  const opened = useOpenedFocus();
  const toTop = useContext(ToTop);
  // What is chosen is read at the top: the sentence, and what the thumb does next.
  const taken = () => {
    toTop();
    onTaken();
  };
  return (
    <View ref={opened} tabIndex={-1} role="group" aria-label="Finder" style={styles.choice}>
      {children}
      {view.typedAs.length > 1 && (
        <Choice
          label="What you type"
          value={as}
          options={view.typedAs.map((one) => ({ value: one, label: typedAsName(one, view.method?.gauge.kind) }))}
          onChange={onAs}
        />
      )}
      <MethodPicker book={book} feature={view.feature} method={view.method} onTaken={taken} />
    </View>
  );
}

const styles = StyleSheet.create({ choice: { gap: 10 } });
