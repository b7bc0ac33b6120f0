import type { Book } from '@zero-point/core/book/book';
import { scaleOf } from '@zero-point/core/book/inForce';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { plusMinus } from '@zero-point/core/words/goodness';
import { readBackQuestion } from '@zero-point/core/words/readBack';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Cautions } from '../../../answer/Cautions';
import { HelpLine } from '../../../answer/HelpLine';
import { ReadingDock } from '../../../answer/ReadingDock';
import { StandingLine } from '../../../answer/StandingLine';
import { PlanDrawing } from '../../../drawing/PlanDrawing';
import { Arrow } from '../../../drawing/marks';
import { Target } from '../../../drawing/Target';
import { Choice } from '../../../frame/Choice';
import { LinkButton } from '../../../frame/LinkButton';
import { StationFrame } from '../../../frame/StationFrame';
import { Words } from '../../../theme/Words';
import { stationPath } from '../../path';
import { againView, logAgain, type AgainFace } from '../againView';
import { WhichChoice } from './WhichChoice';

/** Touch any face again: what it should show, what it did, and whether the zero stands. */
export function TouchAgainPage({ book }: { book: Book }) {
  const { setup, part } = book;
  const unit = setup.units;
  const [now] = useState(Date.now);
  const { faces, openReadBacks, cautions } = againView(book, now);
  const [ticked, setTicked] = useState<string[]>([]);
  const gate = cautions.find(({ id, mustTick }) => mustTick && !ticked.includes(id));
  const tick = (id: string) => setTicked([...ticked, id]);
  const [name, setName] = useState(
    faces.find(({ expected, shift }) => expected && !shift)?.face ?? faces[0]?.face ?? 'left',
  );
  const face = faces.find((one) => one.face === name) ?? faces[0];
  return (
    <StationFrame
      touch
      drawing={
        <PlanDrawing
          part={part}
          partZero={setup.partZero}
          zeroSet={faces.every(({ expected }) => expected !== undefined)}
          height="fill"
          room={Math.max(part.size.x, part.size.y) / 10}
          label={`${part.name} from above: the ${name} face is touched again`}
          marks={(view) => face && <Approach face={face} x={view.x} y={view.y} size={part.size} />}
          targets={(view) =>
            faces.map((one) => {
              const at = placeOf(one.face, part.size);
              return (
                <Target
                  key={one.face}
                  label={`Touch the ${one.face} face again`}
                  at={{ x: view.x(at.x), y: view.y(at.y), width: 48, height: 48 }}
                  chosen={one.face === name}
                  onPress={() => setName(one.face)}
                />
              );
            })
          }
        />
      }
      prompt={
        <Words kind="sentence" live>
          {!face
            ? 'No face to touch again.'
            : face.expected
              ? `Touch the ${face.face} face again, coming from ${face.from}: ${face.axis.toUpperCase()} should show ${formatLengthUnit(face.expected.reading, { unit })} ${plusMinus(face.expected.U, unit)}.`
              : `${face.axis.toUpperCase()} is not set yet: find it in Datum first.`}
        </Words>
      }
      detail={
        <>
          <StandingLine book={book} gaugeId={setup.finderId} only="doubtful" />
          <WhichChoice value="again" />
          <Choice
            label="Which face"
            value={name}
            options={faces.map((one) => ({ value: one.face, label: capital(one.face) }))}
            onChange={setName}
          />
          <View role="list" aria-label="Touched again" style={styles.list}>
            {faces.flatMap((one) =>
              one.shift
                ? [
                    <View key={one.face} role="listitem">
                      <Words tone={one.shift.stands ? 'good' : 'bad'}>
                        {`${one.shift.stands ? '✓' : '✗'} ${capital(one.face)} face: ${formatLengthUnit(one.shift.off, { unit, plus: true })} ${plusMinus(one.shift.U, unit)} from where it was. ${one.shift.stands ? 'The zero stands.' : `Set ${one.axis.toUpperCase()} anew, or find what moved.`}`}
                      </Words>
                    </View>,
                  ]
                : [],
            )}
          </View>
          {openReadBacks.length > 0 && (
            <View style={styles.list}>
              <Words style={styles.strong}>Not read back yet</Words>
              {openReadBacks.map((open) => (
                <Words key={open.setting.id} tone="warn">
                  ▲ {readBackQuestion(open, unit)}
                </Words>
              ))}
            </View>
          )}
          <HelpLine book={book} />
          <Cautions cautions={cautions.filter(({ mustTick }) => !mustTick)} ticked={[]} onTick={() => undefined} />
        </>
      }
      dock={
        face?.expected && gate ? (
          <Cautions cautions={[gate]} ticked={ticked} onTick={tick} />
        ) : face?.expected ? (
          <ReadingDock
            label={`${face.axis.toUpperCase()} shows`}
            unit={unit}
            dial={scaleOf(book) === 'dial'}
            onLog={(text) => logAgain(book, face, text, ticked)}
            next={undefined}
          />
        ) : (
          <LinkButton to={stationPath(setup.id, 'datum')} label="On to Datum" />
        )
      }
    />
  );
}

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

function placeOf(face: AgainFace['face'], { x, y }: { x: number; y: number }) {
  switch (face) {
    case 'left':
      return { x: 0, y: y / 2 };
    case 'right':
      return { x, y: y / 2 };
    case 'front':
      return { x: x / 2, y: 0 };
    case 'back':
      return { x: x / 2, y };
  }
}

interface ApproachProps {
  face: AgainFace;
  x: (mm: number) => number;
  y: (mm: number) => number;
  size: { x: number; y: number };
}

/** The way the finder comes, px. */
const WAY = 44;

function Approach({ face, x, y, size }: ApproachProps) {
  const at = placeOf(face.face, size);
  const to = { x: x(at.x), y: y(at.y) };
  const from =
    face.axis === 'x' ? { x: to.x - face.approach * WAY, y: to.y } : { x: to.x, y: to.y + face.approach * WAY };
  return <Arrow from={from} to={to} />;
}

const styles = StyleSheet.create({ list: { gap: 6 }, strong: { fontWeight: '700' } });
