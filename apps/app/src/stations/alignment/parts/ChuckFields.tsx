import type { AlignmentOf } from '@zero-point/core/records/setup/alignment';
import { Choice } from '../../../controls/Choice';
import { LengthField } from '../../../keypad/Fields';
import { saveAlignment } from '../commands';
import type { ConfigProps } from './configOf';

/** How a part in a chuck is read and moved, and whether the chuck itself was read. */
export function ChuckFields({ book, alignment }: ConfigProps<AlignmentOf<'chuck'>>) {
  const keep = (change: Partial<AlignmentOf<'chuck'>>) => saveAlignment(book, { ...alignment, ...change });
  return (
    <>
      <Choice
        label="Read"
        value={String(alignment.pairs)}
        options={[
          { value: '2', label: 'Both ways: 0°, 180°, 90°, 270°' },
          { value: '1', label: 'One way: 0° and 180°' },
        ]}
        onChange={(pairs) => keep({ pairs: pairs === '2' ? 2 : 1 })}
      />
      <Choice
        label="Jaws"
        value={alignment.jaws}
        options={[
          { value: 'two', label: 'Two on a scroll: mark 0° at a jaw' },
          { value: 'three', label: 'Three on a scroll' },
          { value: 'four', label: 'Four, each with its own screw' },
          { value: 'free', label: 'The part is tapped' },
        ]}
        onChange={(jaws) => keep({ jaws })}
      />
      <Choice
        label="Read by"
        value={alignment.standing === true ? 'standing' : 'turning'}
        options={[
          { value: 'turning', label: 'turning the table 180°' },
          { value: 'standing', label: 'swinging the indicator, table locked' },
        ]}
        onChange={(way) => keep({ standing: way === 'standing' })}
      />
      <Choice
        label="The chuck’s own body"
        value={alignment.chuckTir === null ? 'no' : 'yes'}
        options={[
          { value: 'no', label: 'Not read' },
          { value: 'yes', label: 'Read' },
        ]}
        onChange={(read) => keep({ chuckTir: read === 'no' ? null : 0 })}
      />
      {alignment.chuckTir !== null && (
        <LengthField
          label="TIR of the chuck body"
          hint="If the chuck itself is out, turning the part only hides it."
          unit={book.setup.units}
          value={alignment.chuckTir}
          onCommit={(chuckTir) => keep({ chuckTir })}
          check={(mm) => (mm >= 0 ? undefined : 'Run-out cannot be negative.')}
        />
      )}
    </>
  );
}
