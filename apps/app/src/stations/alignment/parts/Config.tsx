import { gaugesOf } from '@zero-point/core/state/alignment/plan';
import type { Alignment, AlignmentOf } from '@zero-point/core/records/setup/alignment';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { FACES } from '@zero-point/core/records/values/faces';
import { View } from 'react-native';
import { Choice } from '../../../controls/Choice';
import { LengthField } from '../../../keypad/Fields';
import { saveAlignment } from '../commands';
import { CentreFields } from './CentreFields';
import { ChuckFields } from './ChuckFields';
import type { ConfigProps } from './configOf';
import { PivotedFields } from './PivotedFields';
import { ViseFields } from './ViseFields';

/** A task's document with some of it changed. */
const changed = <A extends Alignment>(alignment: A, change: Partial<A>): A => ({ ...alignment, ...change });

const positive = (what: string) => (mm: number) => (mm > 0 ? undefined : `${what} must be greater than zero.`);

/** How a task is read: where, with what, and how straight is straight enough. */
export function Config({ book, alignment }: ConfigProps) {
  const keep = (change: Partial<Alignment>) => saveAlignment(book, changed(alignment, change));
  const unit = book.setup.units;
  return (
    <View style={{ gap: 14 }}>
      <Own book={book} alignment={alignment} />
      {'indicatorId' in alignment && !(alignment.task === 'centre' && alignment.school === 'plug') && (
        <>
          <Choice
            label="Indicator"
            value={alignment.indicatorId}
            options={gaugesOf(book, 'indicator').map(({ id, name }) => ({ value: id, label: name }))}
            onChange={(indicatorId) => keep({ indicatorId })}
          />
          <Choice
            label="Pressing the stylus in makes the dial count"
            value={String(alignment.sense)}
            options={[
              { value: '1', label: 'up: pressed = +' },
              { value: '-1', label: 'down: pressed = −' },
            ]}
            onChange={(sense) => keep({ sense: sense === '1' ? 1 : -1 })}
          />
        </>
      )}
      <LengthField
        label="Largest error allowed, ± included"
        hint="A quarter of the job’s tolerance unless you change it."
        unit={unit}
        value={alignment.allowed}
        onCommit={(allowed) => keep({ allowed })}
        check={positive('What is allowed')}
      />
    </View>
  );
}

function Own({ book, alignment }: ConfigProps) {
  switch (alignment.task) {
    case 'vise':
      return <ViseFields book={book} alignment={alignment} />;
    case 'head':
      return (
        <LengthField
          label="Swing diameter"
          hint="Across the swing: twice the arm."
          unit={book.setup.units}
          value={alignment.swing}
          onCommit={(swing) => saveAlignment(book, { ...alignment, swing })}
          check={positive('The swing')}
        />
      );
    case 'centre':
      return <CentreFields book={book} alignment={alignment} />;
    case 'chuck':
      return <ChuckFields book={book} alignment={alignment} />;
    case 'level':
      return (
        <>
          <LengthField
            label="Between the two places"
            unit={book.setup.units}
            value={alignment.distance}
            onCommit={(distance) => saveAlignment(book, { ...alignment, distance })}
            check={positive('The distance')}
          />
          <Choice
            label="Command +10°. Seen from the + end of its axis, the table turns"
            value={String(alignment.rotarySense)}
            options={[
              { value: '1', label: 'clockwise, as ISO 841 has it' },
              { value: '-1', label: 'anticlockwise' },
            ]}
            onChange={(sense) => saveAlignment(book, { ...alignment, rotarySense: sense === '1' ? 1 : -1 })}
          />
        </>
      );
    case 'skew':
      return (
        <>
          <Choice
            label="Face"
            value={alignment.face}
            options={FACES.map((face) => ({ value: face, label: face }))}
            onChange={(face) => saveAlignment(book, onFace(book, alignment, face))}
          />
          <PivotedFields book={book} alignment={alignment} what="the face" />
        </>
      );
  }
}

/** The same task on another face: its places follow the face's length. */
function onFace(
  { part }: SetupState,
  alignment: AlignmentOf<'skew'>,
  face: AlignmentOf<'skew'>['face'],
): AlignmentOf<'skew'> {
  const length = face === 'left' || face === 'right' ? part.size.y : part.size.x;
  const inset = Math.min(10, length / 10);
  return { ...alignment, face, from: inset, to: length - inset, pivot: 0, loose: length, carriedPass: null };
}
