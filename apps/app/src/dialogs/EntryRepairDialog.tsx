import { mended } from '@zero-point/core/records/kinds/entryRepair';
import { repairFields, type RepairField } from '@zero-point/core/records/kinds/entryRepairFields';
import type { Entry } from '@zero-point/core/records/kinds/entry';
import { DOCUMENT_KINDS, type DocumentName } from '@zero-point/core/records/kinds/kinds';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { Refusal } from '@zero-point/core/problem/problem';
import { capitalize } from '@zero-point/core/messages/basis/grammar';
import { fieldWords } from '@zero-point/core/messages/basis/documentDiff';
import { useState } from 'react';
import { ScrollView, StyleSheet, useWindowDimensions, View } from 'react-native';
import { Button, HelperText, TextInput } from 'react-native-paper';
import { uuidv7 } from 'uuidv7';
import { useShop, type Shop } from '../api/queries';
import { queryClient, setupKey } from '../api/queryClient';
import type { Refused } from '../outbox/outbox';
import { AppText } from '../theme/AppText';
import { PageDialog } from './PageDialog';
import { Choice } from '../controls/Choice';

interface MendDialogProps {
  /** What was refused, as it goes in a sentence: `reading “-5.012”`. */
  what: string;
  refused: Refused;
  onMended: (entry: Entry) => void;
  onLeave: () => void;
}

/** What the dialog needs beside its fields, and the least that is left for those, px: a shop has many gauges. */
const ROUND = 380;
const LEAST = 160;

/** The shop's things of a kind, by name; while it cannot be asked, those the setup shows. */
function useThings(kind: DocumentName, setupId: string): { value: string; label: string }[] {
  const { data: shop } = useShop();
  const { collection, field } = DOCUMENT_KINDS[kind];
  const known = shop
    ? shop[collection as keyof Shop]
    : queryClient.getQueryData<Snapshot>(setupKey(setupId))?.[field as keyof Snapshot];
  const things = (Array.isArray(known) ? known : []) as { id: string; name: string }[];
  return things.map(({ id, name }) => ({ value: id, label: name }));
}

/** A refused entry put right in its place: the fields that were named, and the figure as it was typed. */
export default function EntryRepairDialog({ what, refused, onMended, onLeave }: MendDialogProps) {
  // What is typed comes before what is chosen from many.
  const fields = repairFields(refused.entry, refused.errors).sort(
    (a, b) => Number(a.as === 'thing') - Number(b.as === 'thing'),
  );
  const { height } = useWindowDimensions();
  const [texts, setTexts] = useState<Readonly<Record<string, string>>>({});
  const [wrong, setWrong] = useState<Refusal>();
  const type = (field: string, text: string) => {
    setTexts((all) => ({ ...all, [field]: text }));
    setWrong(undefined);
  };
  const send = () => {
    try {
      onMended(mended(refused.entry, fields, texts, uuidv7()));
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      setWrong(error);
    }
  };
  return (
    <PageDialog title="Correct it" leave="Leave it" onLeave={onLeave}>
      <AppText>{`${capitalize(what)} was not stored. ${refused.reason}`}</AppText>
      <ScrollView style={{ maxHeight: Math.max(LEAST, height - ROUND) }} contentContainerStyle={styles.fields}>
        {fields.map((field) => (
          <OneField
            key={field.field}
            field={field}
            setupId={refused.entry.setupId}
            text={texts[field.field] ?? field.text}
            wrong={wrong?.field === field.field ? wrong.message : undefined}
            onType={(text) => type(field.field, text)}
          />
        ))}
      </ScrollView>
      {wrong && !fields.some(({ field }) => field === wrong.field) && (
        <View role="alert">
          <AppText tone="bad">{`${fieldWords(wrong.field)}: ${wrong.message}`}</AppText>
        </View>
      )}
      <Button mode="contained" onPress={send}>
        Send it so
      </Button>
    </PageDialog>
  );
}

interface OneFieldProps {
  field: RepairField;
  /** Whose the entry is. */
  setupId: string;
  text: string;
  wrong: string | undefined;
  onType: (text: string) => void;
}

function OneField({ field, setupId, text, wrong, onType }: OneFieldProps) {
  const label = field.as === 'length' ? `${fieldWords(field.field)}, ${field.unit}` : fieldWords(field.field);
  if (field.as === 'thing')
    return <Thing label={label} kind={field.kind} setupId={setupId} value={text} onChange={onType} />;
  return (
    <View>
      <TextInput
        mode="outlined"
        label={label}
        accessibilityLabel={label}
        value={text}
        error={wrong !== undefined}
        onChangeText={onType}
      />
      {wrong !== undefined && <HelperText type="error">{wrong}</HelperText>}
    </View>
  );
}

interface ThingProps {
  label: string;
  kind: DocumentName;
  setupId: string;
  value: string;
  onChange: (id: string) => void;
}

function Thing({ label, kind, setupId, value, onChange }: ThingProps) {
  return <Choice label={label} options={useThings(kind, setupId)} value={value} onChange={onChange} />;
}

const styles = StyleSheet.create({ fields: { gap: 12, paddingTop: 6 } });
