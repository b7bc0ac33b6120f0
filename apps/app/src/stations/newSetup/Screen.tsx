import { zodResolver } from '@hookform/resolvers/zod';
import type { Machine } from '@zero-point/core/records/shop/machine';
import { MACHINE_KINDS } from '@zero-point/core/shop/startingMachine';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { ScrollView, StyleSheet, View } from 'react-native';
import { ServerAway } from '../../api/client';
import { openSetupFile } from '../../api/openSetupFile';
import { shopSeen, useShop, type Shop } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { CardButton } from '../../controls/CardButton';
import { Choice } from '../../controls/Choice';
import { FilePicker } from '../../files/FilePicker';
import { GAP } from '../../layout/layout';
import { MainAction } from '../../controls/MainAction';
import { RequestTrouble } from '../../delivery/RequestTrouble';
import { Loading } from '../../layout/States';
import { TopBar } from '../../layout/TopBar';
import { UnitSwitch } from '../../controls/UnitSwitch';
import { FieldBox } from '../../keypad/FieldBox';
import { useSettings } from '../../stores/settings';
import { useLook } from '../../theme/useLook';
import { AppText } from '../../theme/AppText';
import { stationPath } from '../path';
import { DialPicture } from './parts/DialPicture';
import { startAway } from './startAway';
import {
  dialForm,
  makeSetup,
  storeSetup,
  usualDial,
  type DialForm,
  type DialSummary,
  type Made,
  type Where,
} from './startSetup';

const BACK = { to: '/', label: 'Back to Home' } as const;

/** No part of the shop: one whose sizes are told later. */
const LATER = '';

/** Starts a setup from a machine and a unit; everything else is asked where it is first needed. */
export default function NewSetupScreen() {
  const { palette } = useLook();
  const shop = useShop();
  const away = shop.error !== null;
  const seen = useMemo(() => (away ? shopSeen() : undefined), [away]);
  const known = shop.data ?? seen;
  return (
    <View style={[styles.page, { backgroundColor: palette.ground }]}>
      <TopBar title="Start a setup" back={BACK}>
        <UnitSwitch />
      </TopBar>
      {known ? (
        <Start shop={known} away={away} />
      ) : away ? (
        <View role="main">
          <RequestTrouble
            error={shop.error}
            away="This device has not yet loaded the shop’s machines. Start the server, then try again."
            retry={() => void shop.refetch()}
          />
        </View>
      ) : (
        <View role="main">
          <Loading what="the shop" />
        </View>
      )}
    </View>
  );
}

interface StartProps {
  shop: Pick<Shop, 'machines' | 'parts' | 'gauges'>;
  /** The server did not answer when it was last asked. */
  away: boolean;
}

function Start({ shop, away }: StartProps) {
  const router = useRouter();
  const units = useSettings((state) => state.units);
  const [partId, setPartId] = useState(LATER);
  const [asking, setAsking] = useState(false);
  const [failure, setFailure] = useState<string | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const machines = shop.machines.filter(({ retiredOn }) => retiredOn === undefined);

  const start = async (where: Where) => {
    setFailure(undefined);
    setBusy(true);
    try {
      const made = makeSetup(
        where,
        shop.parts.find(({ id }) => id === partId),
        shop,
        units,
      );
      await begin(made, away);
      router.replace(stationPath(made.setup.id, 'datum'));
    } catch (error) {
      setFailure(
        `${error instanceof Error ? error.message : 'It could not be stored.'} Nothing you chose is lost; try again.`,
      );
      setBusy(false);
    }
  };
  const open = async (file: File) => {
    setFailure(undefined);
    setBusy(true);
    try {
      const id = await openSetupFile(file);
      void queryClient.invalidateQueries();
      router.replace(stationPath(id, 'plan'));
    } catch (error) {
      setFailure(error instanceof Error ? error.message : 'The file could not be read here. Try again.');
      setBusy(false);
    }
  };
  const take = (kind: Machine['kind']) => (kind === 'dials' ? setAsking(true) : void start({ kind }));

  if (asking)
    return <DialQuestion busy={busy} failure={failure} onTold={(dial) => void start({ kind: 'dials', dial })} />;
  return (
    <ScrollView role="main" contentContainerStyle={styles.body}>
      <AppText kind="sentence">
        Which machine? The first touch comes next. Everything else is asked when it is needed.
      </AppText>
      {failure !== undefined && <Failure>{failure}</Failure>}
      {away && (
        <AppText kind="note" tone="warn" live>
          The server is away. Your setup and its log wait on this device until it is back.
        </AppText>
      )}
      <View role="list" style={styles.list}>
        {machines.map((machine) => (
          <View role="listitem" key={machine.id}>
            <CardButton label={machine.name} onPress={() => void (busy ? undefined : start({ machine }))}>
              <AppText kind="strong">{machine.name}</AppText>
              <AppText kind="note" tone="soft">
                {MACHINE_KINDS.find(({ kind }) => kind === machine.kind)?.name}
              </AppText>
            </CardButton>
          </View>
        ))}
      </View>
      <AppText kind="note" tone="soft">
        {machines.length > 0 ? 'Or another machine:' : 'What kind is it?'}
      </AppText>
      <View role="list" style={styles.list}>
        {MACHINE_KINDS.map(({ kind, name, about }) => (
          <View role="listitem" key={kind}>
            <CardButton label={`New: ${name}`} onPress={() => (busy ? undefined : take(kind))}>
              <AppText kind="strong">{name}</AppText>
              <AppText kind="note" tone="soft">
                {about}
              </AppText>
            </CardButton>
          </View>
        ))}
      </View>
      {shop.parts.length > 0 && (
        <Choice
          label="Part"
          value={partId}
          options={[
            { value: LATER, label: 'Enter its sizes later' },
            ...shop.parts.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={setPartId}
        />
      )}
      <AppText kind="note" tone="soft">
        Or open a setup saved in another shop:
      </AppText>
      <FilePicker
        label="Open a setup’s file"
        what="A file of a whole setup"
        accept=".json,application/json"
        onPick={(file) => void open(file)}
      />
    </ScrollView>
  );
}

/** Stores it; where the server does not answer it begins on this device. */
async function begin(made: Made, away: boolean): Promise<void> {
  try {
    if (away) throw new ServerAway();
    await storeSetup(made);
    void queryClient.invalidateQueries();
  } catch (error) {
    const shop = error instanceof ServerAway && error.fault === undefined ? shopSeen() : undefined;
    if (!shop) throw error;
    startAway(made, shop);
  }
}

const Failure = ({ children }: { children: string }) => (
  <View role="alert">
    <AppText kind="strong" tone="bad">
      {children}
    </AppText>
  </View>
);

interface DialQuestionProps {
  busy: boolean;
  failure: string | undefined;
  onTold: (dial: DialSummary) => void;
}

/** What a handwheel's dial has, asked by its picture. */
function DialQuestion({ busy, failure, onTold }: DialQuestionProps) {
  const unit = useSettings((state) => state.units);
  const { control, handleSubmit } = useForm<DialForm, unknown, DialSummary>({
    defaultValues: usualDial(unit),
    resolver: zodResolver(dialForm(unit)),
  });
  const told = dialForm(unit).safeParse(useWatch({ control }));
  return (
    <>
      <ScrollView role="main" contentContainerStyle={styles.body}>
        <DialPicture lines={told.success ? told.data.lines : undefined} />
        <AppText kind="sentence">
          Turn the handwheel one turn. How far does the table move, and how many lines has the dial?
        </AppText>
        <View style={styles.fields}>
          <Controller
            control={control}
            name="perTurn"
            render={({ field, fieldState: { error } }) => (
              <FieldBox
                label="Travel of one turn"
                unit={unit}
                value={field.value}
                onChange={field.onChange}
                onBlur={field.onBlur}
                error={error?.message}
              />
            )}
          />
          <Controller
            control={control}
            name="lines"
            render={({ field, fieldState: { error } }) => (
              <FieldBox
                label="Lines of the dial"
                inputMode="numeric"
                value={field.value}
                onChange={field.onChange}
                onBlur={field.onBlur}
                error={error?.message}
              />
            )}
          />
        </View>
        {told.success && (
          <AppText>
            One line is {Number((told.data.perTurn / told.data.lines / (unit === 'mm' ? 1 : 25.4)).toFixed(5))} {unit}.
          </AppText>
        )}
      </ScrollView>
      <View style={styles.dock}>
        {failure !== undefined && <Failure>{failure}</Failure>}
        <MainAction label="Go to the first touch" disabled={busy} onPress={() => void handleSubmit(onTold)()} />
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1 },
  body: { padding: 16, paddingTop: 4, gap: GAP, maxWidth: 760 },
  list: { gap: 8 },
  fields: { flexDirection: 'row', gap: 12 },
  dock: { paddingHorizontal: 12, paddingVertical: 8, gap: 8 },
});
