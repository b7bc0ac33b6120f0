import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Menu } from 'react-native-paper';

interface Thing {
  id: string;
  name: string;
}

interface FromTrayProps {
  /** Where it goes, and in short. */
  label: string;
  short: string;
  things: readonly Thing[];
  chosen: Thing | undefined;
  onChoose: (id: string | undefined) => void;
}

/** What is taken from the tray, or put back. */
export function FromTray({ label, short, things, chosen, onChoose }: FromTrayProps) {
  const [open, setOpen] = useState(false);
  const choose = (id: string | undefined) => {
    setOpen(false);
    onChoose(id);
  };
  // The same button as long as it says the same: for another one a menu that opens would take its place and the focus again.
  const said = chosen?.name ?? short;
  const called = `${label}: ${chosen?.name ?? 'nothing'}`;
  const button = useMemo(
    () => (
      <Button mode="outlined" compact icon="chevron-down" onPress={() => setOpen(true)} accessibilityLabel={called}>
        {said}
      </Button>
    ),
    [said, called],
  );
  // Mounted while it is open alone: a menu that is still fading out does not open again.
  return (
    <View style={styles.place}>
      {open ? (
        <Menu visible onDismiss={() => setOpen(false)} anchorPosition="top" anchor={button}>
          <Menu.Item title="Nothing" onPress={() => choose(undefined)} />
          {things.map(({ id, name }) => (
            <Menu.Item key={id} title={name} onPress={() => choose(id)} />
          ))}
        </Menu>
      ) : (
        button
      )}
    </View>
  );
}

const styles = StyleSheet.create({ place: { flex: 1, minWidth: 0 } });
