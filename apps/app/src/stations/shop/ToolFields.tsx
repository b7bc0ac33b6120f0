import { TOOL_KINDS } from '@zero-point/core/contract/toolKinds';
import type { Tool } from '@zero-point/core/contract/shop';
import { View } from 'react-native';
import type { Shop } from '../../api/queries';
import { Choice } from '../../frame/Choice';
import { CountField, LengthField, TextField } from '../../keypad/Fields';
import { useSettings } from '../../stores/settings';
import { keepThing } from './useShop';

/** Everything of a tool. */
export function ToolFields({ tool, shop }: { tool: Tool; shop: Shop }) {
  const unit = useSettings((state) => state.units);
  const keep = (change: Partial<Tool>) => keepThing({ collection: 'tools', body: { ...tool, ...change } });
  const taken = (number: number) =>
    shop.tools.find((other) => other.number === number && other.id !== tool.id && other.retiredOn === undefined);
  return (
    <View style={{ gap: 16 }}>
      <CountField
        label="Number"
        hint="As it stands in the rack or the changer."
        value={tool.number}
        onCommit={(number) => keep({ number })}
        check={(number) => {
          const other = taken(number);
          if (other) return `Number ${number} is ${other.name}. Give another number, or retire that one first.`;
          return number >= 1 && number <= 9999 ? undefined : 'A number from 1 to 9999.';
        }}
      />
      <TextField
        label="Name"
        hint="As you ask for it."
        value={tool.name}
        onCommit={(name) => keep({ name })}
        check={(name) => (name === '' ? 'Give the tool a name.' : undefined)}
      />
      <Choice
        label="Kind, for how it is touched and run"
        value={tool.kind ?? 'other'}
        options={TOOL_KINDS.map((kind) => ({ value: kind, label: kind.replace('-', ' ') }))}
        onChange={(kind) => keep({ kind })}
      />
      <View style={{ flexDirection: 'row', gap: 12, alignItems: 'flex-end' }}>
        <LengthField
          label="Diameter"
          hint="For drawings and finding with it."
          unit={unit}
          value={tool.diameter}
          onCommit={(diameter) => keep({ diameter })}
          check={(mm) => (mm >= 0 ? undefined : 'It cannot be negative.')}
        />
        <CountField
          label="Teeth"
          hint="0 for none."
          value={tool.teeth ?? 0}
          onCommit={(teeth) => keep({ teeth })}
          check={(n) => (n <= 99 ? undefined : 'At most 99 teeth.')}
        />
      </View>
    </View>
  );
}
