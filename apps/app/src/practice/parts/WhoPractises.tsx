import { zodResolver } from '@hookform/resolvers/zod';
import { name } from '@zero-point/core/schema/quantities';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { z } from 'zod';
import { PageDialog } from '../../dialogs/PageDialog';
import { Choice } from '../../controls/Choice';
import { FieldBox } from '../../keypad/FieldBox';
import { usePractised } from '../../stores/practised';
import { AppText } from '../../theme/AppText';

/** Who is practising here: what is told of lessons and slips is that person's. */
export function WhoPractises() {
  const people = usePractised((state) => state.people);
  const person = usePractised((state) => state.person);
  const [asking, setAsking] = useState<'add' | 'forget'>();
  const leave = () => setAsking(undefined);
  const { choose, add, forget } = usePractised.getState();
  return (
    <View style={styles.who}>
      {people.length > 0 && (
        <Choice
          label="Who is practising"
          value={person}
          options={[{ value: '', label: 'No name' }, ...people.map((one) => ({ value: one, label: one }))]}
          onChange={choose}
        />
      )}
      <View style={styles.row}>
        <Button mode="text" compact onPress={() => setAsking('add')}>
          {people.length === 0 ? 'Practise under a name' : 'Somebody else'}
        </Button>
        {person !== '' && (
          <Button mode="text" compact onPress={() => setAsking('forget')}>
            {`Forget ${person}`}
          </Button>
        )}
      </View>
      {asking === 'add' && (
        <PageDialog title="Who is practising?" leave="Leave it" onLeave={leave}>
          <NameForm
            onSay={(one) => {
              add(one);
              leave();
            }}
          />
        </PageDialog>
      )}
      {asking === 'forget' && (
        <PageDialog title={`Forget ${person}?`} leave="Keep it" onLeave={leave}>
          <AppText>How {person}’s lesson results are removed from this device. Nothing else changes.</AppText>
          <Button
            mode="contained"
            onPress={() => {
              forget(person);
              leave();
            }}
          >
            Remove the name
          </Button>
        </PageDialog>
      )}
    </View>
  );
}

const form = z.object({ name });

function NameForm({ onSay }: { onSay: (name: string) => void }) {
  const { control, handleSubmit } = useForm<z.input<typeof form>, unknown, z.output<typeof form>>({
    resolver: zodResolver(form),
    defaultValues: { name: '' },
  });
  const submit = () => void handleSubmit((said) => onSay(said.name))();
  return (
    <>
      <Controller
        control={control}
        name="name"
        render={({ field, fieldState }) => (
          <FieldBox
            words
            label="Name"
            hint="Stored on this device only."
            value={field.value}
            onChange={field.onChange}
            onBlur={field.onBlur}
            onSubmit={submit}
            error={fieldState.error?.message}
          />
        )}
      />
      <Button mode="contained" onPress={submit}>
        Practise under this name
      </Button>
    </>
  );
}

const styles = StyleSheet.create({
  who: { gap: 4 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
