import type { LengthUnit } from '@zero-point/core/units/unit';
import { useContext, useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { hasMovedFocus } from '../keyboard/focusMoved';
import { MainAction } from '../controls/MainAction';
import { ToTop } from '../layout/scrollToTop';
import { useKeyHeight, useWide } from '../layout/useLayoutSize';
import { Keypad } from '../keypad/Keypad';
import { LengthEntry, type EntryRef } from '../keypad/LengthEntry';
import { LiveEntry } from '../link/LiveEntry';
import { useLinked } from '../link/LinkContext';
import { useSettings } from '../stores/settings';
import type { LiveFigure } from '@zero-point/core/link/liveReading';
import type { Axis } from '@zero-point/core/schema/quantities';

interface ReadingDockProps {
  /** What the number is: "X on the readout". */
  label: string;
  unit: LengthUnit;
  /** A second number that belongs to it: "X where it is". */
  acrossLabel?: string | undefined;
  /** Turns and lines of a handwheel can be typed. */
  dial?: boolean;
  /** Logs the text, and the second one where it is asked for; says what is wrong instead. */
  onLog: (text: string, across: string) => string | undefined;
  /** Of which axis of the machine it is, where a link may show it; and whether it is what a cycle of the control found. */
  axis?: Axis | undefined;
  byControl?: boolean;
  /** Logs what was taken from a link; says what is wrong instead. */
  onTake?: ((figure: LiveFigure) => string | undefined) | undefined;
  /** Something else to do when nothing is typed. */
  next: { label: string; onPress: () => void } | undefined;
  /** Why nothing can be logged yet. */
  blocked?: string | undefined;
  /** What stands in the field at first. */
  typed?: string;
  /** What is typed, where something else on the page shows or changes it too. */
  draft?: { text: string; setText: (text: string) => void };
}

/** Entry, keypad and the one action. A text that is refused stays as it was typed. */
export function ReadingDock({
  label,
  acrossLabel,
  dial = false,
  unit,
  onLog,
  axis,
  byControl = false,
  onTake,
  next,
  blocked,
  typed = '',
  draft,
}: ReadingDockProps) {
  const linked = useLinked();
  const wide = useWide();
  const keyHeight = useKeyHeight();
  const toTop = useContext(ToTop);
  const [ownText, setOwnText] = useState(typed);
  const { text, setText } = draft ?? { text: ownText, setText: setOwnText };
  const [error, setError] = useState<string | undefined>(undefined);
  const [system, setSystem] = useState(false);
  const [across, setAcross] = useState('');
  const [second, setSecond] = useState(false);
  const acrossField = useRef<EntryRef>(null);
  const field = useRef<EntryRef>(null);

  const arriving = useRef(true);
  useEffect(() => {
    const late = arriving.current && hasMovedFocus();
    arriving.current = false;
    if (wide && !blocked && !late) field.current?.focus();
  }, [wide, label, blocked]);

  const change = (value: string) => {
    setText(value);
    setError(undefined);
  };
  const changeAcross = (value: string) => {
    setAcross(value);
    setError(undefined);
  };
  const log = () => {
    if (acrossLabel !== undefined && text !== '' && across === '' && !second) {
      setSecond(true);
      acrossField.current?.focus();
      return;
    }
    const wrong = blocked ?? onLog(text, across);
    setError(wrong);
    if (wrong !== undefined) return;
    toTop();
    setText('');
    setAcross('');
    setSecond(false);
    if (wide) field.current?.focus();
  };
  const offerNext = next && text === '';
  const typing = acrossLabel !== undefined && second;
  const byHand = useSettings((state) => state.byHand);
  const setByHand = useSettings((state) => state.setByHand);
  const live = linked !== undefined && axis !== undefined && onTake !== undefined;
  const take = (figure: LiveFigure) => {
    const wrong = blocked ?? onTake?.(figure);
    if (wrong === undefined) toTop();
    return wrong;
  };
  // What the machine says needs no keys: they come when they are asked for.
  const taking = live && !wide && !byHand && linked.view.state !== 'away' && text === '';
  const ownKeypad = !wide && !system;
  const useSystem = ownKeypad
    ? () => {
        setSystem(true);
        (typing ? acrossField : field).current?.focus();
      }
    : undefined;
  return (
    <View style={styles.dock}>
      {live && (wide || taking) && (
        <LiveEntry
          key={label}
          view={linked.view}
          wanted={{ axis, scale: linked.scale, byControl }}
          unit={unit}
          step={linked.steps[axis]}
          onTake={take}
          typing={text !== ''}
        />
      )}
      {taking && (
        <View style={styles.fields}>
          <Button compact onPress={() => setByHand(true)}>
            Type it
          </Button>
          {next && (
            <Button mode="outlined" style={styles.field} onPress={next.onPress}>
              {next.label}
            </Button>
          )}
        </View>
      )}
      {!taking && (
        <>
          <View style={styles.fields}>
            <View style={styles.field}>
              <LengthEntry
                ref={field}
                label={label}
                unit={unit}
                text={text}
                onChange={change}
                onSubmit={log}
                onFocus={() => setSecond(false)}
                error={error}
                ownKeypad={ownKeypad}
                onSystem={acrossLabel === undefined ? useSystem : undefined}
              />
            </View>
            {acrossLabel !== undefined && (
              <View style={styles.field}>
                <LengthEntry
                  ref={acrossField}
                  label={acrossLabel}
                  unit={unit}
                  text={across}
                  onChange={changeAcross}
                  onSubmit={log}
                  onFocus={() => setSecond(true)}
                  ownKeypad={ownKeypad}
                />
              </View>
            )}
          </View>
          {ownKeypad && (
            <Keypad
              dial={dial}
              text={typing ? across : text}
              onChange={typing ? changeAcross : change}
              keyHeight={keyHeight}
            />
          )}
          {live && wide && text === '' && !offerNext ? (
            <Button mode="outlined" onPress={log}>
              Log what is typed
            </Button>
          ) : (
            <MainAction
              label={
                offerNext
                  ? next.label
                  : acrossLabel !== undefined && !typing && across === ''
                    ? `Enter ${acrossLabel}`
                    : 'Log this reading'
              }
              onPress={offerNext ? next.onPress : log}
            />
          )}
          {!wide && system && <Button onPress={() => setSystem(false)}>Use the shop keypad</Button>}
          {live && byHand && <Button onPress={() => setByHand(false)}>Take it from the link</Button>}
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  dock: { gap: 6 },
  fields: { flexDirection: 'row', gap: 6 },
  field: { flex: 1, minWidth: 0 },
});
