import { repairFields } from '@zero-point/core/records/kinds/entryRepairFields';
import { isKindName, KINDS } from '@zero-point/core/records/kinds/kinds';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { takeNewer, useVersion } from '../api/offline';
import type { Refused, SetAside } from '../outbox/outbox';
import { useOutbox } from '../stores/outbox';
import { AppText } from '../theme/AppText';
import { lazyComponent } from '../layout/lazyComponent';
import { saveFile } from '../files/saveFile';

const MendDialog = lazyComponent(() => import('../dialogs/EntryRepairDialog'));
const ConflictDialog = lazyComponent(() => import('../dialogs/ConflictDialog'));

/** What was refused, what could not be read, and a server of another version, each with what can be done. */
export default function OutboxTroubles() {
  const { refused, aside } = useOutbox();
  const other = useVersion((state) => state.other);
  return (
    <>
      {other && (
        <Line say="The server and this page have different versions. Your log is safe.">
          <Button mode="outlined" onPress={() => void takeNewer()}>
            Take the server’s version
          </Button>
        </Line>
      )}
      {refused.map((one) => (
        <RefusedLine key={one.key} refused={one} />
      ))}
      {aside.length > 0 && <AsideLine aside={aside} />}
    </>
  );
}

const titleOf = ({ entry: { kind } }: Refused): string => (isKindName(kind) ? KINDS[kind].title : 'entry');

/** What a refused entry says, as it was typed where it was: `entry “-5.012”`. */
function valueOf({ entry }: Refused): string {
  const { body } = entry as { body: { source?: { text?: string }; name?: string; value?: number } };
  const value = body.source?.text ?? body.name ?? body.value;
  const title = titleOf({ entry } as Refused);
  return value === undefined ? title : `${title} “${value}”`;
}

const saveRefused = ({ entry, reason }: Refused) =>
  saveFile(`${JSON.stringify({ entry, reason }, null, 2)}\n`, 'application/json', 'zero-point-not-stored.json');

/** What the server would not take; of two versions of a thing, both to choose from. */
function RefusedLine({ refused }: { refused: Refused }) {
  const { dismiss, again, keepMine } = useOutbox();
  const [open, setOpen] = useState(false);
  const { key, reason, current } = refused;
  if (!current) {
    return (
      <Line say={`Not stored: ${valueOf(refused)}. ${reason}`}>
        {repairFields(refused.entry, refused.errors).length > 0 && (
          <Button mode="outlined" onPress={() => setOpen(true)}>
            Correct it
          </Button>
        )}
        <Button mode="outlined" onPress={() => again(key)}>
          Send again
        </Button>
        <Button mode="outlined" onPress={() => saveRefused(refused)}>
          Save to a file
        </Button>
        <Button onPress={() => dismiss(key)}>Discard it</Button>
        {open && (
          <MendDialog
            what={valueOf(refused)}
            refused={refused}
            onMended={(entry) => again(key, entry)}
            onLeave={() => setOpen(false)}
          />
        )}
      </Line>
    );
  }
  return (
    <Line say={`Two devices changed the ${titleOf(refused)}. Both versions are kept. Which one do you want to use?`}>
      <Button mode="outlined" onPress={() => setOpen(true)}>
        See both
      </Button>
      {open && (
        <ConflictDialog
          title={titleOf(refused)}
          refused={refused}
          onMine={() => keepMine(refused)}
          onTheirs={() => dismiss(key)}
          onLeave={() => setOpen(false)}
        />
      )}
    </Line>
  );
}

function AsideLine({ aside }: { aside: readonly SetAside[] }) {
  const { dismiss } = useOutbox();
  const one = aside.length === 1;
  const save = () => {
    const text = `${JSON.stringify(
      aside.map(({ text: kept, reason }) => ({ kept, reason })),
      null,
      2,
    )}\n`;
    saveFile(text, 'application/json', 'zero-point-set-aside.json');
    for (const { key } of aside) dismiss(key);
  };
  return (
    <Line
      say={`${one ? '1 entry' : `${aside.length} entries`} stored on this device could not be read, ${one ? 'and was' : 'and were'} set aside. Save ${one ? 'it' : 'them'} to a file; everything else works.`}
    >
      <Button mode="outlined" onPress={save}>
        Save to a file
      </Button>
    </Line>
  );
}

const Line = ({ say, children }: { say: string; children: ReactNode }) => (
  <View role="alert" style={styles.line}>
    <AppText kind="note" tone="bad" style={styles.say}>
      {say}
    </AppText>
    {children}
  </View>
);

const styles = StyleSheet.create({
  line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  say: { flex: 1, minWidth: 200 },
});
