import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { featureKey, featureName, roundOf } from '@zero-point/core/datum/feature';
import { roundsOf } from '@zero-point/core/datum/shapes';
import { isSet } from '@zero-point/core/state/basis/activeRecords';
import { StyleSheet, View } from 'react-native';
import { Line } from 'react-native-svg';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { FeatureHint } from '../../../../drawing/FeatureHints';
import { featurePlaces } from '../../../../drawing/geometry/featurePlaces';
import { Label } from '../../../../drawing/marks';
import { PlanDrawing } from '../../../../drawing/PlanDrawing';
import { Target } from '../../../../drawing/Target';
import { TouchMarks, type TouchPlace } from '../../../../drawing/TouchMark';
import type { World } from '../../../../drawing/geometry/view';
import { useWide } from '../../../../layout/useLayoutSize';
import { METAL } from '../../../../theme/palette';
import type { FeatureView } from './featureView';

interface FeatureDrawingProps {
  book: SetupState;
  view: FeatureView;
  height: number | 'fill';
  /** Another hole is to be tapped, to make a line with this one. */
  picking: boolean;
  onTake: (feature: Feature) => void;
}

/** A round feature is drawn large enough to see the contact in it. */
const AROUND = 1.15;

function roundFocus({ part }: SetupState, feature: Feature): World | undefined {
  if (feature.kind !== 'round') return undefined;
  const { at, diameter } = roundOf(part, feature.of);
  const reach = Math.max(diameter * AROUND, 12);
  return { left: at.x - reach, right: at.x + reach, bottom: at.y - reach / 1.6, top: at.y + reach / 1.6 };
}

/** A drawing lower than this is a strip: the place that is touched, to scale, and not the whole part, px. */
const STRIP = 170;

/** So many contact diameters high is the strip, and at least so many mm. */
const STRIP_CONTACTS = 3.4;
const LEAST_STRIP = 26;

/** Of a page with room, the place in hand in a strip of its own below the whole part, so high, px. */
const DETAIL = 176;

/** The place that is touched alone, its face, contact and arrow. */
function touchFocus({ slot, method }: FeatureView, width: number, tall: number): World | undefined {
  if (!slot) return undefined;
  const radius = method?.radius ?? 0;
  const high = Math.max(LEAST_STRIP, STRIP_CONTACTS * 2 * radius);
  const wide = (high * width) / tall;
  const centre = { x: slot.at.x - slot.toward.x * radius, y: slot.at.y - slot.toward.y * radius };
  return {
    left: centre.x - wide / 2,
    right: centre.x + wide / 2,
    bottom: centre.y - high / 2,
    top: centre.y + high / 2,
  };
}

/** The feature in hand: where each touch goes, which were taken, and the way of the next. */
export function FeatureDrawing({ book, view, height, picking, onTake }: FeatureDrawingProps) {
  const { part, setup } = book;
  const { feature, slots, slot, method, answer } = view;
  const touches = slots.map(({ id, at, toward, readings }): TouchPlace => ({
    id,
    at,
    toward,
    state: id === slot?.id ? 'now' : readings.length > 0 ? 'taken' : 'open',
  }));
  const room = (method?.radius ?? 0) * 2;
  const holes = roundsOf(part);
  const wide = useWide();
  const detailed = wide && !picking && slot !== undefined && feature.kind !== 'round';
  const scene = (
    <PlanDrawing
      part={part}
      partZero={setup.partZero}
      zeroSet={isSet(book)}
      height={height}
      room={room}
      focus={(width, tall) =>
        picking ? undefined : (roundFocus(book, feature) ?? (tall < STRIP ? touchFocus(view, width, tall) : undefined))
      }
      label={`${part.name} from above, the contact at the ${view.name}`}
      marks={(place) => (
        <>
          {feature.kind === 'hole-line' && <LineMark book={book} feature={feature} place={place} />}
          {picking
            ? holes.map(({ id }) => (
                <FeatureHint key={id} part={part} feature={{ kind: 'round', of: id }} view={place} />
              ))
            : null}
          {!picking && (
            <TouchMarks
              touches={touches}
              view={place}
              radius={method?.radius ?? 0}
              band={answer && slots.length === 1 ? plusMinus(answer.uncertainty.U, setup.units) : undefined}
            />
          )}
        </>
      )}
      targets={(place) =>
        // On a strip the faces beside the one in hand are not where they seem.
        featurePlaces(part, place)
          .placed.filter(({ thing }) =>
            picking ? thing.kind === 'round' && featureKey(thing) !== view.key : feature.kind !== 'round',
          )
          .map(({ thing, ...at }) => (
            <Target
              key={featureKey(thing)}
              label={featureName(part, thing)}
              chosen={featureKey(thing) === view.key}
              at={at}
              onPress={() => onTake(thing)}
            />
          ))
      }
    />
  );
  if (!detailed) return scene;
  return (
    <View style={styles.whole}>
      {scene}
      <View style={styles.detail}>
        <PlanDrawing
          part={part}
          partZero={setup.partZero}
          zeroSet={isSet(book)}
          height={DETAIL}
          focus={(width, tall) => touchFocus(view, width, tall)}
          label={`The contact at the ${view.name}, larger`}
          marks={(place) => (
            <>
              <TouchMarks touches={touches} view={place} radius={method?.radius ?? 0} band={undefined} />
              <Label x={10} y={DETAIL - 10} anchor="start" size={13} colour={METAL.silver} words>
                larger: the place in hand
              </Label>
            </>
          )}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  whole: { flex: 1, minHeight: 0 },
  detail: { borderTopWidth: 1.5, borderColor: METAL.silver },
});

function LineMark({
  book: { part },
  feature,
  place,
}: {
  book: SetupState;
  feature: Extract<Feature, { kind: 'hole-line' }>;
  place: { x: (mm: number) => number; y: (mm: number) => number };
}) {
  const [from, to] = [roundOf(part, feature.from).at, roundOf(part, feature.to).at];
  return (
    <Line
      x1={place.x(from.x)}
      y1={place.y(from.y)}
      x2={place.x(to.x)}
      y2={place.y(to.y)}
      stroke={METAL.brass}
      strokeWidth={2.5}
      strokeDasharray="10 5 2 5"
    />
  );
}
