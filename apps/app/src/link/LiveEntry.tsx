import { lazyComponent } from '../layout/lazyComponent';
import {
  coarserStep,
  liveFigure,
  touchedSince,
  type Live,
  type LiveFigure,
  type WantedReading,
} from '@zero-point/core/link/liveReading';
import type { LinkView } from '@zero-point/core/link/linkView';
import { coarserStepText, linkNoteText, notLiveText } from '@zero-point/core/link/linkMessages';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { MainAction } from '../controls/MainAction';
import { TickBox } from '../controls/TickBox';
import { useWide } from '../layout/useLayoutSize';
import { useLook } from '../theme/useLook';
import { Figure, AppText } from '../theme/AppText';

const StandInDialog = lazyComponent(() => import('./SimulatedDeviceDialog'));

interface LiveEntryProps {
  view: LinkView;
  wanted: WantedReading;
  unit: LengthUnit;
  /** The display's step of the axis, as the machine is kept, mm: the ± stands on it. */
  step: number;
  /** Stores it; says what is wrong instead. */
  onTake: (figure: LiveFigure) => string | undefined;
  /** Something stands in the field: the space bar is for that. */
  typing: boolean;
}

/** Of the device's own touches one in so long counts, ms: a probe that chatters is one touch. */
const REST = 700;

/** So many of them in a second, ms, nobody makes. */
const MOST = 4;
const SECOND = 1000;

/** What a link shows of an axis now, and taking it: by the button, the space bar, or the device's own touch where that is switched on. */
export function LiveEntry({ view, wanted, unit, step, onTake, typing }: LiveEntryProps) {
  const { palette } = useLook();
  const wide = useWide();
  const [error, setError] = useState<string | undefined>(undefined);
  const [own, setOwn] = useState(false);
  const [moving, setMoving] = useState(false);
  // A result of before this was asked for may be another face's: only one that comes now counts, and each once.
  const results = view.result?.count ?? 0;
  const [seen, setSeen] = useState(results);
  // The server began again.
  if (results < seen) setSeen(results);
  const live: Live =
    wanted.byControl && results <= seen ? { kind: 'none', why: 'no-result' } : liveFigure(view, wanted);
  const take = (figure: LiveFigure) => {
    const wrong = onTake(figure);
    setError(wrong);
    if (wrong === undefined) setSeen(results);
  };
  useSpace(() => {
    if (live.kind === 'figure' && !typing && !moving) take(live);
  });
  useOwnTouch(view, wanted, own, take, () => {
    setOwn(false);
    setError('It reports too many touches. Its touch signal is switched off.');
  });
  const name = wanted.axis.toUpperCase();
  const { hello } = view;
  const shown = live.kind === 'figure' ? formatLength(live.mm, { unit, plus: true }) : '–';
  const coarser = coarserStep(view, wanted.axis, step);
  const notes = view.notes.filter(({ code }) => code !== 'nonsense');
  return (
    <View style={[styles.live, { borderColor: live.kind === 'figure' ? palette.good : palette.warn }]}>
      <View style={styles.row}>
        <View
          style={styles.figure}
          accessible
          accessibilityLabel={`${name} shows ${shown} ${unit}, live from ${hello?.name ?? 'the link'}`}
        >
          <AppText kind="strong">{name}</AppText>
          <Figure size={wide ? 34 : 40} tone={live.kind === 'figure' ? 'ink' : 'soft'}>
            {shown}
          </Figure>
          <AppText kind="note" tone="soft">
            {unit}
          </AppText>
        </View>
        {hello?.standIn === true && (
          <Button mode="outlined" compact onPress={() => setMoving(true)}>
            Handwheels
          </Button>
        )}
      </View>
      {live.kind === 'figure' ? (
        <MainAction label={wanted.byControl ? 'Take its result' : 'Take it'} onPress={() => take(live)} />
      ) : (
        <AppText kind="note" tone="warn" live>
          {notLiveText(live.why)}
        </AppText>
      )}
      <View style={styles.row}>
        <AppText kind="note" tone="soft" style={styles.says}>
          {`${view.position?.says ?? `Live from ${hello?.name ?? 'the link'}.`}`}
        </AppText>
        {!wanted.byControl && <TickBox label="Log when its probe touches" ticked={own} onTick={() => setOwn(!own)} />}
      </View>
      {coarser !== undefined && (
        <AppText kind="note" tone="warn" live>
          {coarserStepText(wanted.axis, coarser, step, unit)}
        </AppText>
      )}
      {notes.map((note) => (
        <AppText key={`${note.code}${'axis' in note ? note.axis : ''}`} kind="note" tone="warn" live>
          {linkNoteText(note, unit)}
        </AppText>
      ))}
      {error !== undefined && (
        <View role="alert">
          <AppText kind="note" tone="bad">
            {error}
          </AppText>
        </View>
      )}
      {moving && <StandInDialog view={view} unit={unit} onLeave={() => setMoving(false)} />}
    </View>
  );
}

/** Hears the space bar wherever it means nothing else: not on a button, and in a field only while it is empty. */
function useSpace(onSpace: () => void): void {
  const newest = useRef(onSpace);
  useEffect(() => {
    newest.current = onSpace;
  });
  useEffect(() => {
    const heard = (event: KeyboardEvent) => {
      const { target } = event;
      const free = target === document.body || (target instanceof HTMLInputElement && target.value === '');
      // A question that stands over the page is answered first.
      const asked = document.querySelector('[role=dialog]') !== null;
      if (event.key !== ' ' || event.repeat || !free || asked) return;
      event.preventDefault();
      newest.current();
    };
    window.addEventListener('keydown', heard);
    return () => window.removeEventListener('keydown', heard);
  }, []);
}

/** Takes what the device's own touches give from now on, while that is switched on; those from before never count. */
function useOwnTouch(
  view: LinkView,
  wanted: WantedReading,
  on: boolean,
  take: (figure: LiveFigure) => void,
  tooMany: () => void,
): void {
  const seen = useRef<number | undefined>(undefined);
  const at = useRef(0);
  const lately = useRef<{ since: number; count: number }>({ since: 0, count: 0 });
  const count = view.touch?.count ?? 0;
  useEffect(() => {
    const before = seen.current ?? count;
    seen.current = count;
    if (!on || count <= before) return;
    const now = Date.now();
    if (now - lately.current.since > SECOND) lately.current = { since: now, count: 0 };
    lately.current.count += count - before;
    if (lately.current.count >= MOST) return tooMany();
    const figure = touchedSince(view, before, wanted);
    if (!figure || now - at.current < REST) return;
    at.current = now;
    take(figure);
  });
}

const styles = StyleSheet.create({
  live: { borderWidth: 2, borderRadius: 8, padding: 8, gap: 6 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8, flexWrap: 'wrap' },
  figure: { flex: 1, flexDirection: 'row', alignItems: 'baseline', gap: 8, minWidth: 180 },
  says: { flex: 1, minWidth: 120 },
});
