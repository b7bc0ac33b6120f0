import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Controller, useForm, useWatch, type Control } from 'react-hook-form';
import { ScrollView, TextInput, View } from 'react-native';
import { useShop, type Shop } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { GAUGE_FACTS } from '@zero-point/core/metrology/gaugeKinds';
import { Choice } from '../../frame/Choice';

import { MainAction } from '../../frame/MainAction';
import { Loading, Trouble } from '../../frame/States';
import { TopBar } from '../../frame/TopBar';
import { useSettings } from '../../stores/settings';
import { SANS } from '../../theme/faces';
import { useLook } from '../../theme/useLook';
import { Words } from '../../theme/Words';
import { stationPath } from '../path';
import { emptyForm, NEW, newIds, readForm, storeSetup, type SetupForm } from './startSetup';

/** Starts a set-up: which machine, which part, what to hand. */
export default function NewSetupScreen() {
  const { palette } = useLook();
  const shop = useShop();
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <TopBar title="Start a set-up" back={{ to: '/', label: 'Back to the bench' }} />
      {shop.data ? (
        <Form shop={shop.data} />
      ) : shop.isError ? (
        <Trouble
          title="The server is away"
          detail="A new set-up needs it. Start the server, then try again."
          retry={() => void shop.refetch()}
        />
      ) : (
        <Loading what="the shop" />
      )}
    </View>
  );
}

const or = (what: string, things: readonly { id: string; name: string }[]) => [
  ...things.map(({ id, name }) => ({ value: id, label: name })),
  { value: NEW, label: what },
];

function Form({ shop }: { shop: Shop }) {
  const router = useRouter();
  const unit = useSettings((state) => state.units);
  const [ids] = useState(newIds);
  const [failure, setFailure] = useState<string | undefined>(undefined);
  const { control, handleSubmit, setError, formState } = useForm<SetupForm>({ defaultValues: emptyForm(shop, unit) });
  const chosen = useWatch({ control });
  const inUse = shop.gauges.filter(({ retiredOn }) => retiredOn === undefined);
  const machines = shop.machines.filter(({ retiredOn }) => retiredOn === undefined);
  const finders = inUse.filter(({ kind }) => ['edges', 'both'].includes(GAUGE_FACTS[kind].finds));
  const blocks = inUse.filter(({ kind }) => kind === 'block' || kind === 'touch-plate');

  const start = handleSubmit(async (form) => {
    setFailure(undefined);
    const read = readForm(form, shop, unit, ids);
    if (!read.ok) {
      for (const [field, message] of Object.entries(read.errors)) setError(field as keyof SetupForm, { message });
      return;
    }
    try {
      await storeSetup(read.made);
      await queryClient.invalidateQueries();
      router.replace(stationPath(read.made.setup.id, 'plan'));
    } catch (error) {
      setFailure(
        `${error instanceof Error ? error.message : 'It could not be stored.'} What you typed is still here; try again.`,
      );
    }
  });

  return (
    <>
      <ScrollView role="main" style={{ flex: 1 }} contentContainerStyle={{ padding: 16, gap: 18, maxWidth: 760 }}>
        <Words kind="sentence">
          Which machine, which part, and what to find its edges with? The rest is set in Plan.
        </Words>
        <TextIn control={control} name="name" label="Name of this set-up" />
        <Pick control={control} name="machineId" label="Machine" options={or('A new machine', machines)} />
        {chosen.machineId === NEW && (
          <>
            <TextIn control={control} name="machineName" label="Name of the machine" />
            <Pick
              control={control}
              name="machineKind"
              label="How it shows where it is"
              options={[
                { value: 'dials', label: 'Dials' },
                { value: 'readout', label: 'Readout' },
                { value: 'router', label: 'CNC router' },
                { value: 'machining-centre', label: 'Machining centre' },
              ]}
            />
            <TextIn control={control} name="machineStep" label={`Smallest step it shows, ${unit}`} />
          </>
        )}
        <Pick control={control} name="partId" label="Part" options={or('A new part', shop.parts)} />
        {chosen.partId === NEW && (
          <>
            <TextIn control={control} name="partName" label="Name of the part" />
            <View style={{ flexDirection: 'row', gap: 10 }}>
              <TextIn control={control} name="partX" label={`Length X, ${unit}`} />
              <TextIn control={control} name="partY" label={`Depth Y, ${unit}`} />
              <TextIn control={control} name="partZ" label={`Height Z, ${unit}`} />
            </View>
          </>
        )}
        <TextIn control={control} name="tolerance" label={`Tolerance on positions, ±, ${unit}`} />
        <Pick control={control} name="finderId" label="Edge finder" options={or('Another', finders)} />
        {chosen.finderId === NEW && (
          <>
            <Pick
              control={control}
              name="finderKind"
              label="Kind of finder"
              options={[
                { value: 'spring-finder', label: 'Spring finder' },
                { value: 'bearing-finder', label: 'Bearing finder' },
                { value: 'pin', label: 'Pin' },
                { value: 'probe', label: '3D probe' },
              ]}
            />
            <TextIn control={control} name="finderSize" label={`Diameter of its contact, ${unit}`} />
          </>
        )}
        <Pick control={control} name="blockId" label="Gauge for heights" options={or('Another block', blocks)} />
        {chosen.blockId === NEW && (
          <TextIn control={control} name="blockSize" label={`Thickness of the block, ${unit}`} />
        )}
      </ScrollView>
      <View style={{ padding: 12, paddingBottom: 12, gap: 8, maxWidth: 760 }}>
        {(failure ?? Object.keys(formState.errors).length > 0) && (
          <View role="alert">
            <Words tone="bad" style={{ fontWeight: '700' }}>
              {failure ?? 'Some fields need another look; each says what.'}
            </Words>
          </View>
        )}
        <MainAction label="Start" onPress={() => void start()} disabled={formState.isSubmitting} />
      </View>
    </>
  );
}

interface InputProps {
  control: Control<SetupForm>;
  name: keyof SetupForm;
  label: string;
}

function TextIn({ control, name, label }: InputProps) {
  const { palette } = useLook();
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState: { error } }) => (
        <View style={{ flex: 1, minWidth: 0, gap: 4 }}>
          <Words kind="note" tone="soft">
            {label}
          </Words>
          <TextInput
            ref={field.ref}
            aria-label={label}
            aria-invalid={error !== undefined}
            value={field.value}
            onChangeText={field.onChange}
            onBlur={field.onBlur}
            autoComplete="off"
            style={{
              minHeight: 48,
              borderWidth: 1.5,
              borderRadius: 8,
              borderColor: error ? palette.bad : palette.line,
              backgroundColor: palette.surface,
              paddingHorizontal: 12,
              fontFamily: SANS,
              fontSize: 18,
              color: palette.ink,
              minWidth: 0,
            }}
          />
          {error && (
            <Words kind="note" tone="bad" style={{ fontWeight: '700' }}>
              {error.message}
            </Words>
          )}
        </View>
      )}
    />
  );
}

function Pick({
  control,
  name,
  label,
  options,
}: InputProps & { options: readonly { value: string; label: string }[] }) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => <Choice label={label} value={field.value} onChange={field.onChange} options={options} />}
    />
  );
}
