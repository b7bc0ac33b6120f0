import { gaugesOf } from '@zero-point/core/state/alignment/plan';
import { rankedMethods } from '@zero-point/core/state/gauges/methodRanking';
import type { AlignmentOf } from '@zero-point/core/records/setup/alignment';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { methodSummary } from '@zero-point/core/messages/basis/methodSummary';
import { Choice } from '../../../controls/Choice';
import { FieldRow } from '../../../keypad/FieldRow';
import { AngleField, CountField, LengthField } from '../../../keypad/Fields';
import { AppText } from '../../../theme/AppText';
import { saveAlignment } from '../commands';
import type { ConfigProps } from './configOf';

/** How a centre comes under the spindle: by a sweep and its angles, or by a plug and who says that it holds. */
export function CentreFields({ book, alignment }: ConfigProps<AlignmentOf<'centre'>>) {
  const keep = (change: Partial<AlignmentOf<'centre'>>) => saveAlignment(book, { ...alignment, ...change });
  const unit = book.setup.units;
  const plugs = gaugesOf(book, 'plug');
  // Both ways, with what each takes and gives: of the indicator and the plug that are read here.
  const ways = rankedMethods(book, 'round').ranked.filter(
    ({ gaugeId }) => gaugeId === alignment.indicatorId || gaugeId === alignment.plugId,
  );
  return (
    <>
      <Choice
        label="By"
        value={alignment.school}
        options={[
          { value: 'sweep', label: 'Indicator sweep' },
          { value: 'plug', label: 'Centring plug' },
        ]}
        onChange={(school) => keep({ school })}
      />
      {ways.map((way) => (
        <AppText key={way.gaugeId} kind="note" tone="soft">
          {methodSummary(way)}: {plusMinus(way.U, unit)}
        </AppText>
      ))}
      {alignment.school === 'sweep' ? (
        <>
          <Choice
            label="What is swept"
            value={alignment.feature}
            options={[
              { value: 'bore', label: 'Bore, from inside' },
              { value: 'boss', label: 'Boss or disc, from outside' },
            ]}
            onChange={(feature) => keep({ feature })}
          />
          <FieldRow>
            <CountField
              label="Angles read"
              value={alignment.angles}
              onCommit={(angles) => keep({ angles })}
              check={(n) =>
                n < 3
                  ? 'Two angles do not fix the centre. Read at 3 or more.'
                  : n > 100
                    ? 'At most 100 by hand; read more from a file.'
                    : undefined
              }
            />
            <AngleField
              label="Spread over"
              value={alignment.span}
              onCommit={(span) => keep({ span })}
              check={(span) =>
                span > 60 && span <= 360
                  ? undefined
                  : 'Angles within 60° do not fix the centre. Spread them out, up to 360°.'
              }
            />
          </FieldRow>
          <AngleField label="First angle" value={alignment.first} onCommit={(first) => keep({ first })} />
        </>
      ) : (
        <>
          {plugs.length > 0 && (
            <Choice
              label="Plug"
              value={alignment.plugId ?? ''}
              options={plugs.map(({ id, name }) => ({ value: id, label: name }))}
              onChange={(plugId) => keep({ plugId, plugTir: plugs.find(({ id }) => id === plugId)?.tir ?? 0 })}
            />
          )}
          <LengthField
            label="Run-out of the plug in its collet"
            hint="TIR on an indicator. It is added to the ±."
            unit={unit}
            value={alignment.plugTir}
            onCommit={(plugTir) => keep({ plugTir })}
            check={(mm) => (mm >= 0 ? undefined : 'Run-out cannot be negative.')}
          />
          <Choice
            label="Confirmed by"
            value={alignment.confirmTir === null ? 'word' : 'sweep'}
            options={[
              { value: 'word', label: 'My word' },
              { value: 'sweep', label: 'A sweep afterwards' },
            ]}
            onChange={(by) => keep({ confirmTir: by === 'word' ? null : 0.01 })}
          />
          {alignment.confirmTir !== null && (
            <LengthField
              label="TIR of that sweep"
              unit={unit}
              value={alignment.confirmTir}
              onCommit={(confirmTir) => keep({ confirmTir })}
              check={(mm) => (mm >= 0 ? undefined : 'Run-out cannot be negative.')}
            />
          )}
        </>
      )}
    </>
  );
}
