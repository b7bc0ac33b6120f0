import { lazyComponent } from '../layout/lazyComponent';
import { zodResolver } from '@hookform/resolvers/zod';
import { addressWords, linkForm, type LinkAddress } from '@zero-point/core/link/address';
import { linkNoteText, linkText } from '@zero-point/core/link/linkMessages';
import type { Axis } from '@zero-point/core/schema/quantities';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useState } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import type { z } from 'zod';
import { saveLink, useLink } from '../api/links';
import { Choice } from '../controls/Choice';
import { FieldBox } from '../keypad/FieldBox';
import { Figure, AppText } from '../theme/AppText';

const StandInDialog = lazyComponent(() => import('./SimulatedDeviceDialog'));

const AXES: readonly Axis[] = ['x', 'y', 'z'];
const SPEEDS = ['9600', '19200', '38400', '57600', '115200'] as const;

/** A machine's link: where its DRO or control is found, how that stands, and what it shows. */
export function MachineLink({ machineId, unit }: { machineId: string; unit: LengthUnit }) {
  const view = useLink(machineId);
  const [asking, setAsking] = useState(false);
  const [moving, setMoving] = useState(false);
  const [wrong, setWrong] = useState<string | undefined>(undefined);
  const save = async (address: LinkAddress | null) => {
    try {
      await saveLink(machineId, address);
      setWrong(undefined);
      setAsking(false);
    } catch (error) {
      setWrong(error instanceof Error ? error.message : 'It could not be stored. Try again.');
    }
  };
  return (
    <View style={styles.link}>
      {view ? (
        <>
          <AppText tone={view.state === 'live' ? 'good' : 'warn'} live>
            {`${view.state === 'live' ? '✓ ' : '▲ '}${linkText(view)}`}
          </AppText>
          <View style={styles.row}>
            {AXES.map((axis) => {
              const mm = view.state === 'live' ? view.position?.at[axis] : undefined;
              return (
                <Figure key={axis} size={20} tone={mm === undefined ? 'soft' : 'ink'}>
                  {`${axis.toUpperCase()} ${mm === undefined ? '–' : formatLength(mm, { unit, plus: true })} ${unit}`}
                </Figure>
              );
            })}
          </View>
          {view.notes.map((note) => (
            <AppText key={`${note.code}${'axis' in note ? note.axis : ''}`} kind="note" tone="warn">
              {linkNoteText(note, unit)}
            </AppText>
          ))}
          <AppText kind="note" tone="soft">
            {`Over ${addressWords(view.address)}. Reading fields for this machine show its live figure. Nothing is stored until you log it.`}
          </AppText>
        </>
      ) : (
        <AppText>
          No link. A DRO or control can send its figures over the network or a serial port. Then you need not type them.
          See docs/link.md.
        </AppText>
      )}
      <View style={styles.row}>
        <Button mode="outlined" onPress={() => setAsking(!asking)}>
          {view ? 'Change the address' : 'Link it'}
        </Button>
        {view?.hello?.standIn === true && (
          <Button mode="outlined" onPress={() => setMoving(true)}>
            Turn its handwheels
          </Button>
        )}
        {view && (
          <Button mode="text" onPress={() => void save(null)}>
            Remove the link
          </Button>
        )}
      </View>
      {asking && <AddressForm onSave={save} />}
      {wrong !== undefined && (
        <View role="alert">
          <AppText tone="bad">{wrong}</AppText>
        </View>
      )}
      {moving && view && <StandInDialog view={view} unit={unit} onLeave={() => setMoving(false)} />}
    </View>
  );
}

function AddressForm({ onSave }: { onSave: (address: LinkAddress) => Promise<void> }) {
  const { control, handleSubmit, setValue } = useForm<z.input<typeof linkForm>, unknown, LinkAddress>({
    resolver: zodResolver(linkForm),
    defaultValues: { over: 'tcp', at: '', baud: '9600' },
  });
  const { over, baud } = useWatch({ control });
  const submit = () => void handleSubmit(onSave)();
  return (
    <View style={styles.link}>
      <Choice
        label="Connection"
        value={over ?? 'tcp'}
        options={[
          { value: 'tcp', label: 'The network' },
          { value: 'serial', label: 'A serial port' },
        ]}
        onChange={(next) => setValue('over', next)}
      />
      <Controller
        control={control}
        name="at"
        render={({ field, fieldState }) => (
          <FieldBox
            label={over === 'serial' ? 'Port' : 'Address'}
            hint={over === 'serial' ? 'As /dev/ttyUSB0.' : 'With its port: 192.168.1.30:4750.'}
            value={field.value}
            onChange={field.onChange}
            onBlur={field.onBlur}
            onSubmit={submit}
            error={fieldState.error?.message}
          />
        )}
      />
      {over === 'serial' && (
        <Choice
          label="Speed, baud"
          value={SPEEDS.find((one) => one === baud) ?? '9600'}
          options={SPEEDS.map((value) => ({ value, label: value }))}
          onChange={(next) => setValue('baud', next)}
        />
      )}
      <Button mode="contained" onPress={submit} style={styles.save}>
        Connect
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  link: { gap: 10 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  save: { alignSelf: 'flex-start' },
});
