import type { AlignmentOf } from '@zero-point/core/records/setup/alignment';
import { FieldRow } from '../../../keypad/FieldRow';
import { CountField, LengthField } from '../../../keypad/Fields';
import { saveAlignment } from '../commands';
import type { ConfigProps } from './configOf';

/** Where a long face is read, about which bolt it turns, and where it is tapped. */
export function PivotedFields({
  book,
  alignment,
  what,
}: ConfigProps<AlignmentOf<'vise'> | AlignmentOf<'skew'>> & { what: string }) {
  const unit = book.setup.units;
  const keep = (change: Partial<Pick<typeof alignment, 'from' | 'to' | 'points' | 'pivot' | 'loose'>>) =>
    saveAlignment(book, { ...alignment, ...change });
  const apart = (other: number) => (mm: number) =>
    mm === other ? 'Both places are the same. Give two places, as far apart as the face allows.' : undefined;
  const inside = (mm: number) =>
    alignment.task === 'vise' &&
    (mm < Math.min(alignment.from, alignment.to) || mm > Math.max(alignment.from, alignment.to))
      ? 'That is outside the vise. Give the place of the bolt that stays tight, between its first and last place.'
      : undefined;
  return (
    <>
      <FieldRow>
        <LengthField
          label="First place"
          hint={`Along ${what}, from its ${alignment.task === 'vise' ? 'left (front) end' : 'left or front end'}.`}
          unit={unit}
          value={alignment.from}
          onCommit={(from) => keep({ from })}
          check={apart(alignment.to)}
        />
        <LengthField
          label="Last place"
          unit={unit}
          value={alignment.to}
          onCommit={(to) => keep({ to })}
          check={apart(alignment.from)}
        />
      </FieldRow>
      <CountField
        label="Places read, evenly spread"
        value={alignment.points}
        onCommit={(points) => keep({ points })}
        check={(n) => (n >= 2 && n <= 100 ? undefined : 'Read at least 2 places, and at most 100.')}
      />
      <FieldRow>
        <LengthField
          label="Bolt that stays"
          hint="The vise turns about this bolt."
          unit={unit}
          value={alignment.pivot}
          onCommit={(pivot) => keep({ pivot })}
          check={inside}
        />
        <LengthField
          label="End that is tapped"
          unit={unit}
          value={alignment.loose}
          onCommit={(loose) => keep({ loose })}
          check={(mm) =>
            mm === alignment.pivot ? 'Tapping at the bolt does not turn it. Give the loose end.' : undefined
          }
        />
      </FieldRow>
    </>
  );
}
