import type { AlignmentOf } from '@zero-point/core/records/setup/alignment';
import { Choice } from '../../../controls/Choice';
import { saveAlignment } from '../commands';
import type { ConfigProps } from './configOf';
import { PivotedFields } from './PivotedFields';

/** Along which axis the jaw runs, on which side the indicator stands, and where it is read. */
export function ViseFields({ book, alignment }: ConfigProps<AlignmentOf<'vise'>>) {
  const keep = (change: Partial<AlignmentOf<'vise'>>) => saveAlignment(book, { ...alignment, ...change });
  const lows = alignment.along === 'x' ? ['On your side', 'Behind it'] : ['On its left', 'On its right'];
  return (
    <>
      <Choice
        label="The jaw or fence runs along"
        value={alignment.along}
        options={[
          { value: 'x', label: 'X' },
          { value: 'y', label: 'Y' },
        ]}
        onChange={(along) => keep({ along })}
      />
      <Choice
        label="Indicator position"
        value={alignment.side}
        options={[
          { value: 'low', label: lows[0] ?? '' },
          { value: 'high', label: lows[1] ?? '' },
        ]}
        onChange={(side) => keep({ side })}
      />
      <PivotedFields book={book} alignment={alignment} what="the jaw" />
    </>
  );
}
