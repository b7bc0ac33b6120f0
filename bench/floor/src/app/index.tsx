import { useState } from 'react';
import { Appbar, Button, Card, Dialog, List, Portal, Text, TextInput } from 'react-native-paper';
import Svg, { Circle } from 'react-native-svg';

/** The least a bench of this stack can be: the same Paper controls, one drawing, and nothing behind them. */
export default function Index() {
  const [shown, setShown] = useState(false);
  const [text, setText] = useState('');
  return (
    <>
      <Appbar.Header>
        <Appbar.Content title="Floor" />
      </Appbar.Header>
      <Card>
        <Card.Content>
          <Text>Card</Text>
          <Svg width={24} height={24}>
            <Circle cx={12} cy={12} r={10} />
          </Svg>
        </Card.Content>
      </Card>
      <List.Accordion title="More">
        <List.Item title="Item" />
      </List.Accordion>
      <TextInput mode="outlined" value={text} onChangeText={setText} />
      <Button mode="contained" onPress={() => setShown(true)}>
        Tap
      </Button>
      <Portal>
        <Dialog visible={shown} onDismiss={() => setShown(false)}>
          <Dialog.Title>Dialog</Dialog.Title>
          <Dialog.Actions>
            <Button onPress={() => setShown(false)}>Close</Button>
          </Dialog.Actions>
        </Dialog>
      </Portal>
    </>
  );
}
