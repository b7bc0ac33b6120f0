import { useState } from 'react';
import { ScrollView, StyleSheet } from 'react-native';
import { useNotices, type Notice } from '../../../api/notices';
import { PageDialog } from '../../../dialogs/PageDialog';
import { Fold } from '../../../answer/Fold';
import { Loading, TroubleNotice } from '../../../layout/States';
import { Table, type Column } from '../../../layout/Table';
import { AppText } from '../../../theme/AppText';

const COLUMNS: Column<Notice>[] = [
  { title: 'What', flex: 2.2, text: ({ name }) => name, soft: true },
  { title: 'Version', flex: 1.1, text: ({ version }) => version, soft: true },
  { title: 'Licence', flex: 1.2, text: ({ licence }) => licence, soft: true },
];

/** What others made that the app is built from, each with its licence. */
export const MadeWith = () => (
  <Fold title="Open-source licences">
    <Notices />
  </Fold>
);

function Notices() {
  const { data, isPending, refetch } = useNotices();
  const [read, setRead] = useState<Notice>();
  if (isPending) return <Loading what="the list" />;
  if (!data)
    return <TroubleNotice title="The list is not here." detail="It comes with the app." retry={() => void refetch()} />;
  const text = read?.text == null ? undefined : data.texts[read.text];
  return (
    <>
      <AppText tone="soft">{`${data.packages.length} in all. Choose one to read its licence.`}</AppText>
      <Table
        label="Open-source licences"
        rows={data.packages}
        columns={COLUMNS}
        keyOf={({ name, version }) => `${name} ${version}`}
        onPress={setRead}
      />
      {read && (
        <PageDialog title={`${read.name} ${read.version}`.trim()} leave="Close" onLeave={() => setRead(undefined)}>
          <AppText>{`${read.licence}${read.by === undefined ? '' : `, by ${read.by}`}`}</AppText>
          <ScrollView style={styles.text}>
            <AppText kind="note">{text ?? 'It names its licence but includes no text.'}</AppText>
          </ScrollView>
        </PageDialog>
      )}
    </>
  );
}

const styles = StyleSheet.create({ text: { maxHeight: 320 } });
