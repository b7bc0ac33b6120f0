import type { Book } from '@zero-point/core/book/book';
import { Choice } from '../../../frame/Choice';
import { LengthField } from '../../../keypad/Fields';
import { saveThing } from '../../../record/logEntry';

/** Whether the part is cut from a block or a bar that lies along an axis; a bar has one diameter, across and up. */
export function StockForm({ book }: { book: Book }) {
  const { part, setup } = book;
  const { bar, ...block } = part;
  const across = bar === 'x' ? 'y' : 'x';
  const shaped = (along: 'x' | 'y', diameter: number) =>
    saveThing(book, 'part', {
      ...block,
      bar: along,
      size: { ...part.size, [along === 'x' ? 'y' : 'x']: diameter, z: diameter },
    });
  return (
    <>
      <Choice
        label="The stock is"
        value={bar ?? 'block'}
        options={[
          { value: 'block', label: 'a block or plate' },
          { value: 'x', label: 'a round bar along X' },
          { value: 'y', label: 'a round bar along Y' },
        ]}
        onChange={(form) =>
          form === 'block' ? saveThing(book, 'part', block) : shaped(form, part.size[form === 'x' ? 'y' : 'x'])
        }
      />
      {bar !== undefined && (
        <LengthField
          label="Diameter of the bar"
          hint="Its centre line can be Z zero, in Heights; across it, touch both sides and take the middle."
          unit={setup.units}
          value={part.size[across]}
          onCommit={(diameter) => shaped(bar, diameter)}
          check={(mm) => (mm > 0 ? undefined : 'It must be greater than zero.')}
        />
      )}
    </>
  );
}
