import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { FACES } from '@zero-point/core/records/values/faces';
import { Choice } from '../../../controls/Choice';
import { FieldRow } from '../../../keypad/FieldRow';
import { LengthField, OptionalLengthField, TextField } from '../../../keypad/Fields';
import type { MeasureDraft } from '../measureView';

interface DraftFieldsProps {
  draft: MeasureDraft;
  book: SetupState;
  onChange: (change: Partial<MeasureDraft>) => void;
}

/** What else must be said of the thing that is measured. */
export function DraftFields({ draft, book, onChange }: DraftFieldsProps) {
  const unit = book.setup.units;
  const positive = (mm: number) => (mm > 0 ? undefined : 'It must be more than nothing.');
  switch (draft.kind) {
    case 'size':
      return null;
    case 'chord':
      return (
        <FieldRow>
          <LengthField
            label="First pin ⌀"
            unit={unit}
            value={draft.pin}
            onCommit={(pin) => onChange({ pin })}
            check={positive}
          />
          <LengthField
            label="Second pin ⌀"
            unit={unit}
            value={draft.pinTo}
            onCommit={(pinTo) => onChange({ pinTo })}
            check={positive}
          />
        </FieldRow>
      );
    case 'edge':
      return (
        <>
          <Choice
            label="From which face"
            value={draft.face}
            options={FACES.map((face) => ({ value: face, label: face.charAt(0).toUpperCase() + face.slice(1) }))}
            onChange={(face) => onChange({ face })}
          />
          <LengthField
            label="Pin ⌀"
            unit={unit}
            value={draft.pin}
            onCommit={(pin) => onChange({ pin })}
            check={positive}
          />
        </>
      );
    case 'place':
      return (
        <Choice
          label="Along"
          value={draft.axis}
          options={[
            { value: 'x', label: 'X' },
            { value: 'y', label: 'Y' },
          ]}
          onChange={(axis) => onChange({ axis })}
        />
      );
    case 'height':
    case 'wall':
      return (
        <>
          {draft.kind === 'height' && (
            <Choice
              label="It is a"
              value={draft.counts}
              options={[
                { value: 'thickness', label: 'Thickness' },
                { value: 'depth', label: 'Depth' },
              ]}
              onChange={(counts) => onChange({ counts })}
            />
          )}
          <TextField label="What it is" value={draft.name} onCommit={(name) => onChange({ name })} />
          <OptionalLengthField
            label="It should be"
            unit={unit}
            value={draft.should}
            onCommit={(should) => onChange({ should })}
            check={(mm) => (mm === undefined || mm > 0 ? undefined : 'It must be more than nothing.')}
          />
          {draft.kind === 'height' && book.tools.length > 0 && (
            <Choice
              label="Made by tool"
              value={draft.tool === undefined ? 'none' : String(draft.tool)}
              options={[
                { value: 'none', label: 'not entered' },
                ...book.tools
                  .filter(({ retiredOn }) => retiredOn === undefined)
                  .slice(0, 24)
                  .map(({ number, name }) => ({ value: String(number), label: `${number} ${name}` })),
              ]}
              onChange={(tool) => onChange({ tool: tool === 'none' ? undefined : Number(tool) })}
            />
          )}
        </>
      );
  }
}
