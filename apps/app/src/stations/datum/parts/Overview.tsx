import { capitalize } from '@zero-point/core/messages/basis/grammar';
import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { zeroCheck } from '@zero-point/core/state/datum/zeroCheck';
import { featureKey, featureName, featureOf } from '@zero-point/core/datum/feature';
import type { Part } from '@zero-point/core/records/shop/part';
import { formatAngle, formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useRouter } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Fold } from '../../../answer/Fold';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { FeatureHint } from '../../../drawing/FeatureHints';
import { featurePlaces } from '../../../drawing/geometry/featurePlaces';
import { PlanDrawing } from '../../../drawing/PlanDrawing';
import { Target } from '../../../drawing/Target';
import type { View as View2D } from '../../../drawing/geometry/view';
import { MainAction } from '../../../controls/MainAction';
import { CardButton } from '../../../controls/CardButton';
import { StationFrame } from '../../../layout/StationFrame';
import { useWide } from '../../../layout/useLayoutSize';
import { Figure, AppText } from '../../../theme/AppText';
import { stationPath } from '../../path';
import { AddShape } from './AddShape';
import { AgreementNote } from './feature/AgreementNote';
import { LinkButton } from '../../../controls/LinkButton';
import { ZeroCheck } from './ZeroCheck';
import { LocalDatums } from './LocalDatums';
import { RecalculationPreview } from './RecalculationPreview';
import { ScalePanel } from './method/ScalePanel';
import { datumView, type FoundView } from '../view';

/** Room for words along the drawing's lower edge, px. */
const TALL = 330;
const SHORT = 250;

/** Room for the names of the faces beside the part, px. */
const LETTERING = 52;

/** Datum while nothing is in hand: the part to tap, what was found, and what does not agree. */
export default function Overview({ book }: { book: SetupState }) {
  const router = useRouter();
  const wide = useWide();
  const view = useMemo(() => datumView(book), [book]);
  const { part, setup } = book;
  const [left, setLeft] = useState<readonly Feature[]>([]);
  const [adding, setAdding] = useState(false);
  const take = (feature: Feature) => router.setParams({ f: featureKey(feature) });
  const trouble = view.checks.filter(({ explanation }) => !explanation.agrees);
  // Until zero was looked at, that is the next thing to do; the way on stands by.
  const looked = (zeroCheck(book)?.seen ?? 'there') === 'there';
  const on = () => router.navigate(stationPath(setup.id, 'heights'));
  const fine = view.checks.filter(({ explanation }) => explanation.agrees);
  return (
    <StationFrame
      drawing={
        <PlanDrawing
          part={part}
          partZero={setup.partZero}
          inset={LETTERING}
          zeroSet={view.set.x && view.set.y}
          height={wide ? 'fill' : view.found.length > 0 ? SHORT : TALL}
          label={`${part.name} from above; tap what you will touch`}
          marks={(place) =>
            featurePlaces(part, place).placed.map(({ thing }) => (
              <FeatureHint key={featureKey(thing)} part={part} feature={thing} view={place} />
            ))
          }
          targets={(place) => <Targets part={part} view={place} onTake={take} onLeft={setLeft} />}
        />
      }
      prompt={
        <>
          <AppText kind="sentence" live>
            {view.sentence}
          </AppText>
          <ZeroCheck book={book} />
        </>
      }
      detail={
        <>
          {trouble.map((check) => (
            <AgreementNote key={check.key} book={book} check={check} />
          ))}
          {view.found.length > 0 && <Found found={view.found} unit={setup.units} onTake={take} />}
          {fine.map((check) => (
            <AgreementNote key={check.key} book={book} check={check} />
          ))}
          {left.length > 0 && (
            <Fold title={`More for this part (${left.length})`}>
              <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
                {left.map((feature) => (
                  <Button mode="outlined" key={featureKey(feature)} onPress={() => take(feature)}>
                    {featureName(part, feature)}
                  </Button>
                ))}
              </View>
            </Fold>
          )}
          <RecalculationPreview book={book} />
          {(book.machine.rotary ?? []).length > 0 && (
            <LinkButton
              to={`${stationPath(setup.id, 'datum')}?index=1` as ReturnType<typeof stationPath>}
              label="Faces at other angles: part zero at each index"
            />
          )}
          <Fold title="Add a bore, slot, rib or boss to the drawing">
            {adding ? (
              <AddShape book={book} onDone={() => setAdding(false)} />
            ) : (
              <Button mode="outlined" onPress={() => setAdding(true)}>
                Draw something on the part
              </Button>
            )}
          </Fold>
          <Fold title="A second datum on this part">
            <LocalDatums book={book} />
          </Fold>
          <Fold title="Scale, or a lost zero">
            <ScalePanel book={book} found={view.found} />
          </Fold>
        </>
      }
      dock={
        view.set.x &&
        view.set.y &&
        (looked ? (
          <MainAction label="Go to Z & tools" onPress={on} />
        ) : (
          <Button mode="outlined" onPress={on}>
            Go to Z & tools
          </Button>
        ))
      }
    />
  );
}

interface TargetsProps {
  part: Part;
  view: View2D;
  onTake: (feature: Feature) => void;
  /** Told what has no room for a finger, once the drawing knows its size; it is offered in words. */
  onLeft: (left: readonly Feature[]) => void;
}

/** What can be tapped on the drawing. */
function Targets({ part, view, onTake, onLeft }: TargetsProps) {
  const { placed, left } = featurePlaces(part, view);
  const names = left.map(featureKey).join(' ');
  useEffect(() => {
    onLeft(names === '' ? [] : names.split(' ').flatMap((key) => featureOf(part, key) ?? []));
  }, [names, onLeft, part]);
  return placed.map(({ thing, ...at }) => (
    <Target
      key={featureKey(thing)}
      label={featureName(part, thing)}
      chosen={false}
      at={at}
      onPress={() => onTake(thing)}
    />
  ));
}

interface FoundProps {
  found: readonly FoundView[];
  unit: LengthUnit;
  onTake: (feature: Feature) => void;
}

/** What was found so far, each a way back to its answer. */
function Found({ found, unit, onTake }: FoundProps) {
  return (
    <View style={{ gap: 8 }}>
      <AppText kind="note" style={{ fontWeight: '700' }}>
        Found so far
      </AppText>
      {found.map(({ feature, key, name, answer, stands }) => (
        <CardButton key={key} label={`${capitalize(name)}: show its answer`} onPress={() => onTake(feature)}>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between', columnGap: 12 }}>
            <AppText>{capitalize(name)}</AppText>
            {stands && !(answer.off && answer.x?.stands === undefined) ? (
              <Figure size={17}>
                {(['x', 'y'] as const)
                  .flatMap((axis) => {
                    const one = answer[axis];
                    return one ? `${axis.toUpperCase()} ${formatLength(one.found, { unit })}` : [];
                  })
                  .join(' ')}{' '}
                {unit}
              </Figure>
            ) : (
              <AppText kind="note" tone="soft">
                {stands ? 'swept' : 'from an earlier zero'}
              </AppText>
            )}
          </View>
          <AppText kind="note" tone="soft">
            {plusMinus(answer.uncertainty.U, unit)}
            {answer.skew ? `, turned ${answer.skew.angle > 0 ? '+' : ''}${formatAngle(answer.skew.angle)}` : ''}
          </AppText>
        </CardButton>
      ))}
    </View>
  );
}
