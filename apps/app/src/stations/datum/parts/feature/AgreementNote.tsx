import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Agreement } from '@zero-point/core/state/checks/check';
import { mendsOf, type Mend } from '@zero-point/core/state/verify/corrections';
import { MISTAKE_NAMES, mistakeText } from '@zero-point/core/messages/checks/mistakes';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { agreementWords, mendWords, withinBoth } from '@zero-point/core/messages/checks/agreement';
import { useLook } from '../../../../theme/useLook';
import { AppText } from '../../../../theme/AppText';
import { logMend } from '../../../../commands/logTouch';

/** Slips that are named at once, ties besides, and mends that are offered; more would only confuse. */
const NAMED = 2;
const MENDS = 4;

/** Something known against something measured: that they agree, or the likely slip, and what can be written to put it right. */
export function AgreementNote({ book, check }: { book: SetupState; check: Agreement }) {
  const { palette } = useLook();
  const unit = book.setup.units;
  const { agrees, likely, ask } = check.explanation;
  const named = namedOf(likely);
  const [put, setPut] = useState(false);
  // Trying every mend out is the dear part.
  const mends = useMemo(() => mendsOf(book, check).slice(0, MENDS), [book, check]);
  const { said, but } = agreementWords(book, check, unit);
  const stale = check.against === 'offset' && check.suspects.length === 0;
  if (agrees) {
    return (
      <AppText kind="note" tone={withinBoth(check) ? 'good' : 'warn'}>
        {withinBoth(check) ? '✓' : '~'} {said}, {but.agrees}.
      </AppText>
    );
  }
  return (
    <View role="alert" style={{ gap: 8, padding: 10, borderWidth: 2, borderRadius: 8, borderColor: palette.warn }}>
      <AppText tone="warn" style={{ fontWeight: '700' }}>
        ✗ {said}, {but.differs}.
      </AppText>
      {stale && <AppText>A touch behind this offset was struck out or corrected. Enter the work offset again.</AppText>}
      {!stale && ask !== null && (
        <AppText>The plate has not been calibrated. Measure it by caliper first, in Z & tools or in Shop.</AppText>
      )}
      {!stale && ask === null && likely.length === 0 && (
        <AppText>
          No common mistake gives this difference.{' '}
          {check.against === 'drawing'
            ? 'Check the size in Plan, and touch again.'
            : 'Look for a chip or a burr, and touch again.'}
        </AppText>
      )}
      {(stale ? [] : named).map((slip, i) => (
        <AppText key={`${slip.slip} ${slip.size}`}>
          {i === 0 ? '' : 'Or: '}
          {Object.values(mistakeText(slip, unit)).join(' ')}
        </AppText>
      ))}
      {!put && <Mends book={book} mends={mends} onLeave={() => setPut(true)} />}
    </View>
  );
}

/** Two slips fit alike where they are no further apart than this, U. */
const TIE = 0.5;

/** The likeliest two, and every one that fits just as well as the second. */
function namedOf<L extends { misfit: number }>(likely: readonly L[]): L[] {
  const last = likely[NAMED - 1];
  return likely.filter(({ misfit }, i) => i < NAMED || (last !== undefined && misfit <= last.misfit + TIE));
}

function Mends({ book, mends, onLeave }: { book: SetupState; mends: readonly Mend[]; onLeave: () => void }) {
  if (mends.length === 0) return null;
  return (
    <View style={{ gap: 6 }}>
      <AppText kind="note">If that is the cause, log the correction. Nothing is lost:</AppText>
      {mends.map((mend) => {
        const label = mendWords(book, mend);
        return (
          <Button mode="outlined" key={label} onPress={() => logMend(book, mend, MISTAKE_NAMES[mend.slip])}>
            {label}
          </Button>
        );
      })}
      <Button mode="text" onPress={onLeave} style={{ alignSelf: 'flex-start' }}>
        Leave it as it is
      </Button>
    </View>
  );
}
