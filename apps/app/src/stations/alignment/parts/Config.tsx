import { gaugesOf } from '@zero-point/core/book/alignmentPlan';
import type { Alignment, AlignmentOf } from '@zero-point/core/record/alignment';
import type { Book } from '@zero-point/core/book/book';
import { FACES } from '@zero-point/core/record/faces';
import { View } from 'react-native';
import { Choice } from '../../../frame/Choice';
import { FieldRow } from '../../../keypad/FieldRow';
import { AngleField, CountField, LengthField } from '../../../keypad/Fields';
import { keepAlignment } from '../view';

interface ConfigProps<A extends Alignment = Alignment> {
  book: Book;
  alignment: A;
}

/** A task's document with some of it changed. */
const changed = <A extends Alignment>(alignment: A, change: Partial<A>): A => ({ ...alignment, ...change });

const positive = (what: string) => (mm: number) => (mm > 0 ? undefined : `${what} must be greater than zero.`);

/** How a task is read: where, with what, and how straight is straight enough. */
export function Config({ book, alignment }: ConfigProps) {
  const keep = (change: Partial<Alignment>) => keepAlignment(book, changed(alignment, change));
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
        label="Most it may be out, ± included"
        hint="A quarter of the job’s tolerance unless you say otherwise."
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
          label="Swing, across"
          hint="From one place to the opposite one: twice the arm."
          unit={book.setup.units}
          value={alignment.swing}
          onCommit={(swing) => keepAlignment(book, { ...alignment, swing })}
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
            onCommit={(distance) => keepAlignment(book, { ...alignment, distance })}
            check={positive('The distance')}
          />
          <Choice
            label="Command +10°. Seen from the + end of its axis, the table turns"
            value={String(alignment.rotarySense)}
            options={[
              { value: '1', label: 'clockwise, as ISO 841 has it' },
              { value: '-1', label: 'anticlockwise' },
            ]}
            onChange={(sense) => keepAlignment(book, { ...alignment, rotarySense: sense === '1' ? 1 : -1 })}
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
            onChange={(face) => keepAlignment(book, onFace(book, alignment, face))}
          />
          <PivotedFields book={book} alignment={alignment} what="the face" />
        </>
      );
  }
}

/** The same task on another face: its places follow the face's length. */
function onFace(
  { part }: Book,
  alignment: AlignmentOf<'skew'>,
  face: AlignmentOf<'skew'>['face'],
): AlignmentOf<'skew'> {
  const length = face === 'left' || face === 'right' ? part.size.y : part.size.x;
  const inset = Math.min(10, length / 10);
  return { ...alignment, face, from: inset, to: length - inset, pivot: 0, loose: length, carriedPass: null };
}

function ViseFields({ book, alignment }: ConfigProps<AlignmentOf<'vise'>>) {
  const keep = (change: Partial<AlignmentOf<'vise'>>) => keepAlignment(book, { ...alignment, ...change });
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
        label="The indicator stands"
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

function PivotedFields({
  book,
  alignment,
  what,
}: ConfigProps<AlignmentOf<'vise'> | AlignmentOf<'skew'>> & { what: string }) {
  const unit = book.setup.units;
  const keep = (change: Partial<Pick<typeof alignment, 'from' | 'to' | 'points' | 'pivot' | 'loose'>>) =>
    keepAlignment(book, { ...alignment, ...change });
  const apart = (other: number) => (mm: number) =>
    mm === other ? 'Both places are one. Give two places, as far apart as the face allows.' : undefined;
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
          hint="It turns about this place."
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
            mm === alignment.pivot ? 'Tapping at the bolt turns nothing. Give the loose end.' : undefined
          }
        />
      </FieldRow>
    </>
  );
}

function CentreFields({ book, alignment }: ConfigProps<AlignmentOf<'centre'>>) {
  const keep = (change: Partial<AlignmentOf<'centre'>>) => keepAlignment(book, { ...alignment, ...change });
  const unit = book.setup.units;
  const plugs = gaugesOf(book, 'plug');
  return (
    <>
      <Choice
        label="By"
        value={alignment.school}
        options={[
          { value: 'sweep', label: 'Indicator sweep' },
          { value: 'plug', label: 'Tapered plug' },
        ]}
        onChange={(school) => keep({ school })}
      />
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
                  ? 'Two angles leave the centre open. Read at 3 or more.'
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
                  : 'Angles within 60° leave the centre open. Spread them over more, best all round: 360.'
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
            label="The plug’s own run-out in its collet"
            hint="Total reading of an indicator on it; it goes into the ±."
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
              label="Total run-out of that sweep"
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

function ChuckFields({ book, alignment }: ConfigProps<AlignmentOf<'chuck'>>) {
  const keep = (change: Partial<AlignmentOf<'chuck'>>) => keepAlignment(book, { ...alignment, ...change });
  return (
    <>
      <Choice
        label="Flip"
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
          { value: 'turning', label: 'turning the table half round' },
          { value: 'standing', label: 'swinging the indicator, table still' },
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
          label="Total run-out of the chuck’s body"
          hint="Where the chuck itself is out, flipping the part only hides it."
          unit={book.setup.units}
          value={alignment.chuckTir}
          onCommit={(chuckTir) => keep({ chuckTir })}
          check={(mm) => (mm >= 0 ? undefined : 'Run-out cannot be negative.')}
        />
      )}
    </>
  );
}
