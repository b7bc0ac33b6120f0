import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { keptSpotGauge, spotGauges } from '@zero-point/core/state/gauges/spotGauge';
import { touchOffPoint } from '@zero-point/core/state/toolChange/touchOffPoint';
import { SPOT_PLACES, spotPlaceRefused, type SpotPlace } from '@zero-point/core/messages/zAndTools/toolChange';
import { View } from 'react-native';
import { Choice } from '../../../controls/Choice';
import { MainAction } from '../../../controls/MainAction';
import { AppText } from '../../../theme/AppText';
import { saveDatumPlan } from '../../../commands/saveDatumPlan';

/** What is chosen of a spot before it is kept. */
export interface SpotDraft {
  place?: SpotPlace;
  gaugeId?: string;
}

interface SpotPlaceProps {
  book: SetupState;
  draft: SpotDraft;
}

function drafted(book: SetupState, draft: SpotDraft) {
  const kept = book.datumPlan.heights?.spot;
  const fits = spotGauges(book, touchOffPoint(book).setter);
  const wanted = draft.gaugeId ?? kept?.gaugeId ?? keptSpotGauge(book)?.id;
  return { place: draft.place ?? kept?.where, gauge: fits.find(({ id }) => id === wanted) ?? fits[0], fits };
}

/** Where the spot is, and what every tool touches on it. */
export function SpotPlaceFields({ book, draft, onDraft }: SpotPlaceProps & { onDraft: (draft: SpotDraft) => void }) {
  const { place, gauge, fits } = drafted(book, draft);
  const refused = place && spotPlaceRefused(place);
  return (
    <View style={{ gap: 12 }}>
      <Choice
        label="The tool touch-off point is"
        value={place ?? ''}
        options={Object.entries(SPOT_PLACES).map(([value, label]) => ({ value, label }))}
        onChange={(next) => onDraft({ ...draft, place: next as SpotPlace })}
      />
      {refused !== undefined && (
        <View role="alert">
          <AppText tone="bad" style={{ fontWeight: '700' }}>{`✗ ${refused}`}</AppText>
        </View>
      )}
      {fits.length > 0 ? (
        <Choice
          label="Every tool touches off there on"
          value={gauge?.id ?? ''}
          options={fits.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(gaugeId) => onDraft({ ...draft, gaugeId })}
        />
      ) : (
        <AppText tone="warn">Add a touch plate, or for cutters alone a block or a tool setter, in Shop first.</AppText>
      )}
      {touchOffPoint(book).setter === 'probe' && (
        <AppText tone="soft">
          Z was set by the probe: use a touch plate only. A probe and a cutter touch other gauges differently.
        </AppText>
      )}
      <AppText tone="soft">It must not move during the whole job. Its height does not matter.</AppText>
    </View>
  );
}

/** Keeps the spot as it was chosen. */
export function SpotPlaceAction({ book, draft, onDone }: SpotPlaceProps & { onDone: () => void }) {
  const { place, gauge } = drafted(book, draft);
  const usable = place !== undefined && place !== 'cut' && gauge !== undefined;
  return (
    <MainAction
      label={place === undefined ? 'Choose where it is' : 'Use this spot'}
      disabled={!usable}
      onPress={() => {
        if (!usable) return;
        const heights = book.datumPlan.heights ?? { surface: 0, lift: 0 };
        saveDatumPlan(book, {
          heights: { ...heights, spot: { where: place, gaugeId: gauge.id, since: new Date().toISOString() } },
        });
        onDone();
      }}
    />
  );
}
